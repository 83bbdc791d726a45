import type { ShowVersion } from '@distaff/core/wire';
import { Show } from '@distaff/core/show';
import { QueryTypes, type Sequelize } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { fromJson } from './json.ts';
import { ShowRow } from './models.ts';

/** While somebody works, a state is kept about so often (minutes); at most so many of a show. */
const EVERY = 60;
const MOST = 40;

const database = (): Sequelize => ShowRow.sequelize!;

/** Keeps a show as it is now, unless `onlyAfterAWhile` and one was kept not long ago. */
export async function keepVersion(id: string, { onlyAfterAWhile = false } = {}): Promise<void> {
  const recent = `AND NOT EXISTS (SELECT 1 FROM show_version one WHERE one.show_id = s.id
    AND one.kept_at > UTC_TIMESTAMP(3) - INTERVAL ${EVERY} MINUTE)`;
  const [, kept] = await database().query(
    `INSERT IGNORE INTO show_version (show_id, version, saved_at, kept_at, doc)
      SELECT s.id, s.version, s.updated_at, UTC_TIMESTAMP(3), s.doc FROM show_doc s
      WHERE s.id = ? AND s.deleted_at IS NULL ${onlyAfterAWhile ? recent : ''}`,
    { replacements: [id], type: QueryTypes.INSERT },
  );
  if (kept === 0) return;
  await database().query(
    `DELETE FROM show_version WHERE show_id = ? AND version <= COALESCE(
      (SELECT version FROM (SELECT version FROM show_version WHERE show_id = ?
        ORDER BY version DESC LIMIT 1 OFFSET ${MOST}) AS oldest), 0)`,
    { replacements: [id, id], type: QueryTypes.DELETE },
  );
}

/** The states that were kept, the newest first. */
export async function listVersions(id: string): Promise<ShowVersion[]> {
  const rows = await database().query<{ version: number; saved_at: Date; doc: Show | string }>(
    `SELECT one.version, one.saved_at, one.doc FROM show_version one JOIN show_doc s ON s.id = one.show_id
      WHERE s.id = ? AND one.version < s.version ORDER BY one.version DESC`,
    { replacements: [id], type: QueryTypes.SELECT },
  );
  return rows.map(({ version, saved_at, doc }) => {
    const { title, questions, rounds } = fromJson(doc) as Show;
    const counts = { questions: Object.keys(questions).length, rounds: rounds.length };
    return { version, savedAt: new Date(saved_at).toISOString(), title, ...counts };
  });
}

/** One of them, whole. @throws Problem 404 where it is not there. */
export async function readVersion(id: string, version: number): Promise<Show> {
  const [row] = await database().query<{ doc: Show | string }>(
    'SELECT doc FROM show_version WHERE show_id = ? AND version = ?',
    { replacements: [id, version], type: QueryTypes.SELECT },
  );
  if (!row) throw new Problem(404, 'notThere', 'versionGone');
  return v.parse(Show, fromJson(row.doc));
}
