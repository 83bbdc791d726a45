import type { Show } from '@distaff/core/show';
import {
  readArchive,
  readShowPackage,
  writeArchive,
  writeShowPackage,
  type ArchiveTrouble,
  type MediaFile,
  type ReadShow,
} from '@distaff/core/interchange';
import { expose } from 'comlink';

export type Unpacked = ReadShow | { trouble: ArchiveTrouble | 'noShow' } | { wrong: string };

/** Packs and unpacks whole shows, in a worker so that the page stays alive. */
const packer = {
  async pack(show: Show, files: Map<string, MediaFile>, schema: string): Promise<Uint8Array> {
    return writeArchive(writeShowPackage(show, files, schema));
  },
  async unpack(bytes: Uint8Array): Promise<Unpacked> {
    const files = readArchive(bytes);
    if ('trouble' in files) return files;
    return readShowPackage(files) ?? { trouble: 'noShow' };
  },
};
export type Packer = typeof packer;
expose(packer);
