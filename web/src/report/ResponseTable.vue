<script setup lang="ts">
import type { Results } from '@distaff/core/report';
import { useI18n } from 'vue-i18n';
import RichText from '../design/rich/RichText.vue';
import { useFormat } from '../design/useFormat.ts';
import { useVerdict, verdictIcon } from '../design/verdict.ts';

defineProps<{ rows: Results['responses'] }>();
const { t } = useI18n();
const { points, change } = useFormat();
const { told } = useVerdict();
</script>

<template>
  <p v-if="rows.length === 0" class="muted">{{ t('report.noResponses') }}</p>
  <div v-else class="scroll" tabindex="0" role="region" :aria-label="t('report.responses')">
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
        <tr v-for="(row, i) in rows" :key="i" :class="{ first: row.number !== rows[i - 1]?.number }">
          <template v-if="row.number !== rows[i - 1]?.number">
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
