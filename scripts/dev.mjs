import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { context } from 'esbuild';
import { createServer } from 'vite';
import { serverBundle } from './lib/bundle.mjs';
import { claimDataFolder } from './lib/dataFolder.mjs';
import { freePort, PrivateMariaDb } from './lib/mariadb.mjs';
import { enterCheckout, prepareBuild, preparePackages } from './lib/prepare.mjs';
import { run, say } from './lib/say.mjs';
import { ServerProcess } from './lib/server.mjs';

/** Pages of the handset; every other address is one of the studio, as in server/src/http/pages.ts. */
const isHandset = (url) => url === '/' || /^\/(join|practice|mine)(\/|$)/.test(url);
/** What the server answers itself, and what only a build makes. */
const served = ['/api', '/media', '/schemas', '/shelf', '/sounds', '/icons'];

/** Server and pages that follow their sources: the server starts again, pages change in place or reload. */
run(async () => {
  enterCheckout();
  await preparePackages();
  // Icons, drawings and sounds are made by the build alone.
  await prepareBuild();
  const dataDir = path.resolve(process.env.DISTAFF_DATA_DIR ?? '.data');
  claimDataFolder(dataDir);
  const database = new PrivateMariaDb(path.join(dataDir, 'mariadb'));
  const port = Number(process.env.PORT ?? 4600);
  const behind = await freePort();
  const env = {
    DATABASE_URL: await database.start(),
    DISTAFF_DATA_DIR: dataDir,
    PORT: String(behind),
    HOST: '127.0.0.1',
    DISTAFF_GUARD: 'on',
    PUBLIC_URL: `http://localhost:${port}`,
  };
  const server = new ServerProcess(env, path.join(dataDir, 'server.log'));

  let starts = Promise.resolve();
  const again = () =>
    (starts = starts.then(async () => {
      if (server.pid !== null) await server.stop();
      await server.start().then(
        () => say('The server follows its sources.'),
        (error) => console.error(error.message),
      );
    }));
  const watched = await context({
    ...serverBundle,
    plugins: [
      {
        name: 'start-again',
        setup: (build) => build.onEnd(({ errors }) => (errors.length === 0 ? again() : undefined)),
      },
    ],
  });
  await watched.rebuild();
  spawnSync(process.execPath, ['server/dist/seed.js'], { env: { ...process.env, ...env }, stdio: 'ignore' });
  await watched.watch();

  const { shared } = await import('../web/vite.shared.ts');
  const target = `http://127.0.0.1:${behind}`;
  const proxy = Object.fromEntries(served.map((one) => [one, target]));
  const pages = await createServer({
    ...shared('index'),
    configFile: false,
    root: 'web',
    appType: 'custom',
    server: { port, strictPort: true, proxy: { ...proxy, '/socket.io': { target, ws: true } } },
  });
  pages.middlewares.use(async (request, response, next) => {
    const url = (request.url ?? '/').split('?')[0];
    if (request.method !== 'GET' || /\.\w+$/.test(url)) return next();
    const page = isHandset(url) ? 'handset.html' : 'index.html';
    const html = await pages.transformIndexHtml(url, readFileSync(path.join('web', page), 'utf8'));
    response.setHeader('content-type', 'text/html; charset=utf-8').end(html);
  });
  await pages.listen();
  say(`Hosts http://localhost:${port}/studio – players http://localhost:${port}/ – Ctrl-C ends it.`);

  const end = async () => {
    await Promise.all([watched.dispose(), pages.close(), server.stop()]);
    await database.stop();
    process.exit(0);
  };
  for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, () => void end());
});
