<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../design/rich/RichText.vue';
import { useFormat } from '../design/useFormat.ts';
import { useResults } from './results.ts';
import { useVerdict, verdictIcon } from '../design/verdict.ts';

const results = useResults();
void results.wantResponses();
const rows = computed(() => results.responses ?? []);
const { t } = useI18n();
const { points, change } = useFormat();
const { told } = useVerdict();
/** Of more answers those to one question are shown at a time: no browser draws a table of forty thousand rows. */
const MANY = 2000;
const questions = computed(() => {
  const found = new Map(rows.value.map(({ number, prompt }) => [number, prompt]));
  return [...found].map(([value, prompt]) => ({ value, title: `${value} · ${prompt}` }));
});
const number = ref<number | null>(null);
const shown = computed(() => {
  if (rows.value.length <= MANY) return rows.value;
  const of = number.value ?? rows.value[0]!.number;
  return rows.value.filter((row) => row.number === of);
});
</script>

<template>
  <p v-if="!results.responses" role="status">{{ t('common.loading') }}</p>
  <p v-else-if="rows.length === 0" class="muted">{{ t('report.noResponses') }}</p>
  <v-select
    v-if="rows.length > MANY"
    class="which"
    hide-details
    :label="t('report.question')"
    :model-value="number ?? rows[0]!.number"
    :items="questions"
    @update:model-value="number = $event"
  />
  <div v-if="rows.length > 0" class="scroll" tabindex="0" role="region" :aria-label="t('report.responses')">
    <table>
      <thead>
        <tr>
          <th
            v-for="word in [
              'number',
              'question',
              'value',
              'team',
              'player',
              'answer',
              'ruling',
              'brought',
              'after',
            ]"
            :key="word"
            scope="col"
          >
            {{ t(`report.${word}`) }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in shown" :key="i" :class="{ first: row.number !== shown[i - 1]?.number }">
          <template v-if="row.number !== shown[i - 1]?.number">
            <td class="mono">{{ row.number }}</td>
            <td>
              <b>{{ row.category }}</b> <RichText inline :text="row.prompt" /><br /><span
                v-if="row.key"
                class="muted"
                ><RichText inline :text="t('report.key', { key: row.key })"
              /></span>
            </td>
            <td class="mono">{{ row.verdict === 'given' ? '' : points(row.value) }}</td>
          </template>
          <template v-else
            ><td />
            <td />
            <td
          /></template>
          <td>{{ row.team }}</td>
          <td>{{ row.player }}</td>
          <td>{{ row.answer || (row.ruledBy ? t('report.aloud') : '') }}</td>
          <td :class="row.verdict">
            <v-icon :icon="verdictIcon[row.verdict]" size="16" /> {{ told(row.verdict, row.share) }}
          </td>
          <td class="mono">{{ row.value === 0 ? '' : change(row.brought) }}</td>
          <td class="mono">
            {{ row.seconds === null ? '' : t('common.seconds', { n: row.seconds.toFixed(1) }) }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.which {
  max-width: 480px;
  margin-bottom: 12px;
}
.scroll {
  overflow-x: auto;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 700;
  color: var(--stone);
  padding: 10px 12px;
}
td {
  padding: 6px 12px;
  vertical-align: top;
}
.first td {
  border-top: 1px solid var(--line);
}
.right {
  color: var(--moss);
  white-space: nowrap;
}
.wrong {
  color: var(--madder);
  white-space: nowrap;
}
.none {
  color: var(--stone);
  white-space: nowrap;
}
</style>
