import { lacksOf, type Question } from '@distaff/core/question';
import { mendRow, type ImportProblem, type ImportRow } from '@distaff/core/interchange';
import { computed, ref, shallowRef, triggerRef } from 'vue';

/** The rows that were read: what is wrong with each, how it is mended, and which are left out. */
export function rowList() {
  const rows = shallowRef<ImportRow[]>([]);
  const left = ref(new Set<number>());
  const onlyTrouble = ref(false);

  const troubled = (row: ImportRow) => row.problems.length > 0 || lacksOf(row.question).length > 0;
  const shown = computed(() =>
    rows.value.flatMap((row, i) => (!onlyTrouble.value || troubled(row) ? [i] : [])),
  );
  const counts = computed(() => ({
    all: rows.value.length,
    chosen: rows.value.length - left.value.size,
    troubled: rows.value.filter(troubled).length,
  }));
  /** The questions of the rows that are not left out. */
  const chosen = () => rows.value.filter((_, i) => !left.value.has(i)).map((row) => row.question);

  function fill(found: ImportRow[]): void {
    rows.value = found;
    left.value = new Set();
  }
  function put(index: number, row: ImportRow): void {
    rows.value[index] = row;
    triggerRef(rows);
  }
  const write = (index: number, question: Question) => put(index, { ...rows.value[index]!, question });
  function mend(index: number, one: ImportProblem): void {
    put(index, mendRow(rows.value[index]!, one));
    if (one.code === 'twice') leaveOut(index, true);
  }
  /** Mends at once everything for which something is proposed. */
  function mendAll(): void {
    rows.value = rows.value.map((row) =>
      row.problems.filter((one) => one.mend !== null).reduce((mended, one) => mendRow(mended, one), row),
    );
  }
  function leaveOut(index: number, on: boolean): void {
    const next = new Set(left.value);
    if (on) next.add(index);
    else next.delete(index);
    left.value = next;
  }

  return { rows, left, onlyTrouble, troubled, shown, counts, chosen, fill, write, mend, mendAll, leaveOut };
}
