<script setup lang="ts">
import type { Report } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** A game in four figures. */
const { report } = defineProps<{ report: Report }>();
const { t } = useI18n();
const percent = (share: number) => t('report.percent', { n: Math.round(share * 100) });
const figures = computed(() => {
  const { overview, minutes } = report;
  const { tookPart, knowers, share, spread, items, marked } = overview;
  const time = [
    ...(minutes.played === null ? [] : [t('report.inMinutes', { n: minutes.played })]),
    ...(minutes.planned === null ? [] : [t('report.planned', { n: minutes.planned })]),
  ].join(' · ');
  return [
    { label: t('report.tookPart'), figure: `${tookPart}`, more: t('report.of', { n: knowers }) },
    {
      label: t('report.meanCorrect'),
      figure: share === null ? '–' : percent(share),
      more: spread === null ? '' : t('report.spread', { n: Math.round(spread * 100) }),
    },
    { label: t('report.questions'), figure: `${items}`, more: time },
    { label: t('report.marked'), figure: `${marked}`, more: '' },
  ];
});
</script>

<template>
  <dl class="strip">
    <div v-for="one in figures" :key="one.label">
      <dt>{{ one.label }}</dt>
      <dd>
        <b>{{ one.figure }}</b> <span v-if="one.more">{{ one.more }}</span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.strip {
  margin: 0;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.strip > div {
  padding: 12px 24px;
}
.strip > div + div {
  border-inline-start: 1px solid var(--line);
}
dt,
dd span {
  color: var(--stone);
  font-size: 14px;
}
dd {
  margin: 0;
}
dd b {
  font:
    700 28px/1.2 'Bricolage Grotesque',
    sans-serif;
}
@media (max-width: 700px) {
  .strip {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .strip > div:nth-child(odd) {
    border-inline-start: 0;
  }
  .strip > div {
    padding: 12px 16px;
  }
}
</style>
