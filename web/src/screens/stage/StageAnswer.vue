<script setup lang="ts">
import type { Devices } from '@distaff/core/show';
import type { PublicQuestion, TeamView } from '@distaff/core/sitting';
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import OptionBars from '../../design/OptionBars.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import AnswerPad from '../answer/AnswerPad.vue';
import StagePairs from './StagePairs.vue';

/** What there is to choose, to order or to match, and the key once it is shown. */
const { question, teams, handsets, canAnswer } = defineProps<{
  question: PublicQuestion;
  teams: readonly TeamView[];
  handsets: Devices['mode'];
  canAnswer: boolean;
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
    order: 'stage.orderIt',
    match: 'stage.matchIt',
    many: 'stage.severalRight',
    one: '',
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
    <OptionBars
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
    <OptionBars
      v-else-if="control === 'order'"
      class="bars"
      :options="question.options ?? []"
      :sequence="keySlots"
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
    <p v-else-if="question.key?.texts.length" class="key">
      <v-icon :icon="mdiCheckBold" /> <span class="hide">{{ t('stage.key') }}:</span>
      <RichText inline :text="question.key.texts[0]!" />
      <small v-if="question.key.texts.length > 1">{{
        t('stage.alsoAccepted', { list: list(question.key.texts.slice(1)) })
      }}</small>
    </p>
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
  background: var(--light);
  color: var(--ground);
  border-radius: 0.15em;
}
.key small {
  font-size: 0.45em;
  font-weight: 400;
}
.hint {
  font-size: calc(3.6 * var(--u) * var(--fit, 1));
  color: var(--dim);
}
</style>
