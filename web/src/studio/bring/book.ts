import { wrap } from 'comlink';
import { saveFile } from '../../design/saveFile.ts';
import type { Reader } from './worker.ts';

/** Reads the first sheet of a workbook, or saves a sheet as one, in a worker so that the page stays alive. */
async function beside<T>(work: (reader: ReturnType<typeof wrap<Reader>>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  try {
    return await work(wrap<Reader>(worker));
  } finally {
    worker.terminate();
  }
}

/** The rows of a workbook's first sheet, or null where it cannot be read. */
export const readBook = (bytes: Uint8Array): Promise<string[][] | null> =>
  beside((reader) => reader.cells(bytes));

/** Saves a CSV text as a workbook. */
export async function saveBook(csv: string, name: string): Promise<void> {
  const bytes = await beside((reader) => reader.workbook(csv));
  const type = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
  saveFile(name, new Blob([bytes.slice()], { type }));
}
