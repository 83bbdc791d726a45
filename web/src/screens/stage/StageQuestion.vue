<script setup lang="ts">
import { computed } from 'vue';
import type { Devices, PublicQuestion, TeamView } from '@distaff/core';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import ReadAloud from '../../design/media/ReadAloud.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import { useVerdict, verdictIcon } from '../../design/verdict.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import StageAnswer from './StageAnswer.vue';

const { question, teams, handsets } = defineProps<{
  question: PublicQuestion;
  teams: readonly TeamView[];
  handsets: Devices['mode'];
  now: number;
  /** Whether it may be answered by touching the stage. */
  canAnswer?: boolean;
}>();
const emit = defineEmits<{ answer: [answer: object] }>();
const { t } = useI18n();
const { points, change } = useFormat();
const { told: toldVerdict } = useVerdict();

const team = (id: string | null) => teams.find((one) => one.id === id);
const label = computed(() =>
  question.label || question.number === null
    ? question.label
    : question.of === null
      ? t('common.questionNumber', { n: question.number })
      : t('common.questionOf', { n: question.number, of: question.of }),
);
/** Who may answer, where it is no single team. */
const who = computed(() =>
  question.mode === 'everyone' ? t('stage.everyone') : question.floor === null ? t('stage.buzz') : '',
);
const buzzed = computed(() => {
  const { buzz } = question;
  if (!buzz || buzz.team !== question.floor) return '';
  const first = team(buzz.team)?.name ?? '';
  return t(buzz.drawn ? 'stage.buzzDrawn' : 'stage.buzzFirst', { team: first });
});
/** So many gains are named; more are counted. */
const NAMED = 6;
const floor = computed(() => team(question.floor));
const size = computed(() => {
  const length = question.prompt?.length ?? 0;
  return length < 70 ? 'short' : length < 150 ? 'middle' : 'long';
});
/** Whether a bar tells who picked it. */
const onBars = computed(() => question.control?.type === 'one' || question.control?.type === 'many');
/** Tries that are not told by a bar: typed and said ones, and what a ruling said of any. */
const told = computed(() =>
  question.tries.filter((one) => one.verdict !== null || (one.answer && !onBars.value)),
);
const state = computed(() => {
  if (question.step !== 'locked' && question.step !== 'answers') return '';
  const by = { time: 'stage.timeUp', all: 'stage.lockedAll', host: 'stage.locked' } as const;
  return question.lockedBy ? t(by[question.lockedBy]) : '';
});
/** The picture of the answer takes the place of the one of the question. */
const media = computed(() => {
  const { key, picture, sound, video } = question;
  if (key?.picture) return { picture: key.picture, sound: null, video: null };
  return picture || sound || video ? { picture, sound, video } : null;
});
const isCard = computed(() => question.kind === 'card');
const gains = computed(() =>
  (question.result ?? []).filter((one) => one.amount !== 0).sort((a, b) => b.amount - a.amount),
);
</script>

