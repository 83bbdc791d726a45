import { filesOfShow, mediaOfShow, placeShowFiles } from '@distaff/core/show';
import type { PlacedFile } from '@distaff/core/question';
import type { MediaFile } from '@distaff/core/interchange';
import { transfer, wrap, type Remote } from 'comlink';
import { server } from '../../api/server.ts';
import { saveFile } from '../../design/saveFile.ts';
import { fetched, picturesIn } from '../bring/savePackage.ts';
import type { Packer, Unpacked } from './showWorker.ts';

/** How many files of how many are on their way. */
type Told = (n: number, of: number) => void;

async function withPacker<T>(work: (packer: Remote<Packer>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('./showWorker.ts', import.meta.url), { type: 'module' });
  try {
    return await work(wrap<Packer>(worker));
  } finally {
    worker.terminate();
  }
}

/**
 * Saves a whole show with its questions, pictures and sounds as one file.
 * @throws Error where the show cannot be had, or `signal` says to stop.
 */
export async function saveShowFile(id: string, told: Told, signal: AbortSignal): Promise<void> {
  const { show } = await server.show(id);
  const names = filesOfShow(show);
  const pictures = picturesIn(mediaOfShow(show));
  const media = new Map<string, MediaFile>();
  for (const [n, file] of names.entries()) {
    told(n, names.length);
    const found = await fetched(file, pictures.has(file));
    signal.throwIfAborted();
    if (found) media.set(file, found);
  }
  const buffers = [...media.values()].map(({ bytes }) => bytes.buffer as ArrayBuffer);
  const schema = new URL('/schemas/show.json', location.href).href;
  const bytes = await withPacker((packer) => packer.pack(show, transfer(media, buffers), schema));
  signal.throwIfAborted();
  saveFile(`${show.title || 'show'}.zip`, new Blob([bytes.slice()], { type: 'application/zip' }));
}

/** Reads a file that somebody chose. Nothing is kept yet. */
export async function readShow(file: File): Promise<Unpacked> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  return withPacker<Unpacked>(async (packer) => await packer.unpack(transfer(bytes, [bytes.buffer])));
}

/**
 * Brings a show in that was read: its files first, then the show itself.
 * @returns its id. @throws Error where the server refuses something, or `signal` says to stop.
 */
export async function bringShowIn(
  { show, media }: Extract<Unpacked, { show: object }>,
  told: Told,
  signal: AbortSignal,
): Promise<string> {
  const placed = new Map<string, PlacedFile>();
  for (const [n, [file, bytes]] of [...media].entries()) {
    told(n, media.size);
    placed.set(file, await server.sendMedia(file, bytes));
    signal.throwIfAborted();
  }
  return (await server.createShow(placeShowFiles(show, placed))).id;
}
