import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { runProgram } from './programs.mjs';
import { say, Stop } from './say.mjs';
import { onceFor } from './stamp.mjs';

/** The checkout; every script works from there, wherever it is called. */
export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');

export function enterCheckout() {
  process.chdir(root);
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    throw new Stop(`Node ${process.versions.node} is too old: Distaff needs Node 20.19 or newer.`);
}

/** Installs the npm packages that package-lock.json names, where that was not done yet. */
export async function preparePackages() {
  await onceFor('packages', ['package-lock.json'], 'node_modules/.package-lock.json', async () => {
    say('Installing npm packages (once, about two minutes) …');
    const code = await runProgram('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
    if (code !== 0) throw new Stop('npm could not install the packages (see above). Is there a connection?');
  });
}

/** Builds server and pages, where their sources changed since the last time. */
export async function prepareBuild() {
  const sources = [
    'core/src',
    'server/src',
    'web',
    'demo',
    'package-lock.json',
    'scripts/build.mjs',
    'scripts/shelf',
  ];
  await onceFor('build', sources, 'web/dist/index.html', async () => {
    say('Building …');
    const code = await runProgram(process.execPath, ['scripts/build.mjs']);
    if (code !== 0) throw new Stop('The build failed (see above).');
  });
}
