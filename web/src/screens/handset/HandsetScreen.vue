<script setup lang="ts">
import { computed } from 'vue';
import type { PublicView, SeatView } from '@distaff/core/sitting';
import type { Reaction } from '@distaff/core/wire';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { usePlace } from '../../design/usePlace.ts';
import { handsetHelps } from '../../formats/handset.ts';
import { lookStyle } from '../../design/lookStyle.ts';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import ReadAloud from '../../design/media/ReadAloud.vue';
import RichText from '../../design/rich/RichText.vue';
import AnswerPad from '../answer/AnswerPad.vue';
import HandsetAlone from './HandsetAlone.vue';
import HandsetBetween from './HandsetBetween.vue';
import HandsetBoosts from './HandsetBoosts.vue';
import HandsetSpinner from './HandsetSpinner.vue';
import HandsetBuzzer from './HandsetBuzzer.vue';
import HandsetFoot from './HandsetFoot.vue';
import HandsetHead from './HandsetHead.vue';
import HandsetReactions from './HandsetReactions.vue';
import HandsetQuestion from './HandsetQuestion.vue';
import LastResult from './LastResult.vue';
import { ownQuestion } from './ownQuestion.ts';

/** The handset as a picture of what its seat may see: one thing at a time, a line below says what goes on. */
const {
  view,
  seat,
  now,
  connected,
  sending,
  mine = '',
} = defineProps<{
  view: PublicView;
  seat: SeatView;
  now: number;
  connected: boolean;
  sending: boolean;
  /** Where one's own answers are kept once the game is over, or ''. */
  mine?: string;
}>();
const emit = defineEmits<{
  answer: [answer: object];
  buzz: [];
  act: [act: object];
  choose: [ref: string];
  goOn: [];
  react: [what: Reaction];
  spin: [strength: number];
  useBoost: [boost: string, on: string | null];
  buyBoost: [boost: string];
}>();
const { t } = useI18n();
const { points, change } = useFormat();
/** The question as this seat sees it: with an order of options of its own where there is one. */
const question = computed(() => {
  const q = seat.asked ?? view.question;
  return q && ownQuestion(q, seat.own);
});
const help = computed(() => (view.round ? handsetHelps[view.round.format] : undefined));
const open = computed(() => question.value?.step === 'open');
/** Everybody who has a question of their own waits for the host. */
const paused = computed(() => seat.asked !== null && view.timer?.held === true);
const onFloor = computed(() => {
  const q = question.value;
  return q !== null && (q.mode === 'everyone' || q.floor === seat.team);
});
/** What can be used is offered where it can: between questions, and on one's own. */
const showsBoosts = computed(
  () => seat.boosts.length > 0 && view.phase === 'round' && !view.spinner && !paused.value && !seat.advises,
);
/** An answer that may still be changed keeps its form open. */
const mayAnswer = computed(
  () =>
    mayAdvise.value ||
    (!advised.value &&
      open.value &&
      onFloor.value &&
      !paused.value &&
      seat.buzzedBy === null &&
      (seat.given === null || !seat.given.final) &&
      view.devices.mode !== 'none'),
);
/** Whose question it is that this seat is asked about, and whether others are being asked just now. */
const advised = computed(() => question.value?.advice.find((one) => !one.over) ?? null);
const mayAdvise = computed(() => seat.advises !== null && seat.advises.said === null);
const mayBuzz = computed(() => {
  const q = question.value;
  if (!q || q.mode !== 'buzz' || q.floor !== null || q.tried.includes(seat.team)) return false;
  return (q.step === 'posed' || q.step === 'open') && view.devices.mode !== 'none';
});
const placeOf = usePlace();
const label = computed(() => placeOf(question.value!));
const topic = computed(() => {
  const q = question.value!;
  if (seat.advises) {
    const team = view.teams.find((one) => one.id === q.floor)?.name ?? '';
    return t(advised.value?.of === 'room' ? 'common.advice.roomVoteFor' : 'common.advice.asksYou', { team });
  }
  if (seat.asked && q.loss !== null)
    return t('handset.stake', { gain: change(q.points), loss: change(-q.loss) });
  return q.keyed && q.points !== 0
    ? t(label.value ? 'handset.comesUp' : 'handset.forPoints', {
        category: label.value,
        points: points(q.points),
      })
    : label.value;
});
</script>

