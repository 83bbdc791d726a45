<script setup lang="ts">
import { fields, type Field } from '@distaff/core/interchange';
import { mdiFileUploadOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBring } from './bring.ts';
import { saveWorkbook } from './saveWorkbook.ts';

/** Where the questions come from, and what its columns hold. */
const { t } = useI18n();
const bring = useBring();
const pasted = ref('');
const dragging = ref(false);
const input = ref<HTMLInputElement | null>(null);

const sheet = computed(() => (bring.look?.kind === 'sheet' ? bring.look : null));
const fieldItems = computed(() => [
  { value: null, title: t('bring.ignore') },
  ...fields.map((value) => ({ value, title: t(`bring.fields.${value}`) })),
]);
const asCards = computed({
  get: () => bring.cards !== null,
  set: (on: boolean) => (bring.cards = on ? 4 : null),
});
function drop(event: DragEvent): void {
  dragging.value = false;
  const file = event.dataTransfer?.files[0];
  if (file) void bring.takeFile(file);
}
function choose(event: Event): void {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (file) void bring.takeFile(file);
  (event.target as HTMLInputElement).value = '';
}
async function saveTemplate(): Promise<void> {
  try {
    await saveWorkbook('/question-sheet.csv', 'question-sheet.xlsx');
  } catch (error) {
    bring.problem = { code: 'server', text: (error as Error).message };
  }
}
const setField = (i: number, field: Field | null) => (bring.columns!.fields[i] = field);
</script>

<template>
  <section class="source">
    <template v-if="!bring.look">
      <p>{{ t('bring.intro') }}</p>
      <div
        class="drop"
        :class="{ dragging }"
        @dragover.prevent="dragging = true"
        @dragleave="dragging = false"
        @drop.prevent="drop"
      >
        <v-btn color="primary" :prepend-icon="mdiFileUploadOutline" @click="input?.click()">{{
          t('bring.chooseFile')
        }}</v-btn>
        <span>{{ t('bring.orDrop') }}</span>
        <input
          ref="input"
          hidden
          type="file"
          accept=".csv,.tsv,.txt,.json,.xlsx,.zip,.xml"
          @change="choose"
        />
      </div>
      <v-textarea v-model="pasted" :label="t('bring.paste')" rows="8" class="mono" />
      <div class="row">
        <v-btn
          variant="outlined"
          :disabled="pasted.trim() === ''"
          @click="bring.take(pasted, t('bring.pastedName'))"
          >{{ t('bring.readPasted') }}</v-btn
        >
        <span class="grow" />
        <a href="/question-sheet.csv" download>{{ t('bring.template') }}</a>
        <v-btn variant="text" size="small" @click="saveTemplate">{{ t('bring.templateXlsx') }}</v-btn>
      </div>
    </template>
    <template v-else-if="sheet">
      <p>
        {{ t('bring.found', sheet.rows, { named: { n: sheet.rows, name: bring.name } }) }}
        <b v-if="sheet.guessed">{{ t('bring.guessed', { encoding: sheet.encoding }) }}</b>
      </p>
      <v-select
        v-if="sheet.sheets.length > 1"
        class="count"
        :label="t('bring.whichSheet')"
        :model-value="sheet.sheet"
        :items="
          sheet.sheets.map((one, value) => ({
            value,
            title: one.hidden ? t('bring.hiddenSheet', { name: one.name }) : one.name,
          }))
        "
        @update:model-value="bring.turnTo($event)"
      />
      <v-switch
        v-model="asCards"
        :label="t('bring.asCards')"
        :hint="t('bring.asCardsHint')"
        persistent-hint
      />
      <v-select
        v-if="bring.cards !== null"
        v-model="bring.cards"
        class="count"
        :label="t('bring.optionsEach')"
        :items="[2, 3, 4, 5, 6, 7, 8]"
      />
      <v-switch v-model="bring.columns!.hasHeader" :label="t('bring.hasHeader')" />
      <h2>{{ t('bring.columnsTitle') }}</h2>
      <div class="scroll" tabindex="0" role="region" :aria-label="t('bring.columnsTitle')">
        <table>
          <thead>
            <tr>
              <th v-for="(field, i) in bring.columns!.fields" :key="i" scope="col">
                <v-select
                  :model-value="field"
                  :items="fieldItems"
                  :label="t('bring.column', { n: i + 1 })"
                  @update:model-value="setField(i, $event)"
                />
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="(row, r) in sheet.first"
              :key="r"
              :class="{ names: r === 0 && bring.columns!.hasHeader }"
            >
              <td v-for="(_, i) in bring.columns!.fields" :key="i">{{ row[i] }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <div class="row">
        <v-btn variant="text" @click="bring.reset()">{{ t('bring.other') }}</v-btn>
        <span class="grow" />
        <v-btn color="primary" :loading="bring.done !== null" @click="bring.read()">{{
          t('bring.read')
        }}</v-btn>
      </div>
    </template>
  </section>
</template>

<style scoped>
.source {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
p {
  margin: 0;
}
.drop {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 16px;
  padding: 36px;
  border: 2px dashed var(--stone);
  border-radius: 6px;
}
.dragging {
  border-color: var(--moss);
  background: #eef3ef;
}
.count {
  max-width: 240px;
}
.scroll {
  overflow-x: auto;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
th {
  min-width: 180px;
  padding: 12px 8px 8px;
  font-weight: 400;
}
td {
  padding: 6px 12px;
  max-width: 320px;
  border-top: 1px solid var(--line);
  white-space: pre-line;
  overflow-wrap: anywhere;
  vertical-align: top;
}
.names {
  color: var(--stone);
  font-weight: 700;
}
</style>
