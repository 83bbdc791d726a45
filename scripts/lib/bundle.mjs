import { readFileSync } from 'node:fs';

/** The entries of core, as its package names them. */
function entriesOfCore() {
  const { name, exports } = JSON.parse(readFileSync('core/package.json', 'utf8'));
  return Object.fromEntries(
    Object.entries(exports).map(([entry, file]) => [name + entry.slice(1), `./core/${file.slice(2)}`]),
  );
}

/** How the server and the demo seed become one file each; packages stay outside. */
export const serverBundle = {
  entryPoints: {
    main: 'server/src/main.ts',
    config: 'server/src/config.ts',
    address: 'server/src/address.ts',
    seed: 'demo/seed.ts',
    learnWorker: 'server/src/learn/worker.ts',
  },
  outdir: 'server/dist',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  alias: { ...entriesOfCore(), '@distaff/server': './server/src' },
  sourcemap: true,
  logLevel: 'warning',
};
