<script setup lang="ts">
import { ABSENT, type Mark, type ReadSheet } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** People in a file of whom it is not sure who they are: the host says it. */
const { read, marks, mayBeAbsent } = defineProps<{
  read: ReadSheet;
  marks: readonly Mark[];
  mayBeAbsent: boolean;
}>();
const emit = defineEmits<{ settle: [row: number, what: string] }>();
const { t } = useI18n();
const nameOf = computed(() => new Map(marks.map(({ id, name }) => [id, name])));
const whoIn = (candidates: readonly string[]) => [
  { value: '', title: t('report.marks.sheet.nobody') },
  ...(mayBeAbsent ? [{ value: ABSENT, title: t('report.marks.sheet.absent') }] : []),
  ...[...new Set([...candidates, ...read.missing])].map((id) => ({
    value: id,
    title: nameOf.value.get(id) ?? '',
  })),
];
</script>

<template>
  <template v-if="read.doubts.length">
    <h3>{{ t('report.marks.sheet.doubts') }}</h3>
    <div v-for="doubt in read.doubts" :key="doubt.row" class="doubt">
      <span class="clip" dir="auto">{{ doubt.name }}</span>
      <v-select
        hide-details
        :model-value="doubt.now"
        :label="t('report.marks.sheet.is')"
        :items="whoIn(doubt.candidates)"
        @update:model-value="emit('settle', doubt.row, $event)"
      />
    </div>
  </template>
  <p v-if="read.missing.length" class="muted">
    {{
      t('report.marks.sheet.missing', { names: read.missing.map((id) => nameOf.get(id) ?? '').join(', ') })
    }}
  </p>
</template>

<style scoped>
h3,
p {
  margin: 0;
}
h3 {
  font-size: 16px;
}
.doubt {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
  gap: 12px;
  align-items: center;
}
</style>
