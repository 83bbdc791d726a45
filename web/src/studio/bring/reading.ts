import type { Columns, ImportRow } from '@distaff/core/interchange';
import { proxy, wrap, type Remote } from 'comlink';
import { ref, shallowRef } from 'vue';
import { localFiles } from '../../design/media/mediaUrl.ts';
import type { Look, Reader } from './worker.ts';

/** Bytes of a file that is read at all: a sheet, or an archive with pictures. */
const MAX_BYTES = 25_000_000;
const MAX_ARCHIVE = 100_000_000;

export type Found = Exclude<Look, { trouble: unknown }>;
/** Why something did not work: a code of a reader with its sentence, or what the server said. */
export type Problem = { code: string; text: string };

/** A source that is read in a worker: what it is at first sight, and then row by row. What is overtaken says nothing more. */
export function reading(told: {
  problem: (problem: Problem | null) => void;
  rows: (rows: ImportRow[]) => void;
}) {
  const look = shallowRef<Found | null>(null);
  const columns = ref<Columns | null>(null);
  /** Options a question when two columns are read as flashcards; null for a sheet. */
  const cards = ref<number | null>(null);
  /** Rows read so far, while reading. */
  const done = ref<number | null>(null);
  let worker: Worker | null = null;
  let reader: Remote<Reader> | null = null;
  let turn = 0;

  function start(): Remote<Reader> {
    worker ??= new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
    reader ??= wrap<Reader>(worker);
    return reader;
  }
  /** A file out of the archive that is read. */
  const fileOf = (file: string) => start().file(file);

  /** Stops whatever is being read. */
  function stop(): void {
    turn++;
    worker?.terminate();
    worker = reader = null;
    done.value = null;
  }
  function forget(): void {
    stop();
    for (const address of localFiles.values()) URL.revokeObjectURL(address);
    localFiles.clear();
    look.value = null;
    cards.value = null;
  }

  function see(found: Look): Found | null {
    if ('trouble' in found) {
      told.problem({ code: found.trouble, text: found.sentence });
      return null;
    }
    look.value = found;
    columns.value = found.kind === 'set' ? null : found.columns;
    return found;
  }

  async function take(source: Uint8Array | string): Promise<void> {
    const own = ++turn;
    const found = await start().look(source);
    if (own !== turn || !see(found)) return;
    if ('media' in found)
      for (const file of found.media)
        localFiles.set(file, URL.createObjectURL(new Blob([(await fileOf(file)).slice()])));
    if (own === turn && 'kind' in found && found.kind !== 'sheet') await read();
  }
  async function takeFile(file: File): Promise<void> {
    if (file.size > (/\.zip$/i.test(file.name) ? MAX_ARCHIVE : MAX_BYTES))
      told.problem({ code: 'tooBig', text: '' });
    else await take(new Uint8Array(await file.arrayBuffer()));
  }

  /** Another sheet of the workbook. */
  async function turnTo(sheet: number): Promise<void> {
    const own = ++turn;
    const found = await start().turnTo(sheet);
    if (own === turn && see(found)) told.problem(null);
  }

  /** Reads all rows with the columns as they are set now. */
  async function read(): Promise<void> {
    const own = ++turn;
    done.value = 0;
    const asked = columns.value && { ...columns.value, fields: [...columns.value.fields] };
    const found = await start().rows(
      asked,
      cards.value,
      proxy((n: number) => void (own === turn && (done.value = n))),
    );
    if (own !== turn) return;
    done.value = null;
    told.rows(found);
  }

  return { look, columns, cards, done, fileOf, stop, forget, take, takeFile, turnTo, read };
}
