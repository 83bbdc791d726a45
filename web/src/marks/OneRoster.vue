<script setup lang="ts">
import type { Mark, MarkRule } from '@distaff/core/report';
import { mdiDownload, mdiFileUploadOutline } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../design/DialogFrame.vue';
import { saveFile } from '../design/saveFile.ts';
import NameDoubts from './NameDoubts.vue';
import { useSchool } from './useSchool.ts';

/** Marks for a school's own system, as OneRoster 1.2 (CSV). */
const { marks, rule, column } = defineProps<{
  marks: readonly Mark[];
  rule: MarkRule;
  /** What is marked: its id, its title, and when it was played (ms since 1970). */
  column: { id: string; title: string; played: number };
}>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const school = useSchool(
  () => marks,
  () => rule,
);
const input = ref<HTMLInputElement | null>(null);
async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  field.value = '';
  if (file) school.open(file.name, new Uint8Array(await file.arrayBuffer()));
}
const fields = [
  { name: 'class', from: 'classes' },
  { name: 'period', from: 'periods' },
  { name: 'category', from: 'categories' },
] as const;
function download(): void {
  if (!school.isReady.value) return;
  const packed = school.made({ ...column, now: Date.now() }, t('report.marks.oneRoster.games'));
  saveFile(
    `${column.title || t('report.marks.title')}.oneroster.zip`,
    new Blob([packed as Uint8Array<ArrayBuffer>]),
  );
}
</script>

<template>
  <DialogFrame v-model="open" :title="t('report.marks.oneRoster.title')" form @submit="download">
    <p>{{ t('report.marks.oneRoster.how') }}</p>
    <input ref="input" type="file" hidden accept=".zip,.csv" @change="choose" />
    <div class="row wrap">
      <v-btn variant="outlined" :prepend-icon="mdiFileUploadOutline" @click="input?.click()">{{
        t('report.marks.oneRoster.choose')
      }}</v-btn>
      <span v-if="school.file.value" class="muted clip">{{ school.file.value }}</span>
    </div>
    <p v-if="school.trouble.value" role="alert">
      {{ t(`report.marks.oneRoster.trouble.${school.trouble.value}`) }}
    </p>
    <p v-if="school.school.value" role="status">
      {{ t('report.marks.sheet.found', { n: school.read.value.settled.length, of: marks.length }) }}
    </p>
    <p v-else class="muted">{{ t('report.marks.oneRoster.without') }}</p>
    <v-combobox
      v-for="field in fields"
      :key="field.name"
      v-model="school.place[field.name]"
      hide-details
      :label="t(`report.marks.oneRoster.${field.name}`)"
      :items="school.knownOf(field.from)"
    />
    <v-text-field
      v-if="!school.school.value?.classes.length"
      v-model="school.place.school"
      hide-details
      :label="t('report.marks.oneRoster.school')"
    />
    <NameDoubts
      v-if="school.school.value"
      :read="school.read.value"
      :marks="marks"
      :may-be-absent="false"
      @settle="school.settle"
    />
    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.close') }}</v-btn>
      <v-btn color="primary" type="submit" :prepend-icon="mdiDownload" :disabled="!school.isReady.value">{{
        t('report.marks.oneRoster.download')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.wrap {
  flex-wrap: wrap;
}
</style>
