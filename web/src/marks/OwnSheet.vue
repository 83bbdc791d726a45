<script setup lang="ts">
import type { Mark, MarkRule } from '@distaff/core/report';
import { mdiDownload, mdiFileUploadOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { saveFile } from '../design/saveFile.ts';
import NameDoubts from './NameDoubts.vue';
import { useOwnSheet } from './useOwnSheet.ts';

/** Marks into the host's own sheet: one column is filled, everything else stays as it is. */
const { marks, rule } = defineProps<{ marks: readonly Mark[]; rule: MarkRule }>();
const { t } = useI18n();
const sheet = useOwnSheet(
  () => marks,
  () => rule,
);
const input = ref<HTMLInputElement | null>(null);
const isOver = ref(false);
async function take(file: File | undefined): Promise<void> {
  if (file) sheet.open(file.name, new Uint8Array(await file.arrayBuffer()));
}
async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  field.value = '';
  await take(file);
}
const columns = computed(() => sheet.read.value.heads.map((title, value) => ({ value, title })));
const targets = computed(() => [
  ...columns.value,
  { value: sheet.read.value.heads.length, title: t('report.marks.sheet.newColumn') },
]);
function download(): void {
  const filled = sheet.filled(t('report.marks.mark'));
  if (filled) saveFile(filled.name, new Blob([filled.bytes as Uint8Array<ArrayBuffer>]));
}
</script>

<template>
  <section
    class="card own"
    :class="{ over: isOver }"
    @dragover.prevent="isOver = true"
    @dragleave="isOver = false"
    @drop.prevent="
      isOver = false;
      void take($event.dataTransfer?.files[0]);
    "
  >
    <h2>{{ t('report.marks.sheet.title') }}</h2>
    <p class="muted">{{ t('report.marks.sheet.how') }}</p>
    <input ref="input" type="file" hidden accept=".csv,.tsv,.txt,.xlsx" @change="choose" />
    <div class="row wrap">
      <v-btn variant="outlined" :prepend-icon="mdiFileUploadOutline" @click="input?.click()">{{
        t('report.marks.sheet.choose')
      }}</v-btn>
      <span v-if="sheet.file.value" class="muted clip">{{ sheet.file.value }}</span>
    </div>
    <p v-if="sheet.trouble.value" role="alert">
      {{ t(`report.marks.sheet.trouble.${sheet.trouble.value}`) }}
    </p>
    <template v-if="sheet.sheets.value.length">
      <v-select
        v-if="sheet.sheets.value.length > 1"
        v-model="sheet.at.value"
        hide-details
        :label="t('report.marks.sheet.which')"
        :items="sheet.sheets.value.map(({ name }, value) => ({ value, title: name }))"
      />
      <div class="pair">
        <v-select
          v-model="sheet.names.value"
          multiple
          hide-details
          :label="t('report.marks.sheet.names')"
          :items="columns"
        />
        <v-select
          v-model="sheet.target.value"
          hide-details
          :label="t('report.marks.sheet.target')"
          :items="targets"
        />
      </div>
      <p role="status">
        {{ t('report.marks.sheet.found', { n: sheet.read.value.settled.length, of: marks.length }) }}
        <template v-if="sheet.blocked.value > 0">
          {{ t('report.marks.sheet.formulas', sheet.blocked.value, { named: { n: sheet.blocked.value } }) }}
        </template>
      </p>
      <NameDoubts
        :read="sheet.read.value"
        :marks="marks"
        :may-be-absent="sheet.mayBeAbsent.value"
        @settle="sheet.settle"
      />
      <div class="row">
        <v-btn
          color="primary"
          :prepend-icon="mdiDownload"
          :disabled="sheet.read.value.settled.length === 0"
          @click="download"
          >{{ t('report.marks.sheet.download') }}</v-btn
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
.own {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.over {
  outline: 3px solid var(--woad);
}
h2,
p {
  margin: 0;
}
.wrap {
  flex-wrap: wrap;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
  gap: 12px;
  align-items: center;
}
@media print {
  .own {
    display: none;
  }
}
</style>
