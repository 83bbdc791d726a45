<script setup lang="ts">
import type { Outcome } from '@distaff/core/question';
import type { Devices } from '@distaff/core/show';
import type { PublicQuestion, TeamView } from '@distaff/core/sitting';
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import Paper from '../../design/weave/Paper.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import PollOutcome from '../../design/poll/PollOutcome.vue';
import AnswerPad from '../answer/AnswerPad.vue';
import OptionTapes from './OptionTapes.vue';
import StagePairs from './StagePairs.vue';

/** What there is to choose, to order or to match, and the key once it is shown. */
const {
  question,
  teams,
  handsets,
  canAnswer,
  outcome = null,
} = defineProps<{
  question: PublicQuestion;
  teams: readonly TeamView[];
  handsets: Devices['mode'];
  canAnswer: boolean;
  /** What came out so far, where everybody may see it. */
  outcome?: Outcome | null;
}>();
const emit = defineEmits<{ answer: [answer: object] }>();
/** A single option can be touched for the team on the floor. */
const touch = computed(
  () => canAnswer && question.step === 'open' && question.floor !== null && question.control?.type === 'one',
);
/** Where nobody has a handset, everything else is answered here as well, for the team on the floor. */
const pad = computed(
  () =>
    canAnswer &&
    handsets === 'none' &&
    question.step === 'open' &&
    question.floor !== null &&
    !['none', 'one'].includes(question.control?.type ?? 'none'),
);
const { t } = useI18n();
const { list } = useFormat();

const control = computed(() => question.control?.type ?? 'none');
/** An opinion has no key: then no bar recedes. */
const keySlots = computed(() => (question.key?.slots.length ? question.key.slots : null));
/** Who voted for what is nobody's business: of an opinion only the numbers are told. */
const picks = computed(() =>
  (question.keyed ? question.tries : []).flatMap((one) =>
    (one.answer?.slots ?? []).flatMap((slot) => {
      const team = teams.find((other) => other.id === one.team);
      return team ? [{ slot, team }] : [];
    }),
  ),
);
/** So many are named on the bars; of more it is told how many chose each. */
const NAMED = 12;
const counts = computed(() => {
  if (question.picks || picks.value.length <= NAMED) return question.picks;
  return (question.options ?? []).map((_, slot) => {
    const count = picks.value.filter((one) => one.slot === slot).length;
    return { count, percent: Math.round((count / picks.value.length) * 100) };
  });
});
const hint = computed(() => {
  if (question.step !== 'open') return '';
  const words = {
    none: 'stage.saidAloud',
    text: 'stage.typeIt',
    number: 'stage.numberIt',
    order: question.keyed ? 'stage.orderIt' : 'stage.rankIt',
    match: 'stage.matchIt',
    many: question.keyed ? 'stage.severalRight' : 'stage.severalLiked',
    one: '',
    scale: '',
    words: 'stage.ownWords',
  } as const;
  return words[control.value] && t(words[control.value]);
});
</script>

<template>
  <div class="given">
    <v-theme-provider v-if="pad" theme="loft">
      <div class="pad">
        <AnswerPad
          :key="`${question.play} ${question.floor}`"
          :question="question"
          :sending="false"
          @answer="emit('answer', $event)"
        />
      </div>
    </v-theme-provider>
    <PollOutcome
      v-else-if="outcome"
      class="outcome"
      :outcome="outcome"
      :options="question.options ?? []"
      :control="question.control"
      :before="question.poll?.before ?? null"
    />
    <ol v-else-if="question.control?.type === 'scale'" class="scale">
      <li v-for="(_, i) in question.control.steps" :key="i">
        <b>{{ i + question.control.from }}</b>
        <span v-if="i === 0">{{ question.control.low }}</span>
        <span v-if="i === question.control.steps - 1">{{ question.control.high }}</span>
      </li>
    </ol>
    <OptionTapes
      v-else-if="control === 'one' || control === 'many'"
      class="bars"
      :options="question.options ?? []"
      :key-slots="keySlots"
      :ruled-out="question.ruledOut"
      :picks="picks.length > NAMED ? [] : picks"
      :counts="picks.length > 0 && picks.length <= NAMED ? null : counts"
      :can-choose="touch"
      @choose="emit('answer', { slot: $event })"
    />
    <OptionTapes
      v-else-if="control === 'order'"
      class="bars"
      :options="question.options ?? []"
      :sequence="question.keyed ? keySlots : null"
      :key-slots="null"
      :ruled-out="[]"
      :picks="[]"
    />
    <StagePairs
      v-else-if="question.control?.type === 'match'"
      class="bars"
      :left="question.control.left"
      :options="question.options ?? []"
      :key-slots="keySlots"
    />
    <Paper v-else-if="question.key?.texts.length" class="key">
      <v-icon :icon="mdiCheckBold" /> <span class="hide">{{ t('stage.key') }}:</span>
      <RichText inline :text="question.key.texts[0]!" />
      <small v-if="question.key.texts.length > 1">{{
        t('stage.alsoAccepted', { list: list(question.key.texts.slice(1)) })
      }}</small>
    </Paper>
    <p v-if="hint && !pad" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
.given {
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: calc(1.2 * var(--u) * var(--fit, 1));
}
p {
  margin: 0;
}
/* To be touched, so it keeps its size and scrolls. */
.pad {
  font-size: calc(3.6 * var(--u));
  height: 100%;
  overflow-y: auto;
}
.pad :deep(.send) {
  height: 2.6em;
  font-size: 1em;
}
.given:has(> .pad) {
  height: 100%;
  min-height: 0;
}
.key {
  font-size: calc(7 * var(--u) * var(--fit, 1));
  overflow-wrap: anywhere;
  font-weight: 700;
  padding: 0.3em 0.5em;
}
.key small {
  font-size: 0.45em;
  font-weight: 400;
}
.outcome {
  flex: 1;
  font-size: calc(3.4 * var(--u) * var(--fit, 1));
}
.scale {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: calc(1 * var(--u));
}
.scale li {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 0.2em;
  font-size: calc(3 * var(--u) * var(--fit, 1));
}
/* What an end means may run on under the next steps. */
.scale span {
  width: 240%;
  overflow-wrap: break-word;
}
.scale li:last-child span {
  align-self: flex-end;
}
.scale li:last-child {
  text-align: end;
}
.scale b {
  padding: 0.4em 0;
  text-align: center;
  font-family: var(--display);
  font-size: 1.6em;
  background: var(--panel);
}
.hint {
  font-size: calc(3.6 * var(--u) * var(--fit, 1));
  color: var(--dim);
}
</style>
