<script setup lang="ts">
import type { PublicQuestion, TeamView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import GivenAnswer from '../../design/rich/GivenAnswer.vue';
import { useVerdict, verdictIcon } from '../../design/verdict.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** What was tried, and how it was ruled, as far as no bar tells it. */
const { question, teams } = defineProps<{ question: PublicQuestion; teams: readonly TeamView[] }>();
const { t } = useI18n();
const { told: toldVerdict } = useVerdict();
const team = (id: string | null) => teams.find((one) => one.id === id);
/** Whether a bar tells who picked it. */
const onBars = computed(() => question.control?.type === 'one' || question.control?.type === 'many');
/** Above so many tries they are counted, not named one by one. */
const TRIES = 6;
/** Tries that bars do not tell: typed and said ones, partly right ones, and whoever gave no answer. */
const tries = computed(() =>
  question.tries.filter((one) =>
    onBars.value
      ? one.verdict === 'part' || (one.verdict !== null && !one.answer)
      : one.verdict !== null || one.answer,
  ),
);
const told = computed(() => tries.value.slice(0, TRIES));
</script>

<template>
  <ul v-if="told.length" class="tries">
    <li v-for="(one, i) in told" :key="i" :class="one.verdict ?? 'open'">
      <WeaveSwatch v-if="team(one.team)" :weave="team(one.team)!.weave" />
      <span class="clip">{{ team(one.team)?.name }}</span>
      <q v-if="one.answer && !onBars"
        ><GivenAnswer :text="one.answer.text" :control="question.control?.type ?? null"
      /></q>
      <span v-if="one.verdict"
        ><v-icon :icon="verdictIcon[one.verdict]" size="1em" />
        {{ toldVerdict(one.verdict, one.share) }}</span
      >
    </li>
    <li v-if="tries.length > told.length">{{ t('stage.andMore', { n: tries.length - told.length }) }}</li>
  </ul>
</template>

<style scoped>
.tries {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: calc(1 * var(--u)) calc(2 * var(--u));
  font-size: calc(3 * var(--u) * var(--fit, 1));
}
.tries li {
  max-width: 100%;
  display: flex;
  align-items: center;
  gap: 0.4em;
  padding: 0.15em 0.5em;
  border: 2px solid var(--dim);
  border-radius: 0.3em;
  white-space: nowrap;
}
.tries q {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
}
.tries .wrong,
.tries .none {
  border-style: dashed;
  color: var(--dim);
}
</style>
