<script setup lang="ts">
import { computed } from 'vue';
import type { PublicQuestion, TeamView } from '@distaff/core';
import { mdiCheckBold, mdiCloseThick, mdiMinusThick } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import OptionBars from '../../design/OptionBars.vue';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

const { question, teams } = defineProps<{
  question: PublicQuestion;
  teams: readonly TeamView[];
  now: number;
}>();
const { t } = useI18n();
const { points, change, list } = useFormat();

const team = (id: string) => teams.find((one) => one.id === id);
const floor = computed(() => team(question.floor));
const size = computed(() => {
  const length = question.prompt?.length ?? 0;
  return length < 70 ? 'short' : length < 150 ? 'middle' : 'long';
});
/** Tries that are not told by a bar: typed and said ones, and what a ruling said of any. */
const told = computed(() =>
  question.tries.filter((one) => one.verdict !== null || (one.answer && !question.options?.length)),
);
const state = computed(() => {
  if (question.step !== 'locked' && question.step !== 'answers') return '';
  const by = { time: 'stage.timeUp', all: 'stage.lockedAll', host: 'stage.locked' } as const;
  return question.lockedBy ? t(by[question.lockedBy]) : '';
});
const hint = computed(() => {
  if (question.step !== 'open') return '';
  return question.kind === 'aloud' ? t('stage.saidAloud') : question.kind === 'text' ? t('stage.typeIt') : '';
});
const icons = { right: mdiCheckBold, wrong: mdiCloseThick, none: mdiMinusThick } as const;
const words = { right: 'common.right', wrong: 'common.wrong', none: 'common.noAnswer' } as const;
const gains = computed(() => question.result?.filter((one) => one.amount !== 0) ?? []);
</script>

<template>
  <section class="question">
    <p class="place">
      <span class="label clip">{{ question.label }}</span>
      <span class="mono value">{{ points(question.points) }}</span>
      <span v-if="floor" class="floor"><WeaveSwatch :weave="floor.weave" /> {{ floor.name }}</span>
    </p>
    <p v-if="question.prompt === null" class="ready">{{ t('stage.comesUp') }}</p>
    <p v-else class="prompt" :class="size">{{ question.prompt }}</p>

    <OptionBars
      v-if="question.options?.length"
      class="bars"
      :options="question.options"
      :key-slots="question.key?.slots ?? null"
      :ruled-out="question.ruledOut"
      :picks="
        question.tries.flatMap((one) =>
          one.answer?.slot != null ? [{ slot: one.answer.slot, team: team(one.team)! }] : [],
        )
      "
    />
    <p v-else-if="question.key" class="key">
      <v-icon :icon="mdiCheckBold" /> <span class="hide">{{ t('stage.key') }}:</span>
      {{ question.key.texts[0] }}
      <small v-if="question.key.texts.length > 1">{{
        t('stage.alsoAccepted', { list: list(question.key.texts.slice(1)) })
      }}</small>
    </p>
    <p v-else-if="hint" class="hint">{{ hint }}</p>

    <p v-if="question.key?.explanation" class="explanation">{{ question.key.explanation }}</p>
    <ul v-if="told.length" class="tries">
      <li v-for="one in told" :key="one.team" :class="one.verdict ?? 'open'">
        <WeaveSwatch :weave="team(one.team)!.weave" /> {{ team(one.team)!.name }}
        <q v-if="one.answer && !question.options?.length">{{ one.answer.text }}</q>
        <template v-if="one.verdict"
          ><v-icon :icon="icons[one.verdict]" size="1em" /> {{ t(words[one.verdict]) }}</template
        >
      </li>
    </ul>
    <p v-if="question.result" class="result">
      <template v-if="gains.length">
        <span v-for="one in gains" :key="one.team">{{
          t('stage.gets', { team: team(one.team)!.name, amount: change(one.amount) })
        }}</span>
      </template>
      <span v-else>{{ t('stage.nobody') }}</span>
    </p>
    <p v-if="state" class="state">{{ state }}</p>
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
  overflow-wrap: anywhere;
  white-space: pre-line;
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
.bars {
  flex: 0 1 auto;
  min-height: 0;
}
.key {
  font-size: calc(7 * var(--u));
  font-weight: 700;
  padding: 0.3em 0.5em;
  background: var(--light);
  color: #14211d;
  border-radius: 0.15em;
}
.key small {
  font-size: 0.45em;
  font-weight: 400;
}
.hint {
  font-size: calc(3.6 * var(--u));
  color: var(--dim);
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
  gap: 1em;
  font-family: var(--display);
  font-weight: 700;
  font-size: calc(5 * var(--u));
  color: var(--accent);
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
