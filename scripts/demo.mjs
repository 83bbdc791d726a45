import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { claimDataFolder } from './lib/dataFolder.mjs';
import { PrivateMariaDb } from './lib/mariadb.mjs';
import { enterCheckout, prepareBuild, preparePackages } from './lib/prepare.mjs';
import { reviver } from './lib/revive.mjs';
import { run, say, Stop } from './lib/say.mjs';
import { ServerProcess } from './lib/server.mjs';

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
  claimDataFolder(config.dataDir);

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

    const over = () => ending;
    server.onDeath(reviver('The server', () => server.start(), over));
    database?.onDeath(reviver('MariaDB', () => database.start(), over));
    tellAddresses(config, playersAddress(config));
  } catch (error) {
    console.error(error.message);
    await end(1);
  }
});
