<script setup lang="ts">
import type { Report, Results } from '@distaff/core/report';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../design/rich/RichText.vue';
import './grid.css';
import KnowledgeRow from './KnowledgeRow.vue';
import MarkAnew from './MarkAnew.vue';
import { useResults } from './results.ts';
import { columnsInOrder, orders, rowsInOrder, signAt, signsInOrder, type Order } from './signs.ts';

/** Who knew what: a row for each person or team, a square for each question, told apart by sign. */
const { report } = defineProps<{ report: Report }>();
const { t, locale } = useI18n();
const results = useResults();
/** So many rows are shown at first; of more than `MANY` each is one drawing, so that a thousand scroll. */
const FIRST = 10;
const MANY = 60;
const order = ref<Order>('best');
const all = ref(false);
const rows = computed(() => rowsInOrder(report, order.value, locale.value));
const shown = computed(() => (all.value ? rows.value : rows.value.slice(0, FIRST)));
const layout = computed(() => columnsInOrder(report.items));
const used = computed(() => {
  const found = new Set(report.rows.flatMap((row) => [...row]));
  return signsInOrder.filter((sign) => found.has(sign));
});
/** By question and row; of several answers to one question the first counts. */
const answers = computed(() => {
  const found = new Map<string, Results['responses'][number]>();
  for (const row of results.responses ?? []) {
    const key = `${row.number} ${row.knower}`;
    if (!found.has(key)) found.set(key, row);
  }
  return found;
});
const at = ref<{ row: number; column: number } | null>(null);
// What exactly was answered comes once somebody points at it.
watch(at, (one) => one && void results.wantResponses());
const chosenIn = (row: number) => (at.value?.row === row ? at.value.column : null);
/** What the chosen square stands for. */
const told = computed(() => {
  if (!at.value) return null;
  const { row, column } = at.value;
  const { id, name } = report.knowers[row]!;
  const item = report.items[column]!;
  const mark = t(`report.signs.${signAt(report.rows[row]!, column)}`);
  return { name, item, mark, response: answers.value.get(`${item.number} ${id}`) ?? null };
});
</script>

<template>
  <section class="card knowledge">
    <header class="row">
      <h2>{{ t('report.who') }}</h2>
      <ul class="signs">
        <li v-for="sign in used" :key="sign">
          <i class="cell" :class="`is-${sign}`" />{{ t(`report.signs.${sign}`) }}
        </li>
      </ul>
    </header>
    <p v-if="report.items.length === 0" class="muted">{{ t('report.nothingToKnow') }}</p>
    <template v-else>
      <v-select
        v-model="order"
        class="order"
        hide-details
        :label="t('report.order.label')"
        :items="orders.map((value) => ({ value, title: t(`report.order.${value}`) }))"
      />
      <div
        class="scroll sideways"
        tabindex="0"
        role="region"
        :aria-label="t('report.who')"
        :style="{ '--columns': report.items.length }"
      >
        <div class="line">
          <span />
          <span class="squares">
            <span
              v-for="(place, i) in layout.places"
              :key="i"
              class="place clip"
              :style="{ gridColumn: `span ${place.count}` }"
              >{{ place.name }}</span
            >
          </span>
        </div>
        <div v-if="shown.length > MANY" class="many">
          <KnowledgeRow
            v-for="row in shown"
            :key="row"
            :report="report"
            light
            :columns="layout.columns"
            :row="row"
            :chosen="chosenIn(row)"
            @choose="at = { row, column: $event }"
          />
        </div>
        <template v-else>
          <KnowledgeRow
            v-for="row in shown"
            :key="row"
            :report="report"
            :columns="layout.columns"
            :row="row"
            :chosen="chosenIn(row)"
            @choose="at = { row, column: $event }"
          />
        </template>
        <div class="line everyone">
          <b class="name">{{ t('report.everyone') }}</b>
          <span class="squares">
            <span v-for="column in layout.columns" :key="column" class="bar"
              ><i :style="{ height: `${Math.round((report.items[column]!.figures.share ?? 0) * 100)}%` }"
            /></span>
          </span>
          <b class="figure">{{
            report.overview.share === null
              ? ''
              : t('report.percent', { n: Math.round(report.overview.share * 100) })
          }}</b>
        </div>
      </div>
      <footer class="row">
        <p class="grow" role="status">
          <template v-if="told">
            <bdi>{{ told.name }}</bdi> · {{ t('report.shown', { number: told.item.number }) }}
            <RichText inline :text="told.item.prompt" />
            <b
              ><bdi v-if="told.response?.answer">{{ told.response.answer }}</bdi>
              <template v-if="told.response?.answer"> – </template>{{ told.mark }}</b
            >
          </template>
          <span v-else class="muted">{{ t('report.pointAt') }}</span>
        </p>
        <MarkAnew
          v-if="told?.response?.who && results.isClosed"
          :response="told.response"
          :name="told.name"
        />
        <v-btn v-if="rows.length > FIRST" variant="outlined" size="small" @click="all = !all">{{
          all ? t('report.showFew', { n: FIRST }) : t('report.showAll', { n: rows.length })
        }}</v-btn>
      </footer>
    </template>
  </section>
</template>

<style scoped>
header {
  flex-wrap: wrap;
  margin-bottom: 16px;
}
h2 {
  margin: 0;
}
.scroll {
  overflow-x: auto;
}
.many {
  height: 480px;
  overflow-y: auto;
  /* Scrolled as a picture of its own. */
  will-change: transform;
  background: var(--paper);
}
.order {
  max-width: 200px;
  margin-bottom: 8px;
}
.signs {
  margin-block: 0;
  margin-inline: auto 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  padding: 0;
  list-style: none;
  font-size: 14px;
  color: var(--stone);
}
.signs li {
  display: flex;
  align-items: center;
  gap: 6px;
}
.signs .cell {
  width: 24px;
}
.place {
  font-size: 14px;
  color: var(--stone);
  border-bottom: 2px solid var(--line);
}
.bar {
  height: 30px;
  display: flex;
  align-items: flex-end;
}
.bar i {
  width: 100%;
  background: var(--stone);
}
/* What is told has room beside what can be done with it, or a line of its own. */
footer b {
  margin-inline-start: 8px;
}
footer > .grow {
  min-width: min(100%, 360px);
}
footer {
  flex-wrap: wrap;
  margin-top: 12px;
}
p {
  margin: 0;
}
@media print {
  .order,
  footer {
    display: none;
  }
  /* On paper nothing scrolls. */
  .many {
    height: auto;
    overflow: visible;
  }
}
</style>
