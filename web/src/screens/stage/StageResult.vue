<script setup lang="ts">
import type { PublicQuestion, TeamView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useReward } from '../../design/useReward.ts';

/** What a question brought, and to whom; where it went to one alone also in the host's own words. */
const { question, teams } = defineProps<{ question: PublicQuestion; teams: readonly TeamView[] }>();
const { t } = useI18n();
const { change } = useFormat();
const reward = useReward();
/** So many gains are named; more are counted. */
const NAMED = 6;

const nameOf = (id: string) => teams.find((one) => one.id === id)?.name ?? '';
const gains = computed(() =>
  (question.result ?? []).filter((one) => one.amount !== 0).sort((a, b) => b.amount - a.amount),
);
const said = computed(() => {
  const [one, more] = gains.value;
  return one && !more && question.key ? reward(question.key, one.amount > 0, one.amount) : '';
});
</script>

<template>
  <p class="result">
    <template v-if="gains.length">
      <span v-for="one in gains.slice(0, NAMED)" :key="one.team">{{
        t('stage.gets', { team: nameOf(one.team), amount: change(one.amount) })
      }}</span>
      <span v-if="gains.length > NAMED">{{ t('stage.andMore', { n: gains.length - NAMED }) }}</span>
      <span v-if="said" class="said">{{ said }}</span>
    </template>
    <span v-else-if="question.points !== 0">{{ t('stage.nobody') }}</span>
  </p>
</template>

<style scoped>
.result {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.2em 1em;
  font-family: var(--display);
  font-weight: 700;
  font-size: calc(5 * var(--u) * var(--fit, 1));
  color: var(--accent);
}
.result span {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
}
.result .said {
  font-size: 0.72em;
  font-weight: 400;
}
</style>
