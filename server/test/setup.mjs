import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PrivateMariaDb } from '../../scripts/lib/mariadb.mjs';

/**
 * One private MariaDB for all server tests, with a database for each worker of Jest; each test file makes its
 * own accounts in it.
 */
export default async function setup({ maxWorkers }) {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'distaff-jest-'));
  const names = Array.from({ length: maxWorkers }, (_, i) => `distaff_${i + 1}`);
  const database = new PrivateMariaDb(path.join(folder, 'mariadb'), names);
  process.env.TEST_DATABASE_URL = await database.start();
  globalThis.distaffDatabase = { database, folder };
  globalThis.removeDistaffFolder = () => rmSync(folder, { recursive: true, force: true });
}
