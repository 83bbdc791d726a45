import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { Stop } from './say.mjs';

const reasons = {
  EACCES: 'this user may not write there',
  EPERM: 'this user may not write there',
  EROFS: 'it can only be read',
  EEXIST: 'a file of that name is there',
  ENOTDIR: 'a part of its path is a file',
  ENOENT: 'the place above it cannot be made',
  ENOSPC: 'the disk is full',
};

/**
 * Makes the data folder, and takes it for this process: only one start command uses it.
 * @throws Stop with a sentence where it cannot be written or another one uses it.
 */
export function claimDataFolder(folder) {
  const file = path.join(folder, 'start.pid');
  try {
    mkdirSync(folder, { recursive: true });
    const other = existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
    if (other > 0 && other !== process.pid && isStartCommand(other))
      throw new Stop(
        `Distaff is running already from ${folder} (process ${other}). End that one first, or set DISTAFF_DATA_DIR.`,
      );
    writeFileSync(file, String(process.pid));
  } catch (error) {
    if (error instanceof Stop) throw error;
    throw new Stop(
      `The data folder ${folder} cannot be used: ${reasons[error.code] ?? error.message}. Set DISTAFF_DATA_DIR to a folder that can be written.`,
    );
  }
  process.on('exit', () => rmSync(file, { force: true }));
}

function isStartCommand(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('demo.mjs');
  } catch {
    return false;
  }
}
