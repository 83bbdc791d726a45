<script setup lang="ts">
import type { Results } from '@distaff/core/report';
import { useI18n } from 'vue-i18n';
import { useResults } from './results.ts';
import { signOf } from './signs.ts';

/** Marks one answer otherwise, or all that say the same. */
const { response, name } = defineProps<{ response: Results['responses'][number]; name: string }>();
const { t } = useI18n();
const results = useResults();
const verdicts = ['right', 'part', 'wrong'] as const;
function mark(verdict: (typeof verdicts)[number]): void {
  const { play, teamId, who, number } = response;
  void results.propose(
    { type: 'rule', play, team: teamId, verdict, ...(who === teamId ? {} : { seat: who! }) },
    t('report.mark.says', { name, number, verdict: t(`report.signs.${signOf[verdict]}`) }),
  );
}
const accept = () =>
  results.propose(
    { type: 'acceptAnswer', play: response.play, who: response.who! },
    t('report.mark.acceptSays', { text: response.answer, number: response.number }),
  );
</script>

<template>
  <div class="row marks" role="group" :aria-label="t('report.mark.label')">
    <v-btn
      v-for="verdict in verdicts"
      :key="verdict"
      variant="outlined"
      size="small"
      :disabled="response.verdict === verdict"
      @click="mark(verdict)"
      >{{ t(`report.mark.${verdict}`) }}</v-btn
    >
    <v-btn
      v-if="response.answer && response.verdict !== 'right'"
      variant="outlined"
      size="small"
      @click="accept"
      >{{ t('report.mark.accept') }}</v-btn
    >
  </div>
</template>

<style scoped>
.marks {
  flex-wrap: wrap;
}
@media print {
  .marks {
    display: none;
  }
}
</style>
