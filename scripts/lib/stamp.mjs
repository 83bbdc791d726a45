import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const ignored = new Set(['node_modules', 'dist', '.data', '.stamps', 'test']);

function* filesUnder(place) {
  if (!existsSync(place)) return;
  if (!statSync(place).isDirectory()) return void (yield place);
  for (const name of readdirSync(place).sort())
    if (!ignored.has(name)) yield* filesUnder(path.join(place, name));
}

/** A digest of the contents of files and folders. */
export function digest(places) {
  const hash = createHash('sha256');
  for (const place of places)
    for (const file of filesUnder(place))
      hash.update(file).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex');
}

/** Does `work` unless it was done before for the same contents of `places` and `product` is there. */
export async function onceFor(name, places, product, work) {
  const stamp = path.join('.stamps', name);
  const now = digest(places);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now && existsSync(product)) return false;
  await work();
  mkdirSync('.stamps', { recursive: true });
  writeFileSync(stamp, now);
  return true;
}
