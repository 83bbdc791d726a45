import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

/** What is text and long enough to be worth it (bytes). */
const TEXT = /\.(js|css|svg|json|wasm|ttf)$/;
const LEAST = 1000;

/** Lays a packed copy beside every text file of a folder: the server sends it to whoever can unpack it. */
export function compressFolder(folder) {
  for (const name of readdirSync(folder, { recursive: true })) {
    const file = path.join(folder, name);
    if (!TEXT.test(name) || !statSync(file).isFile()) continue;
    const bytes = readFileSync(file);
    if (bytes.length < LEAST) continue;
    writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
    const params = { [constants.BROTLI_PARAM_QUALITY]: 9 };
    writeFileSync(`${file}.br`, brotliCompressSync(bytes, { params }));
  }
}
