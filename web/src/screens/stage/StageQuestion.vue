<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Devices } from '@distaff/core/show';
import type { PublicQuestion, SurveyLive, TeamView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import ReadAloud from '../../design/media/ReadAloud.vue';
import GivenAnswer from '../../design/rich/GivenAnswer.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import { usePlace } from '../../design/usePlace.ts';
import { useFit } from '../../design/useFit.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import StageAdvice from './StageAdvice.vue';
import StageAnswer from './StageAnswer.vue';
import StagePoll from './StagePoll.vue';
import StageResult from './StageResult.vue';
import StageTries from './StageTries.vue';

const {
  question,
  teams,
  handsets,
  live = null,
} = defineProps<{
  question: PublicQuestion;
  teams: readonly TeamView[];
  handsets: Devices['mode'];
  now: number;
  /** Whether it may be answered by touching the stage. */
  canAnswer?: boolean;
  /** What is seen of a survey while answers come in. */
  live?: SurveyLive | null;
}>();
const emit = defineEmits<{ answer: [answer: object] }>();
const { t } = useI18n();
const { points } = useFormat();

const team = (id: string | null) => teams.find((one) => one.id === id);
const placeOf = usePlace();
const label = computed(() => placeOf(question));
/** Who may answer, where it is no single team. */
const who = computed(() =>
  question.mode === 'everyone' ? t('stage.everyone') : question.floor === null ? t('stage.buzz') : '',
);
/** What came out: with every answer where the round shows it so, else once it is shown. */
const outcome = computed(() => question.poll?.outcome ?? live?.outcome ?? null);
const buzzed = computed(() => {
  const { buzz } = question;
  if (!buzz || buzz.team !== question.floor) return '';
  const first = team(buzz.team)?.name ?? '';
  return t(buzz.drawn ? 'stage.buzzDrawn' : 'stage.buzzFirst', { team: first });
});
const floor = computed(() => team(question.floor));
const lang = computed(() => question.language || undefined);
const size = computed(() => {
  const length = question.prompt?.length ?? 0;
  return length < 70 ? 'short' : length < 150 ? 'middle' : 'long';
});
const state = computed(() => {
  if (question.step !== 'locked' && question.step !== 'answers') return '';
  const all = question.mode === 'everyone' ? 'stage.lockedEveryone' : 'stage.lockedAll';
  const by = { time: 'stage.timeUp', all, host: 'stage.locked' } as const;
  return question.lockedBy ? t(by[question.lockedBy]) : '';
});
/** The picture of the answer takes the place of the one of the question. */
const media = computed(() => {
  const { key, picture, sound, video } = question;
  if (key?.picture) return { picture: key.picture, sound: null, video: null };
  return picture || sound || video ? { picture, sound, video } : null;
});
const box = ref<HTMLElement | null>(null);
useFit(box, () => question, [1, 0.93, 0.86, 0.74, 0.64, 0.55, 0.47, 0.4, 0.34, 0.29]);
const isCard = computed(() => question.kind === 'card');
</script>

<template>
  <section ref="box" class="question">
    <p class="place">
      <span class="label clip">{{ label }}</span>
      <span v-if="question.keyed && question.points !== 0" class="mono value">{{
        points(question.points)
      }}</span>
      <span v-if="question.poll?.anonymous" class="floor">{{ t('common.poll.noNames') }}</span>
      <span v-else-if="floor" class="floor"><WeaveSwatch :weave="floor.weave" /> {{ floor.name }}</span>
      <span v-else class="floor">{{ who }}</span>
    </p>
    <p v-if="question.prompt === null" class="ready">{{ t('stage.comesUp') }}</p>
    <template v-else>
      <RichText class="prompt" :class="size" :lang="lang" :text="question.prompt" />
      <ReadAloud class="read" :question="question" />
    </template>

    <div
      class="middle-part"
      :lang="lang"
      :class="{ beside: media?.picture || media?.video, alone: !question.control }"
    >
      <StageAnswer
        v-if="question.control"
        class="answer"
        :question="question"
        :teams="teams"
        :handsets="handsets"
        :can-answer="canAnswer ?? false"
        :outcome="outcome"
        @answer="emit('answer', $event)"
      />
      <QuestionMedia v-if="media" class="media" :media="media" />
    </div>

    <RichText
      v-if="question.key?.explanation"
      class="explanation"
      :lang="lang"
      :text="question.key.explanation"
    />
    <p v-if="question.key?.credit" class="state source">
      {{ t('stage.credit', { text: question.key.credit }) }}
    </p>
    <p v-if="isCard && question.step === 'posed'" class="state">{{ t('stage.justRead') }}</p>
    <blockquote v-if="question.onStage" class="shown">
      <GivenAnswer :text="question.onStage.answer.text" :control="question.control?.type ?? null" />
      <footer>
        <WeaveSwatch v-if="team(question.onStage.team)" :weave="team(question.onStage.team)!.weave" />
        {{ question.onStage.player || team(question.onStage.team)?.name }}
      </footer>
    </blockquote>
    <StageAdvice
      v-if="question.advice.length > 0 && question.step === 'open'"
      :question="question"
      :now="now"
      :team="floor?.name ?? ''"
      :handsets="handsets !== 'none'"
    />
    <StagePoll class="state" :question="question" :live="live" />
    <p v-if="buzzed" class="state">{{ buzzed }}</p>
    <StageTries class="tries" :question="question" :teams="teams" />
    <StageResult
      v-if="question.result && question.keyed"
      class="result"
      :question="question"
      :teams="teams"
    />
    <p v-if="state" class="state">
      {{ state }}
      <template v-if="question.mode === 'everyone' && question.answers !== null">{{
        t('stage.answers', question.answers, { named: { n: question.answers } })
      }}</template>
    </p>
    <ClockThread
      v-if="question.step === 'open'"
      class="clock"
      shuttle
      :clock="question.clock"
      :limit="question.limit"
      :now="now"
    />
  </section>
</template>

<style scoped>
/* Nothing is squeezed: what does not fit gives way level by level (useFit), prompt and key last of all. */
.question {
  height: 100%;
  overflow: hidden;
  display: flex;
  flex-direction: column;
  gap: calc(1.8 * var(--u) * var(--fit, 1));
}
.question > * {
  flex: none;
}
p {
  margin: 0;
}
.place {
  display: flex;
  align-items: center;
  gap: calc(1.6 * var(--u));
  font-size: calc(3.2 * var(--u) * max(var(--fit, 1), 0.7));
}
.label {
  color: var(--dim);
}
.value {
  color: var(--accent);
  font-weight: 700;
}
.floor {
  margin-inline-start: auto;
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
  font-size: calc(7 * var(--u) * var(--fit, 1));
}
.middle {
  font-size: calc(5.4 * var(--u) * var(--fit, 1));
}
.long {
  font-size: calc(3.9 * var(--u) * max(var(--fit, 1), 0.5));
  line-height: 1.2;
}
.question .ready {
  flex: 1;
  display: grid;
  place-content: center;
  font-family: var(--display);
  font-weight: 700;
  font-size: calc(9 * var(--u));
}
.read {
  font-size: calc(3 * var(--u) * var(--fit, 1));
}
.middle-part {
  display: flex;
  flex-direction: column;
}
/* A picture stands beside what is to choose, or has the whole place while there is nothing yet. */
.question .middle-part.beside {
  flex: 1 0 auto;
  min-height: calc(24 * var(--u) * var(--fit, 1));
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 42%);
  gap: calc(3 * var(--u));
}
.middle-part.alone.beside {
  grid-template-columns: minmax(0, 1fr);
}
.media {
  --thanks: calc(1.9 * var(--u));
  font-size: calc(3 * var(--u));
  justify-content: center;
  min-height: 0;
}
/* What is answered by touch scrolls by itself. */
.question .middle-part:has(.pad) {
  flex: 1 1 0;
  min-height: calc(42 * var(--u));
  grid-template-rows: minmax(0, 1fr);
}
/* The words set the height, and the picture takes what there is. */
/* A chart takes the room that there is. */
.question .middle-part:has(.outcome) {
  flex: 1 0 auto;
}
.question .middle-part:has(.outcome) .answer {
  flex: 1;
}
.beside .media {
  contain: size;
}
.explanation {
  font-size: calc(3.4 * var(--u) * var(--fit, 1));
}
.shown {
  margin: 0;
  padding: 0.3em 0.6em;
  border-inline-start: calc(0.8 * var(--u)) solid var(--accent);
  font-size: calc(5 * var(--u) * var(--fit, 1));
  font-weight: 700;
  overflow-wrap: anywhere;
}
.shown footer {
  font-size: calc(2.6 * var(--u));
  font-weight: 400;
  color: var(--dim);
}
.state {
  color: var(--dim);
  font-size: calc(3 * var(--u) * max(var(--fit, 1), 0.6));
}
.question .clock {
  margin-top: auto;
  font-size: calc(4 * var(--u) * max(var(--fit, 1), 0.6));
}
/* First goes what is told elsewhere as well, then what is said beside; the explanation is cut before the options are. */
.question[data-fit]:not([data-fit='0'], [data-fit='1'], [data-fit='2']) .tries {
  display: none;
}
.question:is([data-fit='5'], [data-fit='6'], [data-fit='7'], [data-fit='8'], [data-fit='9']) .explanation {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
}
.question:is([data-fit='6'], [data-fit='7'], [data-fit='8'], [data-fit='9']) :is(.result, .source) {
  display: none;
}
.question:is([data-fit='8'], [data-fit='9']) .explanation {
  display: none;
}
.question[data-fit='9'] .prompt {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 6;
  overflow: hidden;
}
</style>
