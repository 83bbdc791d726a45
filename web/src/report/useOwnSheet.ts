import {
  readGradeSheet,
  type Entry,
  type GradeSheet,
  type GradeSheetTrouble,
} from '@distaff/core/interchange';
import { absentMark, findNames, matchPeople, namesIn, type Mark, type Match } from '@distaff/core/report';
import { computed, ref, shallowRef, watch } from 'vue';
import { useMarks } from './marks.ts';

/** A row of the sheet of which it is not sure who it is. */
export interface Doubt extends Match {
  name: string;
}

/** The host's own sheet: who is found in it, what is doubtful, and the sheet with one column filled. */
export function useOwnSheet(marks: () => readonly Mark[]) {
  const store = useMarks();
  const file = ref('');
  const sheets = shallowRef<GradeSheet[]>([]);
  const at = ref(0);
  const trouble = ref<GradeSheetTrouble | 'nobody' | null>(null);
  const names = ref<number[]>([]);
  const target = ref(0);
  /** Who a doubtful row is, as the host says; '' for nobody. */
  const said = ref(new Map<number, string>());
  const sheet = computed(() => sheets.value[at.value] ?? null);
  const rows = computed(() => sheet.value?.rows ?? []);
  const width = computed(() => Math.max(0, ...rows.value.map((row) => row.length)));

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
    const found = findNames(rows.value, marks());
    names.value = found?.columns ?? [];
    if (sheet.value) trouble.value = found ? null : 'nobody';
    // The first column behind the names that is empty beside all of them, else a new one.
    const filled = (column: number) =>
      matches.value.some(({ row, person }) => person !== null && (rows.value[row]![column] ?? '') !== '');
    const last = Math.max(-1, ...names.value);
    const columns = Array.from({ length: width.value }, (_, i) => i);
    target.value = columns.find((column) => column > last && !filled(column)) ?? width.value;
  }
  watch(at, look);

  const matches = computed(() =>
    names.value.length === 0
      ? []
      : matchPeople(
          namesIn(
            rows.value,
            [...names.value].sort((a, b) => a - b),
          ),
          marks(),
        ),
  );
  /** The row over the first person that is found, where it says what stands under it. */
  const head = computed(() => Math.max(-1, (matches.value.find(({ person }) => person)?.row ?? 0) - 1));
  const heads = computed(() =>
    Array.from(
      { length: width.value },
      (_, i) => rows.value[head.value]?.[i] || String.fromCharCode(65 + (i % 26)),
    ),
  );
  /** Rows with a name below the head that are not surely somebody; where nobody fits, only while somebody is missing. */
  const doubts = computed((): Doubt[] => {
    const all = namesIn(rows.value, names.value);
    const sure = matches.value.filter(({ isSure }) => isSure).length;
    return matches.value
      .filter(({ row, isSure }) => !isSure && row > head.value && all[row] !== '')
      .filter(({ candidates }) => candidates.length > 0 || sure < marks().length)
      .sort((a, b) => b.candidates.length - a.candidates.length || a.row - b.row)
      .map((one) => ({ ...one, name: all[one.row]! }));
  });
  const chosenFor = (one: Match) => said.value.get(one.row) ?? one.person ?? '';
  const settle = (row: number, id: string) => (said.value = new Map(said.value).set(row, id));
  /** Who stands where, once doubts are settled; nobody stands in two rows. */
  const settled = computed(() => {
    const seen = new Set<string>();
    return matches.value.flatMap((one) => {
      const id = one.isSure ? one.person! : one.row > head.value ? chosenFor(one) : '';
      if (id === '' || seen.has(id)) return [];
      seen.add(id);
      return [{ row: one.row, id }];
    });
  });
  const missing = computed(() => {
    const found = new Set(settled.value.map(({ id }) => id));
    return marks()
      .map(({ id }) => id)
      .filter((id) => !found.has(id));
  });
  /** Rows whose cell in the chosen column a formula fills: they are left alone. */
  const blocked = computed(
    () => settled.value.filter(({ row }) => sheet.value!.formulas.has(`${row} ${target.value}`)).length,
  );

  /** The file with the column filled, under its own name; `title` heads a column that is new. */
  function filled(title: string): { name: string; bytes: Uint8Array } | null {
    if (!sheet.value) return null;
    const byId = new Map(marks().map((one) => [one.id, one.mark]));
    const { formulas } = sheet.value;
    const entries: Entry[] = [];
    const enter = (row: number, value: Entry['value'] | null) => {
      if (value !== null && !formulas.has(`${row} ${target.value}`))
        entries.push({ row, column: target.value, value });
    };
    if (target.value >= width.value && head.value >= 0) enter(head.value, title);
    for (const { row, id } of settled.value) enter(row, byId.get(id) ?? null);
    // Who stands in the sheet and was not there has what the rule says.
    const known = new Set(settled.value.map(({ row }) => row));
    const all = namesIn(rows.value, names.value);
    for (const { row } of matches.value)
      if (row > head.value && all[row] !== '' && !known.has(row)) enter(row, absentMark(store.rule));
    return { name: file.value, bytes: sheet.value.fill(entries) };
  }

  return {
    file,
    sheets,
    at,
    trouble,
    names,
    target,
    heads,
    doubts,
    settled,
    missing,
    /** Those who can still be chosen for a row. */
    free: missing,
    blocked,
    open,
    chosenFor,
    settle,
    filled,
  };
}