<template>
  <section class="question">
    <p class="place">
      <span class="label clip">{{ label }}</span>
      <span v-if="question.keyed && question.points !== 0" class="mono value">{{
        points(question.points)
      }}</span>
      <span v-if="floor" class="floor"><WeaveSwatch :weave="floor.weave" /> {{ floor.name }}</span>
      <span v-else class="floor">{{ who }}</span>
    </p>
    <p v-if="question.prompt === null" class="ready">{{ t('stage.comesUp') }}</p>
    <template v-else>
      <RichText class="prompt" :class="size" :text="question.prompt" />
      <ReadAloud class="read" :question="question" />
    </template>

    <div class="middle-part" :class="{ beside: media?.picture || media?.video, alone: !question.control }">
      <StageAnswer
        v-if="question.control"
        class="answer"
        :question="question"
        :teams="teams"
        :handsets="handsets"
        :can-answer="canAnswer ?? false"
        @answer="emit('answer', $event)"
      />
      <QuestionMedia v-if="media" class="media" :media="media" />
    </div>

    <RichText v-if="question.key?.explanation" class="explanation" :text="question.key.explanation" />
    <p v-if="question.key?.credit" class="state">{{ t('stage.credit', { text: question.key.credit }) }}</p>
    <p v-if="isCard && question.step === 'posed'" class="state">{{ t('stage.justRead') }}</p>
    <blockquote v-if="question.onStage" class="shown">
      {{ question.onStage.answer.text }}
      <footer>
        <WeaveSwatch v-if="team(question.onStage.team)" :weave="team(question.onStage.team)!.weave" />
        {{ question.onStage.player || team(question.onStage.team)?.name }}
      </footer>
    </blockquote>
    <p v-if="buzzed" class="state">{{ buzzed }}</p>
    <ul v-if="told.length" class="tries">
      <li v-for="(one, i) in told" :key="i" :class="one.verdict ?? 'open'">
        <WeaveSwatch v-if="team(one.team)" :weave="team(one.team)!.weave" /> {{ team(one.team)?.name }}
        <q v-if="one.answer && !onBars">{{ one.answer.text }}</q>
        <template v-if="one.verdict"
          ><v-icon :icon="verdictIcon[one.verdict]" size="1em" />
          {{ toldVerdict(one.verdict, one.share) }}</template
        >
      </li>
    </ul>
    <p v-if="question.result && question.keyed" class="result">
      <template v-if="gains.length">
        <span v-for="one in gains.slice(0, NAMED)" :key="one.team">{{
          t('stage.gets', { team: team(one.team)?.name ?? '', amount: change(one.amount) })
        }}</span>
        <span v-if="gains.length > NAMED">{{ t('stage.andMore', { n: gains.length - NAMED }) }}</span>
      </template>
      <span v-else-if="question.points !== 0">{{ t('stage.nobody') }}</span>
    </p>
    <p v-if="state" class="state">
      {{ state }}
      <template v-if="question.mode === 'everyone' && question.answers !== null">{{
        t('stage.answers', question.answers, { named: { n: question.answers } })
      }}</template>
    </p>
    <ClockThread
      v-if="question.step === 'open'"
      class="clock"
      :clock="question.clock"
      :limit="question.limit"
      :now="now"
    />
  </section>
</template>

<style scoped>
.question {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(1.8 * var(--u));
}
p {
  margin: 0;
}
.place {
  display: flex;
  align-items: center;
  gap: calc(1.6 * var(--u));
  font-size: calc(3.2 * var(--u));
}
.label {
  color: var(--dim);
}
.value {
  color: var(--accent);
  font-weight: 700;
}
.floor {
  margin-left: auto;
  padding: 0.15em 0.6em;
  background: var(--panel);
  border-radius: 0.3em;
}
.prompt {
  font-weight: 700;
  line-height: 1.16;
  text-wrap: balance;
}
.short {
  font-size: calc(7 * var(--u));
}
.middle {
  font-size: calc(5.4 * var(--u));
}
.long {
  font-size: calc(3.9 * var(--u));
}
.ready {
  flex: 1;
  display: grid;
  place-content: center;
  font-family: var(--display);
  font-weight: 700;
  font-size: calc(9 * var(--u));
}
.read {
  font-size: calc(3 * var(--u));
}
.middle-part {
  flex: 0 1 auto;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
/* A picture stands beside what is to choose, or has the whole place while there is nothing yet. */
.middle-part.beside {
  flex: 1 1 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 42%);
  grid-template-rows: minmax(0, 1fr);
  gap: calc(3 * var(--u));
}
.middle-part.alone.beside {
  grid-template-columns: minmax(0, 1fr);
}
.answer {
  min-height: 0;
}
.media {
  --thanks: calc(1.9 * var(--u));
  font-size: calc(3 * var(--u));
  justify-content: center;
}
.explanation {
  font-size: calc(3.4 * var(--u));
}
.tries {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: calc(1 * var(--u)) calc(2 * var(--u));
  font-size: calc(3 * var(--u));
}
.tries li {
  padding: 0.15em 0.5em;
  border: 2px solid var(--dim);
  border-radius: 0.3em;
}
.tries .wrong,
.tries .none {
  border-style: dashed;
  color: var(--dim);
}
.result {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2em 1em;
  font-family: var(--display);
  font-weight: 700;
  font-size: calc(5 * var(--u));
  color: var(--accent);
}
.shown {
  margin: 0;
  padding: 0.3em 0.6em;
  border-left: calc(0.8 * var(--u)) solid var(--accent);
  font-size: calc(5 * var(--u));
  font-weight: 700;
}
.shown footer {
  font-size: calc(2.6 * var(--u));
  font-weight: 400;
  color: var(--dim);
}
.state {
  color: var(--dim);
  font-size: calc(3 * var(--u));
}
.clock {
  margin-top: auto;
  font-size: calc(4 * var(--u));
}
</style>
