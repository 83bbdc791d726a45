<script setup lang="ts">
import type { Report } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../design/rich/RichText.vue';
import ShareBar from './ShareBar.vue';

/** The questions that most missed, each with what tempted most; then those that everybody knew. */
const { report } = defineProps<{ report: Report }>();
const { t } = useI18n();
const missed = computed(() =>
  report.overview.missed.map((column) => {
    const { prompt, figures } = report.items[column]!;
    const { picks, lure, share } = figures;
    const keys = (picks ?? []).filter(({ isKey }) => isKey);
    const only = keys.length === 1 ? keys[0]! : null;
    return {
      prompt,
      lure,
      right: only?.percent ?? Math.round((share ?? 0) * 100),
      rightText: only ? t('report.correctBar', { text: only.text }) : t('report.correctAlone'),
    };
  }),
);
const known = computed(() => report.overview.known.map((column) => report.items[column]!.prompt));
</script>

<template>
  <section class="card">
    <h2>{{ t('report.missed') }}</h2>
    <p v-if="report.items.length > 0 && missed.length === 0">{{ t('report.nothingMissed') }}</p>
    <p v-if="report.items.length === 0" class="muted">{{ t('report.nothingToKnow') }}</p>
    <article v-for="(one, i) in missed" :key="i">
      <h3><RichText inline :text="one.prompt" /></h3>
      <ShareBar :text="one.rightText" :percent="one.right" is-key />
      <ShareBar
        v-if="one.lure"
        :text="t('report.temptingBar', { text: one.lure.text })"
        :percent="one.lure.percent"
      />
    </article>
    <template v-if="known.length">
      <h3 class="known">{{ t('report.known') }}</h3>
      <ul>
        <li v-for="(prompt, i) in known" :key="i"><RichText inline :text="prompt" /></li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
article {
  padding-block: 12px;
}
article + article,
.known {
  border-top: 1px solid var(--line);
}
h3 {
  margin: 0 0 8px;
  font-size: 16px;
  overflow-wrap: anywhere;
}
.known {
  padding-top: 12px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding-block: 4px;
}
</style>
