/** How the server and the demo seed become one file each; packages stay outside. */
export const serverBundle = {
  entryPoints: {
    main: 'server/src/main.ts',
    config: 'server/src/config.ts',
    address: 'server/src/address.ts',
    seed: 'demo/seed.ts',
  },
  outdir: 'server/dist',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  alias: {
    '@distaff/core/interchange': './core/src/interchange/index.ts',
    '@distaff/core/wire': './core/src/wire/index.ts',
    '@distaff/core': './core/src/index.ts',
    '@distaff/server': './server/src',
  },
  sourcemap: true,
  logLevel: 'warning',
};
