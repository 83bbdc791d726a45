import { readGradeSheet, type GradeSheet, type GradeSheetTrouble } from '@distaff/core/interchange';
import {
  absentMark,
  entriesFor,
  findNames,
  layOut,
  readOwnSheet,
  type Mark,
  type MarkRule,
} from '@distaff/core/report';
import { computed, ref, shallowRef, watch } from 'vue';

/** The host's own sheet: the file, what the host chose and said of it, and the file with one column filled. */
export function useOwnSheet(marks: () => readonly Mark[], rule: () => MarkRule) {
  const file = ref('');
  const sheets = shallowRef<GradeSheet[]>([]);
  const at = ref(0);
  const trouble = ref<GradeSheetTrouble | 'nobody' | null>(null);
  const names = ref<number[]>([]);
  const target = ref(0);
  /** What the host says of doubtful rows. */
  const said = ref(new Map<number, string>());
  const sheet = computed(() => sheets.value[at.value] ?? null);
  const rows = computed(() => sheet.value?.rows ?? []);
  const mayBeAbsent = computed(() => rule().absent === 'worst');

  function open(name: string, bytes: Uint8Array): void {
    const read = readGradeSheet(bytes);
    file.value = name;
    trouble.value = 'trouble' in read ? read.trouble : null;
    sheets.value = 'sheets' in read ? read.sheets : [];
    // The sheet in which people are found comes up first.
    const found = sheets.value.map((one) => findNames(one.rows, marks())?.found ?? 0);
    at.value = Math.max(0, found.indexOf(Math.max(0, ...found)));
    look();
  }
  function look(): void {
    said.value = new Map();
    const layout = layOut(rows.value, marks());
    names.value = layout?.names ?? [];
    target.value = layout?.target ?? 0;
    if (sheet.value) trouble.value = layout ? null : 'nobody';
  }
  watch(at, look);

  const read = computed(() => readOwnSheet(rows.value, names.value, marks(), said.value, mayBeAbsent.value));
  const settle = (row: number, what: string) => (said.value = new Map(said.value).set(row, what));
  const isFormula = (row: number) => sheet.value?.formulas.has(`${row} ${target.value}`) ?? false;
  /** Rows whose cell in the chosen column a formula fills: they are left alone. */
  const blocked = computed(() => read.value.settled.filter(({ row }) => isFormula(row)).length);

  /** The file with the column filled, under its own name; `title` heads a column that is new. */
  function filled(title: string): { name: string; bytes: Uint8Array } | null {
    if (!sheet.value) return null;
    const how = { absentMark: absentMark(rule()), title };
    const entries = entriesFor(read.value, target.value, marks(), how).filter(({ row }) => !isFormula(row));
    return { name: file.value, bytes: sheet.value.fill(entries) };
  }

  return { file, sheets, at, trouble, names, target, read, mayBeAbsent, blocked, open, settle, filled };
}
