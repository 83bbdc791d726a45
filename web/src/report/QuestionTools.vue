<script setup lang="ts">
import type { Report } from '@distaff/core/report';
import { countings } from '@distaff/core/sitting';
import { mdiScaleBalance } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';
import { useResults } from './results.ts';

/** How a question counts: as it was played, for everybody, for nobody; and what it is worth. */
const { item } = defineProps<{ item: Report['items'][number] }>();
const { t } = useI18n();
const { points: told } = useFormat();
const results = useResults();
const open = ref(false);
const value = ref<number | string>(item.value);
type Counting = (typeof countings)[number];
const count = (counts: Counting) => {
  open.value = false;
  void results.propose(
    { type: 'reweigh', play: item.play, counts },
    t(`report.counts.${counts}Says`, { n: item.number, points: told(item.value) }),
  );
};
const revalue = () => {
  const points = Number(value.value);
  if (!Number.isInteger(points)) return;
  open.value = false;
  void results.propose(
    { type: 'reweigh', play: item.play, points },
    t('report.counts.pointsSays', { n: item.number, before: told(item.value), after: told(points) }),
  );
};
</script>

<template>
  <v-menu v-model="open" :close-on-content-click="false">
    <template #activator="{ props }">
      <v-btn variant="outlined" size="small" :prepend-icon="mdiScaleBalance" v-bind="props">{{
        t('report.counts.label')
      }}</v-btn>
    </template>
    <v-card class="tools">
      <v-list>
        <v-list-item
          v-for="one in countings"
          :key="one"
          :active="item.counts === one"
          :disabled="item.counts === one"
          :title="t(`report.counts.${one}`)"
          @click="count(one)"
        />
      </v-list>
      <form class="row" @submit.prevent="revalue">
        <v-text-field v-model="value" type="number" hide-details :label="t('report.counts.points')" />
        <v-btn variant="outlined" type="submit" :disabled="Number(value) === item.value">{{
          t('report.counts.change')
        }}</v-btn>
      </form>
    </v-card>
  </v-menu>
</template>

<style scoped>
.tools {
  max-width: min(360px, 92vw);
}
form {
  padding: 12px 16px 16px;
  border-top: 1px solid var(--line);
}
</style>
