<script setup lang="ts">
import { watch } from 'vue';
import { useI18n } from 'vue-i18n';
import MarkRuleForm from '../marks/MarkRuleForm.vue';
import MarkTable from '../marks/MarkTable.vue';
import OwnSheet from '../marks/OwnSheet.vue';
import { useMarks } from './marks.ts';
import { useResults } from './results.ts';
import WhatCounts from './WhatCounts.vue';

/** Marks for the grade book: the rule, every mark beside what it comes from, and the host's own sheet. */
const { t } = useI18n();
const results = useResults();
const marks = useMarks();
watch(
  () => results.id,
  (id) => void marks.load(id),
  { immediate: true },
);
</script>

<template>
  <div>
    <p v-if="marks.problem" role="alert">{{ marks.problem }}</p>
    <p v-else-if="!marks.isLoaded" role="status">{{ t('common.loading') }}</p>
    <p v-else-if="marks.marks.length === 0" class="muted">{{ t('report.people.nobody') }}</p>
    <div v-if="marks.isLoaded && marks.marks.length" class="columns">
      <MarkRuleForm :rule="marks.rule" :group="marks.group" @change="marks.change">
        <WhatCounts />
      </MarkRuleForm>
      <div class="stack">
        <MarkTable
          :marks="marks.marks"
          :rule="marks.rule"
          :title="results.data?.sitting.title ?? ''"
          :column="{ id: results.id, played: Date.parse(results.data?.sitting.openedAt ?? '') || 0 }"
        />
        <OwnSheet :marks="marks.marks" :rule="marks.rule" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 360px) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.stack {
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-width: 0;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .columns {
    display: block;
  }
  .columns :deep(.form) {
    display: none;
  }
}
</style>
