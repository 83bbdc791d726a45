<script setup lang="ts">
import type { Report } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import FigureRow from '../design/FigureRow.vue';

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
  <FigureRow :figures="figures" />
</template>