<template>
  <div
    class="handset"
    :data-alone="seat.asked ? '' : undefined"
    :data-seq="view.seq"
    :style="lookStyle(view.look, false)"
  >
    <HandsetHead :view="view" :seat="seat"><slot /></HandsetHead>

    <!-- Long ones scroll: then the keyboard must reach them, too. -->
    <section class="content" :tabindex="mayAnswer || mayBuzz ? undefined : 0">
      <template v-if="view.phase === 'lobby'">
        <h1>{{ t('handset.waitTitle') }}</h1>
        <p>{{ t('handset.wait') }}</p>
        <p v-if="seat.nameHeld">{{ t('handset.nameHeld', { name: seat.name }) }}</p>
      </template>

      <HandsetSpinner
        v-else-if="view.spinner && view.phase === 'round'"
        :view="view"
        :seat="seat"
        :spinner="view.spinner"
        :now="now"
        @spin="emit('spin', $event)"
      />

      <HandsetBetween
        v-else-if="view.phase === 'closed' || !question"
        :view="view"
        :seat="seat"
        @act="emit('act', $event)"
        @choose="emit('choose', $event)"
      >
        <a v-if="mine" class="mine" :href="mine">{{ t('handset.mine') }}</a>
      </HandsetBetween>

      <HandsetAlone
        v-else-if="seat.asked && (paused || question.step === 'settled')"
        :view="view"
        :seat="seat"
        :paused="paused"
        :sending="sending"
        @go-on="emit('goOn')"
      />

      <template v-else>
        <LastResult v-if="seat.asked" :seat="seat" />
        <h1 class="topic">{{ topic }}</h1>
        <RichText
          v-if="question.prompt"
          class="prompt"
          :lang="question.language || undefined"
          :text="question.prompt"
        />
        <ReadAloud :question="question" />
        <QuestionMedia
          v-if="question.picture || question.sound || question.video"
          class="media"
          :media="question"
          size="small"
        />
        <component
          :is="help"
          v-if="help && !seat.advises"
          :view="view"
          :seat="seat"
          @act="emit('act', $event)"
        />
        <HandsetBoosts
          v-if="showsBoosts"
          :view="view"
          :seat="seat"
          @use="(boost, on) => emit('useBoost', boost, on)"
          @buy="emit('buyBoost', $event)"
        />
        <p v-if="seat.advises">
          {{ t(seat.advises.said ? 'common.advice.thanks' : 'common.advice.costsNothing') }}
        </p>
        <HandsetBuzzer v-if="mayBuzz" :question="question" :seat="seat" :now="now" @buzz="emit('buzz')" />
        <template v-else-if="mayAnswer && question.control && question.control.type !== 'none'">
          <p v-if="seat.given" class="sent">{{ t('handset.mayChange') }}</p>
          <AnswerPad
            :key="`${question.play} ${question.floor} ${question.advice.length}`"
            :question="question"
            :sending="sending"
            :given="seat.given?.answer ?? null"
            :at-once="seat.asked !== null || mayAdvise"
            @answer="emit('answer', $event)"
          />
        </template>
        <HandsetQuestion v-else :question="question" :seat="seat" :view="view" />
      </template>
      <HandsetBoosts
        v-if="showsBoosts && !question"
        :view="view"
        :seat="seat"
        @use="(boost, on) => emit('useBoost', boost, on)"
        @buy="emit('buyBoost', $event)"
      />
      <HandsetReactions v-if="view.reactions && !question" @react="emit('react', $event)" />
    </section>

    <HandsetFoot
      :view="view"
      :seat="seat"
      :question="question"
      :topic="question ? topic : ''"
      :connected="connected"
      :now="now"
    />
  </div>
</template>

<style scoped>
.handset {
  --focus: var(--light);
  overflow-wrap: anywhere;
  height: 100%;
  display: flex;
  flex-direction: column;
  background: var(--ground);
  color: var(--light);
  font-size: 17px;
}
/* A pull at its top must not load the page again: what was not sent yet would be gone. */
.content {
  overscroll-behavior: contain;
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 8px 16px 16px;
  min-height: 0;
  overflow-y: auto;
}
/* The bar to send with stays at the foot of all that scrolls, also while the answers are further down. */
.content :deep(.answer-pad) {
  display: contents;
}
.content :deep(.answer-pad .parts) {
  flex: none;
  margin-top: auto;
}
.content :deep(.answer-pad .sending) {
  bottom: -16px;
  margin: 0 -16px -16px;
  padding: 8px 16px;
  border-top: 1px solid var(--edge);
}
h1 {
  font-size: 30px;
  margin-top: 12px;
}
p {
  margin: 0;
}
.mine {
  align-self: flex-start;
  padding: 12px 18px;
  border: 1px solid var(--edge);
  border-radius: 6px;
  color: inherit;
  font-weight: 700;
}
h1.topic {
  margin: 0;
  font-family: var(--text);
  font-size: 17px;
  letter-spacing: 0;
  color: var(--accent);
}
.media {
  flex: none;
}
.media :deep(img) {
  max-height: 26vh;
  width: auto;
}
.media :deep(video) {
  max-height: 32vh;
}
.prompt {
  font-size: 22px;
  font-weight: 700;
  line-height: 1.22;
}
.sent {
  color: var(--accent);
  font-weight: 700;
}
</style>
