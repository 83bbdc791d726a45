import { readConfig } from './config.ts';
import { holdAlone } from './db/soleUse.ts';
import { openLog } from './log.ts';
import { start, type Running } from './start.ts';

/** Says why nothing can start, and ends. */
function giveUp(...sentences: string[]): never {
  for (const sentence of sentences) console.error(sentence);
  process.send?.({ failed: sentences });
  process.exit(1);
}

const read = readConfig(process.env);
if ('mistakes' in read) giveUp(...read.mistakes);
const { config } = read;
if (config.databaseUrl === null)
  giveUp('DATABASE_URL is missing: start with "npm run demo", or name a MariaDB database.');

const log = openLog(config.logLevel);
let running: Running;
let letGo: () => Promise<void>;
try {
  letGo = await holdAlone(config.databaseUrl);
  running = await start({ ...config, databaseUrl: config.databaseUrl }, log);
} catch (error) {
  const { code, message } = error as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE')
    giveUp(
      `Port ${config.port} is taken by another program. Choose another one: PORT=${config.port + 1} npm run demo`,
    );
  if (code === 'EADDRNOTAVAIL')
    giveUp(`This machine has no address ${config.host}. Use HOST=127.0.0.1 or HOST=0.0.0.0.`);
  giveUp(message);
}

let stopping = false;
function stop(why: string): void {
  if (stopping) return;
  stopping = true;
  log.info({ why }, 'stopping');
  // Whoever hangs on is cut off: everything acknowledged is stored already.
  setTimeout(() => process.exit(0), 4000).unref();
  running
    .stop()
    .then(letGo)
    .then(
      () => process.exit(0),
      () => process.exit(1),
    );
}
process.on('SIGTERM', () => stop('SIGTERM'));
process.on('SIGINT', () => stop('SIGINT'));
process.on('disconnect', () => stop('the start command is gone'));
process.send?.({ ready: true, port: running.port });
