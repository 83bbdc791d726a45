import { filesOf, lacksOf, placeFiles, withoutFiles, type Question } from '@distaff/core/question';
import { mendRow, type Columns, type ImportProblem, type ImportRow } from '@distaff/core/interchange';
import { proxy, wrap, type Remote } from 'comlink';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, triggerRef } from 'vue';
import { ApiError } from '../../api/client.ts';
import { server, type StoredMedia } from '../../api/server.ts';
import { localFiles } from '../../design/media/mediaUrl.ts';
import type { Look, Reader } from './worker.ts';

/** Bytes of a file that is read at all: a sheet, or an archive with pictures. */
const MAX_BYTES = 25_000_000;
const MAX_ARCHIVE = 100_000_000;
/** Whether the server cannot take a file whoever sends it, and however often. */
const isUnfit = (error: unknown): boolean =>
  error instanceof ApiError && ([413, 415].includes(error.status) || error.code === 'empty');

/** Questions that are being brought in: the source, how it is read, the rows, and what became of them. */
export const useBring = defineStore('bring', () => {
  const step = ref<'source' | 'rows' | 'done'>('source');
  const name = ref('');
  const look = shallowRef<Exclude<Look, { trouble: unknown }> | null>(null);
  const columns = ref<Columns | null>(null);
  /** Options a question when two columns are read as flashcards; null for a sheet. */
  const cards = ref<number | null>(null);
  const rows = shallowRef<ImportRow[]>([]);
  const left = ref(new Set<number>());
  const onlyTrouble = ref(false);
  /** Rows read so far, while reading. */
  const done = ref<number | null>(null);
  const saving = ref(false);
  /** Pictures and sounds sent so far, of how many. */
  const sent = ref<{ n: number; of: number } | null>(null);
  /** Questions stored so far, of how many. */
  const stored = ref<{ n: number; of: number } | null>(null);
  const problem = ref<{ code: string; text: string } | null>(null);
  const result = ref<{ id: string; set: string; count: number; takenBack: boolean } | null>(null);
  let worker: Worker | null = null;
  let reader: Remote<Reader> | null = null;
  let reading = 0;

  function start(): Remote<Reader> {
    worker ??= new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
    reader ??= wrap<Reader>(worker);
    return reader;
  }
  /** Stops whatever is being read. */
  function stop(): void {
    reading++;
    worker?.terminate();
    worker = reader = null;
    done.value = null;
  }
  function reset(): void {
    stop();
    for (const address of localFiles.values()) URL.revokeObjectURL(address);
    localFiles.clear();
    step.value = 'source';
    look.value = null;
    rows.value = [];
    left.value = new Set();
    problem.value = result.value = null;
    cards.value = null;
    onlyTrouble.value = false;
  }

  async function take(source: Uint8Array | string, from: string): Promise<void> {
    reset();
    name.value = from;
    const own = ++reading;
    const found = await start().look(source);
    if (own !== reading) return;
    if ('trouble' in found) problem.value = { code: found.trouble, text: found.sentence };
    else {
      look.value = found;
      columns.value = found.kind === 'set' ? null : found.columns;
      if (found.kind === 'set')
        for (const file of found.media)
          localFiles.set(file, URL.createObjectURL(new Blob([(await start().file(file)).slice()])));
      if (own === reading && found.kind !== 'sheet') await read();
    }
  }
  async function takeFile(file: File): Promise<void> {
    if (file.size > (/\.zip$/i.test(file.name) ? MAX_ARCHIVE : MAX_BYTES)) {
      reset();
      problem.value = { code: 'tooBig', text: '' };
    } else await take(new Uint8Array(await file.arrayBuffer()), file.name);
  }

  /** Another sheet of the workbook. */
  async function turnTo(sheet: number): Promise<void> {
    const own = ++reading;
    const found = await start().turnTo(sheet);
    if (own !== reading) return;
    problem.value = 'trouble' in found ? { code: found.trouble, text: found.sentence } : null;
    if ('trouble' in found) return;
    look.value = found;
    columns.value = found.kind === 'set' ? null : found.columns;
  }

  /** Reads all rows with the columns as they are set now. */
  async function read(): Promise<void> {
    const own = ++reading;
    done.value = 0;
    const asked = columns.value && { ...columns.value, fields: [...columns.value.fields] };
    const found = await start().rows(
      asked,
      cards.value,
      proxy((n: number) => void (done.value = n)),
    );
    if (own !== reading) return;
    done.value = null;
    rows.value = found;
    left.value = new Set();
    step.value = 'rows';
  }

  const troubled = (row: ImportRow) => row.problems.length > 0 || lacksOf(row.question).length > 0;
  const shown = computed(() =>
    rows.value.flatMap((row, i) => (!onlyTrouble.value || troubled(row) ? [i] : [])),
  );
  const counts = computed(() => ({
    all: rows.value.length,
    chosen: rows.value.length - left.value.size,
    troubled: rows.value.filter(troubled).length,
  }));

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

  /** Sends the files that these questions need. @returns where they are now; null where that was broken off. */
  async function sendFiles(questions: readonly Question[]): Promise<Map<string, StoredMedia> | null> {
    const files = [...new Set(questions.flatMap(filesOf))].filter((file) => localFiles.has(file));
    const placed = new Map<string, StoredMedia>();
    for (const [n, file] of files.entries()) {
      if (!saving.value) return null;
      sent.value = { n, of: files.length };
      try {
        placed.set(file, await server.sendMedia(file, await start().file(file)));
      } catch (error) {
        // One damaged picture is no reason to lose all questions; anything else is.
        if (!isUnfit(error)) throw error;
        refused.value = [...refused.value, file];
      }
    }
    return saving.value ? placed : null;
  }
  /** Files that the server could not take: their questions come in without them. */
  const refused = ref<string[]>([]);
  /** The import that is being stored. */
  let storing = '';
  /** Breaks off what is being sent or stored: nothing of it stays. */
  async function breakOff(): Promise<void> {
    saving.value = false;
    sent.value = null;
    // Where that does not reach the server in time, what was stored is taken back afterwards.
    if (storing) await server.takeBackImport(storing).catch(() => undefined);
  }
  /** Follows how far the storing is. */
  async function follow(id: string, of: number): Promise<void> {
    stored.value = { n: 0, of };
    while (storing === id) {
      const { progress } = await server.importProgress(id).catch(() => ({ progress: null }));
      if (progress && storing === id) stored.value = { n: progress.stored, of };
      await new Promise((resolve) => setTimeout(resolve, 250));
    }
  }

  /** Brings the chosen rows in, all or none; their pictures and sounds before them. @returns whether they are in. */
  async function bringIn(set: string): Promise<boolean> {
    if (saving.value || storing) return false;
    saving.value = true;
    problem.value = null;
    refused.value = [];
    try {
      const chosen = rows.value.filter((_, i) => !left.value.has(i)).map((row) => row.question);
      const placed = await sendFiles(chosen);
      if (!placed) return false;
      sent.value = null;
      const lost = new Set(refused.value);
      const questions = chosen.map((question) => placeFiles(withoutFiles(question, lost), placed));
      const id = (storing = nanoid());
      void follow(id, questions.length);
      const { count } = await server.bringIn(id, set, name.value, questions);
      // Broken off too late to be kept from being stored: it is taken back then.
      const kept = saving.value || (await server.takeBackImport(id).then(() => false));
      if (!kept) return false;
      result.value = { id, set, count, takenBack: false };
      step.value = 'done';
      return true;
    } catch (error) {
      if (saving.value) problem.value = { code: 'server', text: (error as Error).message };
      return false;
    } finally {
      storing = '';
      saving.value = false;
      sent.value = stored.value = null;
    }
  }
  async function takeBack(): Promise<void> {
    try {
      await server.takeBackImport(result.value!.id);
      result.value!.takenBack = true;
    } catch (error) {
      problem.value = { code: 'server', text: (error as Error).message };
    }
  }

  return {
    step,
    name,
    look,
    columns,
    cards,
    rows,
    left,
    onlyTrouble,
    done,
    saving,
    sent,
    stored,
    breakOff,
    problem,
    result,
    shown,
    counts,
    reset,
    stop,
    refused,
    take,
    takeFile,
    turnTo,
    read,
    write,
    mend,
    mendAll,
    leaveOut,
    troubled,
    bringIn,
    takeBack,
  };
});
