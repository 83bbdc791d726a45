import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { PrivateMariaDb } from './lib/mariadb.mjs';
import { enterCheckout, prepareBuild, preparePackages } from './lib/prepare.mjs';
import { run, say, Stop } from './lib/say.mjs';
import { ServerProcess } from './lib/server.mjs';

const MAX_REVIVALS = 20;
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Only one start command uses a data folder. */
function claim(folder) {
  mkdirSync(folder, { recursive: true });
  const file = path.join(folder, 'start.pid');
  const other = existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
  const alive =
    other > 0 &&
    other !== process.pid &&
    existsSync(`/proc/${other}/cmdline`) &&
    readFileSync(`/proc/${other}/cmdline`, 'utf8').includes('demo.mjs');
  if (alive)
    throw new Stop(
      `Distaff is running already from ${folder} (process ${other}). End that one first, or set DISTAFF_DATA_DIR.`,
    );
  writeFileSync(file, String(process.pid));
  process.on('exit', () => rmSync(file, { force: true }));
}

function tellAddresses({ host, port, publicUrl, dataDir }, players) {
  const here =
    publicUrl ?? `http://${/^(0\.0\.0\.0|::|127\.0\.0\.1)$/.test(host) ? 'localhost' : host}:${port}`;
  say('');
  say(`  Distaff is ready.`);
  say(`  Hosts      ${here}/studio`);
  say(`  Players    ${players ?? here}/`);
  if (players === null)
    say('             (this machine only; HOST=0.0.0.0 npm run demo opens it to phones on your network)');
  say(`  Demo host  host@marram-point.example   password: lantern-and-tide`);
  say(`  Data       ${dataDir}   log: ${path.join(dataDir, 'server.log')}`);
  say('  Ctrl-C ends it. Everything is kept.');
  say('');
}

run(async () => {
  enterCheckout();
  await preparePackages();
  await prepareBuild();
  const { readConfig } = await import('../server/dist/config.js');
  const { playersAddress } = await import('../server/dist/address.js');
  const read = readConfig(process.env);
  if (read.mistakes) throw new Stop(read.mistakes.join('\n'));
  const { config } = read;
  claim(config.dataDir);

  const database = config.databaseUrl ? null : new PrivateMariaDb(path.join(config.dataDir, 'mariadb'));
  let server = null;
  let ending = false;
  const end = async (code) => {
    if (ending) return;
    ending = true;
    await server?.stop();
    await database?.stop();
    process.exit(code);
  };
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
    process.on(signal, () => {
      if (!ending) say('\nEnding: server, then database …');
      void end(0);
    });

  try {
    const url = config.databaseUrl ?? (await database.start());
    const env = { ...process.env, DATABASE_URL: url };
    const logFile = path.join(config.dataDir, 'server.log');
    server = new ServerProcess({ DATABASE_URL: url }, logFile);
    // The seed brings the tables up to date and adds the demo where it is not there yet.
    const seeded = spawnSync(process.execPath, ['server/dist/seed.js'], { env, encoding: 'utf8' });
    if (seeded.status !== 0)
      throw new Stop(`The demo could not be put in place:\n${seeded.stderr || seeded.stdout}`);
    await server.start();

    let revivals = 0;
    const revive = (what, start) => async () => {
      if (ending) return;
      if (++revivals > MAX_REVIVALS) {
        say(`${what} keeps ending: giving up. See ${logFile}.`);
        return end(1);
      }
      say(`${what} ended unexpectedly: starting it again.`);
      await pause(300);
      await start().catch(async (error) => {
        say(error.message);
        await end(1);
      });
    };
    server.onDeath(revive('The server', () => server.start()));
    database?.onDeath(revive('MariaDB', () => database.start()));
    tellAddresses(config, playersAddress(config));
  } catch (error) {
    console.error(error.message);
    await end(1);
  }
});
