<script setup lang="ts">
import { wasMissed, type Report } from '@distaff/core/report';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../design/rich/RichText.vue';
import { useFormat } from '../design/useFormat.ts';
import { itemsInOrder, itemOrders, type ItemOrder } from './itemOrder.ts';
import QuestionTools from './QuestionTools.vue';
import { useResults } from './results.ts';
import ShareBar from './ShareBar.vue';
import { signOf } from './signs.ts';

/** What each question told: how many knew it, what they chose or typed, how long it took, and whether it deserves a look. */
const { report } = defineProps<{ report: Report }>();
const { t } = useI18n();
const { decimal } = useFormat();
const order = ref<ItemOrder>('played');
const results = useResults();
const only = ref<'all' | 'missed' | 'flagged'>('all');
const items = computed(() =>
  itemsInOrder(report.items, order.value).filter(
    ({ figures }) =>
      only.value === 'all' || (only.value === 'missed' ? wasMissed(figures) : figures.flags.length > 0),
  ),
);
const accept = ({ number }: Item, { text, play, who }: { text: string; play: number; who: string }) =>
  results.propose({ type: 'acceptAnswer', play, who }, t('report.mark.acceptSays', { text, number }));
const percent = (share: number) => Math.round(share * 100);
/** So many spellings are listed. */
const SPELLINGS = 8;
type Item = Report['items'][number];
const lines = ({ figures }: Item): string[] => {
  const { share, interval, asked, answered, seconds, discrimination } = figures;
  if (!interval) return [t('report.few', { right: Math.round((share ?? 0) * asked), asked })];
  const about = [t('report.asked', { answered, asked })];
  if (share !== null)
    about.unshift(
      `${t('report.share', { n: percent(share) })}, ${t('report.between', {
        low: percent(interval.low),
        high: percent(interval.high),
      })}`,
    );
  if (seconds)
    about.push(
      t('report.time', {
        low: decimal(seconds.low, 1),
        middle: decimal(seconds.middle, 1),
        high: decimal(seconds.high, 1),
      }),
    );
  if (discrimination !== null) about.push(t('report.discrimination', { n: decimal(discrimination, 2) }));
  return about;
};
const flagsOf = ({ figures }: Item) =>
  figures.flags.map((flag) =>
    t(`report.flags.${flag}`, {
      text: figures.lure?.text ?? '',
    }),
  );
</script>

<template>
  <section class="figures">
    <div class="row choice">
      <v-select
        v-model="order"
        class="order"
        hide-details
        :label="t('report.sort.label')"
        :items="itemOrders.map((value) => ({ value, title: t(`report.sort.${value}`) }))"
      />
      <v-select
        v-model="only"
        class="order"
        hide-details
        :label="t('report.only.label')"
        :items="
          (['all', 'missed', 'flagged'] as const).map((value) => ({
            value,
            title: t(`report.only.${value}`),
          }))
        "
      />
    </div>
    <p v-if="report.items.length === 0" class="muted">{{ t('report.nothingToKnow') }}</p>
    <p v-else-if="items.length === 0" class="muted">{{ t('report.only.none') }}</p>
    <article v-for="item in items" :key="item.number" class="card">
      <header class="row">
        <h2 class="grow">
          <span class="muted">{{ item.number }}</span> <RichText inline :text="item.prompt" />
        </h2>
        <QuestionTools v-if="results.isClosed && item.mayReweigh" :item="item" />
      </header>
      <p v-if="item.counts !== 'asPlayed'" class="flag">{{ t(`report.counts.${item.counts}Is`) }}</p>
      <p v-for="flag in flagsOf(item)" :key="flag" class="flag">{{ flag }}</p>
      <p class="muted">{{ lines(item).join(' · ') }}</p>
      <ShareBar
        v-for="(pick, i) in item.figures.picks ?? []"
        :key="i"
        :text="pick.isKey ? t('report.correctBar', { text: pick.text }) : pick.text"
        :percent="pick.percent"
        :is-key="pick.isKey"
        :more="t('report.picked', { count: pick.count, percent: pick.percent })"
      />
      <template v-if="item.figures.said?.length">
        <h3>{{ t('report.written') }}</h3>
        <ul class="said">
          <li v-for="(one, i) in item.figures.said.slice(0, SPELLINGS)" :key="i">
            <b dir="auto">{{ one.text }}</b>
            {{ t('report.times', { n: one.count }) }} ·
            {{ t(`report.signs.${signOf[one.is]}`) }}
            <v-btn
              v-if="results.isClosed && one.is !== 'right'"
              variant="outlined"
              size="small"
              @click="accept(item, one)"
              >{{ t('report.mark.acceptThis') }}</v-btn
            >
          </li>
        </ul>
      </template>
    </article>
  </section>
</template>

<style scoped>
.figures {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.order {
  max-width: 260px;
}
.choice {
  flex-wrap: wrap;
}
header {
  align-items: flex-start;
}
.said li {
  padding-block: 4px;
}
@media print {
  .choice {
    display: none;
  }
  .card {
    break-inside: avoid;
  }
}
h2 {
  font-size: 20px;
  margin: 0 0 8px;
  overflow-wrap: anywhere;
}
h3 {
  font-size: 14px;
  margin: 12px 0 4px;
}
p {
  margin: 0 0 8px;
}
.flag {
  padding: 4px 12px;
  border-inline-start: 4px solid var(--weld);
  background: var(--weld-soft, #fbf0d0);
}
.said {
  margin: 0;
  padding-inline-start: 20px;
}
</style>
