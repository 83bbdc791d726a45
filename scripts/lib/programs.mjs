import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { say, Stop } from './say.mjs';

const folders = ['/usr/bin', '/usr/sbin', '/usr/local/bin', '/usr/local/sbin'];

/** Where a program is, or null. */
export const findProgram = (name) =>
  folders.map((folder) => `${folder}/${name}`).find((file) => existsSync(file)) ?? null;

/** Runs a program to its end, its output passed on. @returns its exit code. */
export const runProgram = (command, args, options = {}) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { stdio: 'inherit', ...options });
    child.on('error', () => resolve(127));
    child.on('close', (code, signal) => resolve(code ?? (signal ? 1 : 0)));
  });

/** Makes sure that a program is there, through Debian's package where it is not; says so first. */
export async function needProgram(program, debianPackage) {
  const found = findProgram(program);
  if (found) return found;
  if (!findProgram('apt-get'))
    throw new Stop(
      `${program} is missing and this is no Debian: install ${debianPackage} by hand, then start again.`,
    );
  const root = process.getuid?.() === 0;
  const sudo = !root && spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0;
  if (!root && !sudo)
    throw new Stop(
      `${program} is missing, and only root may install it. Run once:  sudo apt-get install ${debianPackage}  and start again.`,
    );
  say(`${program} is missing: installing Debian's ${debianPackage} with apt-get (once, about a minute) …`);
  const apt = async (...args) => {
    const command = root ? ['apt-get', ...args] : ['sudo', '-n', 'apt-get', ...args];
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    return runProgram(command[0], command.slice(1), { env, stdio: ['ignore', 'ignore', 'inherit'] });
  };
  await apt('update', '-q');
  const code = await apt('install', '-y', '-q', '--no-install-recommends', debianPackage);
  const installed = findProgram(program);
  if (code !== 0 || !installed)
    throw new Stop(
      `apt-get could not install ${debianPackage} (see above). Install it by hand, then start again.`,
    );
  return installed;
}
