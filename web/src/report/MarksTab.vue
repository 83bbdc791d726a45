<script setup lang="ts">
import { watch } from 'vue';
import { useI18n } from 'vue-i18n';
import MarkRuleForm from './MarkRuleForm.vue';
import { useMarks } from './marks.ts';
import MarkTable from './MarkTable.vue';
import OwnSheet from './OwnSheet.vue';
import { useResults } from './results.ts';

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
      <MarkRuleForm />
      <div class="stack">
        <MarkTable />
        <OwnSheet />
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
