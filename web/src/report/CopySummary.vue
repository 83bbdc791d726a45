<script setup lang="ts">
import { mdiContentCopy } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SittingResults } from '../api/server.ts';
import { copyText } from '../design/copyText.ts';
import { useFormat } from '../design/useFormat.ts';

/** A few lines about the game to post elsewhere: not one name of a person stands in them. */
const { results } = defineProps<{ results: SittingResults }>();
const { t } = useI18n();
const { day } = useFormat();
const copied = ref<boolean | null>(null);
const text = computed(() => {
  const { sitting, report } = results;
  const { overview, items } = report;
  const lines = [
    t('report.summary.head', { title: sitting.title, when: day(sitting.openedAt) }),
    t('report.summary.took', { n: overview.tookPart, questions: items.length }),
  ];
  if (overview.share !== null) lines.push(t('report.summary.share', { n: Math.round(overview.share * 100) }));
  const [hardest] = overview.missed;
  if (hardest !== undefined) lines.push(t('report.summary.missed', { prompt: items[hardest]!.prompt }));
  return lines.join('\n');
});
async function copy(): Promise<void> {
  copied.value = await copyText(text.value);
}
</script>

<template>
  <v-btn variant="outlined" :prepend-icon="mdiContentCopy" @click="copy">{{
    t('report.summary.copy')
  }}</v-btn>
  <span v-if="copied" class="muted" role="status">{{ t('report.summary.copied') }}</span>
  <!-- Without https there may be no clipboard: then it can be taken by hand. -->
  <pre v-if="copied === false" class="text" tabindex="0">{{ text }}</pre>
</template>

<style scoped>
.text {
  width: 100%;
  margin: 0;
  white-space: pre-wrap;
  font: inherit;
}
</style>
