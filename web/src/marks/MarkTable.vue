<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';
import type { Mark, MarkRule } from '@distaff/core/report';
import { mdiDownload } from '@mdi/js';
import { saveFile } from '../design/saveFile.ts';
import { writeMarks } from './writeMarks.ts';

/** Every mark beside what it comes from; over several games what each of them brought. */
const {
  marks,
  rule,
  title,
  column,
  games = [],
} = defineProps<{
  marks: readonly (Mark & { parts?: (number | null)[] })[];
  rule: MarkRule;
  /** What the files are called. */
  title: string;
  /** What is marked, as a grade book knows it: its id, and when it was played (ms since 1970). */
  column: { id: string; played: number };
  games?: readonly string[];
}>();
// Few need it, and it brings what reads and writes archives.
const OneRoster = defineAsyncComponent(() => import('./OneRoster.vue'));
const asking = ref(false);
const { t, locale } = useI18n();
const { decimal, points } = useFormat();
const rows = computed(() => {
  const { compare } = new Intl.Collator(locale.value, { numeric: true });
  return [...marks].sort((a, b) => compare(a.name, b.name));
});
const hasExtra = computed(() => rule.extra.length > 0);
const knowsPassing = computed(() => rows.value.some(({ hasPassed }) => hasPassed !== null));
const raw = (value: number | null) =>
  value === null
    ? '–'
    : rule.from === 'points'
      ? points(value)
      : t('report.percent', { n: decimal(value, value % 1 === 0 ? 0 : 1) });
async function save(type: 'csv' | 'xlsx'): Promise<void> {
  const heads = {
    name: t('report.marks.name'),
    raw: t(`report.marks.from.${rule.from}`),
    mark: t('report.marks.mark'),
  };
  saveFile(`${title || t('report.marks.title')}.${type}`, await writeMarks(type, rows.value, games, heads));
}
const told = (mark: number | string | null) =>
  mark === null ? '' : typeof mark === 'number' ? decimal(mark, rule.digits) : mark;
</script>

<template>
  <section class="card">
    <header class="row">
      <h2 class="grow">{{ t('report.marks.title') }}</h2>
      <v-btn
        v-for="type in ['csv', 'xlsx'] as const"
        :key="type"
        variant="outlined"
        size="small"
        :prepend-icon="mdiDownload"
        @click="save(type)"
        >{{ t(`report.marks.save.${type}`) }}</v-btn
      >
      <v-btn variant="outlined" size="small" :prepend-icon="mdiDownload" @click="asking = true">{{
        t('report.marks.save.oneRoster')
      }}</v-btn>
    </header>
    <OneRoster v-model="asking" :marks="marks" :rule="rule" :column="{ title, ...column }" />
    <div class="scroll sideways" tabindex="0" role="region" :aria-label="t('report.marks.title')">
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('report.marks.name') }}</th>
            <th scope="col">{{ t('report.marks.answered') }}</th>
            <th scope="col">{{ t(`report.marks.from.${rule.from}`) }}</th>
            <th v-if="hasExtra" scope="col">{{ t('report.marks.added') }}</th>
            <th scope="col">{{ t('report.marks.mark') }}</th>
            <th v-if="knowsPassing" scope="col">{{ t('report.marks.passed') }}</th>
            <th v-for="(game, i) in games" :key="i" scope="col" class="game" dir="auto">{{ game }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.id">
            <th scope="row">
              <bdi>{{ row.name }}</bdi>
            </th>
            <td>{{ t('report.marks.answeredOf', { n: row.answered, of: row.asked }) }}</td>
            <td>{{ raw(row.raw) }}</td>
            <td v-if="hasExtra">
              {{ row.extra === 0 ? '' : `+${decimal(row.extra, row.extra % 1 === 0 ? 0 : 1)}` }}
            </td>
            <td>
              <b>{{ told(row.mark) }}</b>
            </td>
            <td v-if="knowsPassing">
              {{ row.hasPassed === null ? '' : t(row.hasPassed ? 'report.marks.yes' : 'report.marks.no') }}
            </td>
            <td v-for="(_, i) in games" :key="i">{{ raw(row.parts?.[i] ?? null) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped src="../design/figures.css" />
<style scoped>
header {
  flex-wrap: wrap;
  margin-bottom: 8px;
}
h2 {
  margin: 0;
}
.game {
  max-width: 12ch;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.scroll {
  overflow: auto;
  /* Below it stands the host's own sheet, which thirty rows must not push out of sight. */
  max-height: 520px;
}
@media print {
  .scroll {
    max-height: none;
  }
}
</style>
