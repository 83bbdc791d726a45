import { saveBook } from './book.ts';

/**
 * Saves what stands at an address – a set file of ours or a CSV – as a workbook. The work is done
 * beside the page. @throws Error where it cannot be had.
 */
export async function saveWorkbook(address: string, name: string): Promise<void> {
  const response = await fetch(address);
  if (!response.ok) throw new Error('The file could not be made: the server cannot be reached.');
  await saveBook(await response.text(), name);
}
