<script setup lang="ts">
import { MIN_TEAMS, type Team } from '@distaff/core/show';
import {
  decode,
  readTable,
  readTeams,
  tableOf,
  teamSheetHeader,
  toCsv,
  writeTeams,
  type TeamRow,
} from '@distaff/core/interchange';
import { mdiAlertOutline, mdiFileUploadOutline, mdiTableArrowDown } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import { saveFile } from '../../design/saveFile.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { useEditor } from '../editor.ts';
import { readBook, saveBook } from '../bring/book.ts';

/** Teams from a CSV or XLSX: every problem at its row, and then taken over at once. */
const { t, te } = useI18n();
const editor = useEditor();
const open = ref(false);
const pasted = ref('');
const rows = ref<TeamRow[]>([]);
const trouble = ref('');
const input = ref<HTMLInputElement | null>(null);
const good = computed(() => rows.value.filter((row) => !row.dropped));
const left = computed(() => rows.value.length - good.value.length);
/** What cannot be taken stands first: of fifty rows nobody looks at the last. */
const listed = computed(() => [...rows.value].sort((a, b) => Number(b.dropped) - Number(a.dropped)));

function take(got: ReturnType<typeof readTable>): void {
  rows.value = [];
  trouble.value = 'trouble' in got ? got.trouble : '';
  if ('table' in got) rows.value = readTeams(got.table, editor.newId);
}
async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  field.value = '';
  if (!file) return;
  const bytes = new Uint8Array(await file.arrayBuffer());
  // A workbook is a zip archive.
  if (bytes[0] === 0x50 && bytes[1] === 0x4b) {
    const cells = await readBook(bytes);
    if (cells) take(tableOf(cells));
    else [rows.value, trouble.value] = [[], 'workbook'];
  } else take(readTable(decode(bytes).text));
}
function takeOver(): void {
  const teams: Team[] = good.value.map((row) => row.team);
  editor.remove('people.replaced', () => (editor.show!.teams = teams));
  open.value = false;
  rows.value = [];
  pasted.value = '';
}
const template = () =>
  toCsv(
    [...teamSheetHeader],
    [
      ['Bowline', 'twill moss chalk', 'Ansa; Jory; Wenna'],
      ['Fairlead', '', 'Tamsin; Perran'],
    ],
  );
const csv = (text: string, name: string) => saveFile(name, new Blob([text], { type: 'text/csv' }));
</script>

<template>
  <v-btn variant="outlined" :prepend-icon="mdiTableArrowDown" @click="open = true">{{
    t('people.fromSheet')
  }}</v-btn>
  <DialogFrame v-model="open" :title="t('people.fromSheet')" :width="720">
    <p class="muted">{{ t('people.sheetIntro') }}</p>
    <div class="row">
      <v-btn color="primary" :prepend-icon="mdiFileUploadOutline" @click="input?.click()">{{
        t('people.choose')
      }}</v-btn>
      <input ref="input" hidden type="file" accept=".csv,.tsv,.txt,.xlsx" @change="choose" />
      <v-btn variant="text" size="small" @click="csv(template(), 'teams.csv')">{{
        t('people.templateCsv')
      }}</v-btn>
      <v-btn variant="text" size="small" @click="saveBook(template(), 'teams.xlsx')">{{
        t('people.templateXlsx')
      }}</v-btn>
      <v-btn
        variant="text"
        size="small"
        @click="csv(toCsv([...teamSheetHeader], writeTeams(editor.show!.teams)), 'teams.csv')"
        >{{ t('people.saveCsv') }}</v-btn
      >
    </div>
    <v-textarea v-model="pasted" rows="3" max-rows="8" auto-grow class="mono" :label="t('people.paste')" />
    <v-btn v-if="pasted.trim()" class="start" variant="outlined" @click="take(readTable(pasted))">{{
      t('people.read')
    }}</v-btn>
    <p v-if="trouble" role="alert">
      {{ te(`people.trouble.${trouble}`) ? t(`people.trouble.${trouble}`) : trouble }}
    </p>
    <template v-if="rows.length">
      <p role="status">
        <b>{{ t('people.rows', good.length, { named: { n: good.length } }) }}</b>
        <template v-if="left">{{ ` ${t('people.leftOut', left, { named: { n: left } })}` }}</template>
      </p>
      <ol class="found">
        <li v-for="row in listed" :key="row.line" :class="{ out: row.dropped }">
          <WeaveSwatch :weave="row.team.weave" />
          <span class="grow">
            <b>{{ row.team.name || t('people.line', { n: row.line }) }}</b>
            <span v-if="row.dropped"> – {{ t('people.dropped') }}</span>
            <small v-else class="muted">
              {{
                t('people.members', row.team.members?.length ?? 0, {
                  named: { n: row.team.members?.length ?? 0 },
                })
              }}</small
            >
            <span v-for="(one, i) in row.problems" :key="i" class="problem">
              <v-icon :icon="mdiAlertOutline" size="16" />
              {{ t('people.line', { n: one.line }) }}:
              {{ t(`people.problems.${one.code}`, { text: one.text }) }}
            </span>
          </span>
        </li>
      </ol>
    </template>

    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" :disabled="good.length < MIN_TEAMS" @click="takeOver">{{
        t('people.takeOver')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
}
.start {
  align-self: flex-start;
}
.found {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 320px;
  overflow-y: auto;
  flex: none;
}
li {
  display: flex;
  gap: 10px;
  align-items: flex-start;
  padding: 6px 4px;
  border-bottom: 1px solid var(--line);
}
.out b {
  color: var(--stone);
}
small {
  margin-left: 6px;
}
.problem {
  display: block;
  color: #8a6400;
  font-size: 15px;
}
</style>
