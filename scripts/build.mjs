import { rmSync } from 'node:fs';
import { build as bundle } from 'esbuild';
import { build as buildPages } from 'vite';
import { writeIcons } from './icons/index.mjs';
import { compressFolder } from './lib/compress.mjs';
import { serverBundle } from './lib/bundle.mjs';
import { enterCheckout } from './lib/prepare.mjs';
import { run } from './lib/say.mjs';
import { writeShelf } from './shelf/index.mjs';
import { writeSounds } from './sounds/index.mjs';

/** Server and demo seed as one file each, packages left outside; pages by Vite, the handset apart. */
run(async () => {
  enterCheckout();
  rmSync('web/dist', { recursive: true, force: true });
  await bundle(serverBundle);
  for (const page of ['index', 'handset'])
    await buildPages({ configFile: `web/vite.${page}.config.ts`, root: 'web', logLevel: 'warn' });
  await writeIcons('web/dist');
  writeShelf('web/dist/shelf');
  writeSounds('web/dist/sounds');
  compressFolder('web/dist');
});
