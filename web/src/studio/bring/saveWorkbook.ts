import { wrap } from 'comlink';
import { saveFile } from '../../design/saveFile.ts';
import type { Reader } from './worker.ts';

/**
 * Saves what stands at an address – a set file of ours or a CSV – as a workbook. The work is done
 * beside the page. @throws Error where it cannot be had.
 */
export async function saveWorkbook(address: string, name: string): Promise<void> {
  const response = await fetch(address);
  if (!response.ok) throw new Error('The file could not be made: the server cannot be reached.');
  const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
  try {
    const bytes = await wrap<Reader>(worker).workbook(await response.text());
    const type = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
    saveFile(name, new Blob([bytes.slice()], { type }));
  } finally {
    worker.terminate();
  }
}
