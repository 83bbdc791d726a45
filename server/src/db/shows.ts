import type { StoredShow, ShowSummary } from '@distaff/core/wire';
import { Show } from '@distaff/core/show';
import { withChanges, type Change } from '@distaff/core/document';
import type { Role } from '@distaff/core/library';
import { nanoid } from 'nanoid';
import { Op, QueryTypes } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { within, type Reach } from './access.ts';
import { QuestionRow, ShowRow } from './models.ts';

export const storedShow = (row: ShowRow): StoredShow => ({
  id: row.id,
  version: row.version,
  updatedAt: row.updatedAt.toISOString(),
  // What came since the show was saved stands at its default.
  show: v.parse(Show, row.doc),
});

/** A show as it comes out of the database for a list. */
interface SummaryRow {
  id: string;
  title: string;
  updated_at: Date;
  questions: number;
  teams: number;
  role: Role | null;
  owner: string;
  shared: number;
}

/**
 * The shows of an account and those that others share with it, or its own deleted ones; last changed
 * first, at most `limit` from `offset` on.
 */
export async function listShows(
  accountId: string,
  { deleted = false, limit = 50, offset = 0 } = {},
): Promise<{ shows: ShowSummary[]; total: number }> {
  const db = ShowRow.sequelize!;
  const from = `FROM show_doc s JOIN account a ON a.id = s.account_id
    LEFT JOIN shared_member m ON m.what = 'show' AND m.id = s.id AND m.account_id = :accountId
    WHERE s.deleted_at IS ${deleted ? 'NOT NULL' : 'NULL'}
      AND (s.account_id = :accountId ${deleted ? '' : 'OR m.account_id IS NOT NULL'})`;
  const replacements = { accountId, limit, offset };
  const [rows, [count]] = await Promise.all([
    db.query<SummaryRow>(
      `SELECT s.id, s.title, s.updated_at, m.role, a.name AS owner,
          COALESCE(JSON_LENGTH(s.doc, '$.questions'), 0) AS questions,
          COALESCE(JSON_LENGTH(s.doc, '$.teams'), 0) AS teams,
          EXISTS (SELECT 1 FROM shared_member o WHERE o.what = 'show' AND o.id = s.id)
            OR EXISTS (SELECT 1 FROM shared_link l WHERE l.what = 'show' AND l.id = s.id) AS shared
        ${from} ORDER BY s.updated_at DESC, s.id LIMIT :limit OFFSET :offset`,
      { replacements, type: QueryTypes.SELECT },
    ),
    db.query<{ n: number }>(`SELECT COUNT(*) AS n ${from}`, { replacements, type: QueryTypes.SELECT }),
  ]);
  const shows = rows.map((row) => ({
    id: row.id,
    title: row.title,
    updatedAt: new Date(row.updated_at).toISOString(),
    questions: Number(row.questions),
    teams: Number(row.teams),
    role: row.role ?? ('owner' as const),
    owner: row.role === null ? null : row.owner,
    shared: Boolean(row.shared),
  }));
  return { shows, total: Number(count!.n) };
}

/** Notes which questions of the library a show holds copies of. */
async function noteUses(id: string, show: Show): Promise<void> {
  const used = [...new Set(Object.values(show.questions).flatMap((one) => one.origin?.id ?? []))];
  const db = ShowRow.sequelize!;
  await db.transaction(async (transaction) => {
    await db.query('DELETE FROM question_use WHERE show_id = ?', { replacements: [id], transaction });
    if (used.length > 0)
      await db.query(
        `INSERT INTO question_use (show_id, question_id) VALUES ${used.map(() => '(?,?)').join(',')}`,
        { replacements: used.flatMap((one) => [id, one]), type: QueryTypes.INSERT, transaction },
      );
  });
}

export async function createShow(accountId: string, show: Show, id = nanoid()): Promise<StoredShow> {
  const row = await ShowRow.create({ id, accountId, title: show.title, version: 1, doc: show });
  await noteUses(row.id, show);
  return storedShow(row);
}

const stale = (current: StoredShow) => new Problem(409, 'stale', 'staleShow', { current });

/**
 * The show as it is with changes that were made from `version`, not read by its schema yet.
 * @throws Problem 409 where it is another one by now, 400 where a change leads nowhere.
 */
export function changedShow(current: StoredShow, version: number, changes: readonly Change[]): unknown {
  if (current.version !== version) throw stale(current);
  try {
    return withChanges(structuredClone(current.show), changes);
  } catch (error) {
    if (error instanceof RangeError) throw new Problem(400, 'invalid', 'nothingToChange');
    throw error;
  }
}

/**
 * Saves a show that was changed from `version`.
 * @throws Problem 409 with the newer show in its details where somebody saved in between.
 */
export async function saveShow(id: string, version: number, show: Show): Promise<StoredShow> {
  const [changed] = await ShowRow.update(
    { doc: show, title: show.title, version: version + 1 },
    { where: { id, version, deletedAt: null } },
  );
  const row = (await ShowRow.findByPk(id))!;
  if (changed === 0) throw stale(storedShow(row));
  await noteUses(id, show);
  return storedShow(row);
}

/** Puts a show away, so that it can be restored, or restores it. */
export const putAway = async (row: ShowRow, away: boolean): Promise<StoredShow> =>
  storedShow(await row.update({ deletedAt: away ? new Date() : null }, { silent: true }));

/** Questions of a show, by their ids there, of which the library has a newer state that somebody comes at. */
export async function newerThan(reach: Reach, show: Show): Promise<string[]> {
  const copies = Object.values(show.questions).flatMap(({ id, origin }) => (origin ? [{ id, origin }] : []));
  if (copies.length === 0) return [];
  const rows = await QuestionRow.findAll({
    where: { id: { [Op.in]: copies.map((one) => one.origin.id) }, deletedAt: null, ...within(reach, 'read') },
    attributes: ['id', 'version'],
  });
  const versions = new Map(rows.map((row) => [row.id, row.version]));
  return copies.filter(({ origin }) => (versions.get(origin.id) ?? 0) > origin.version).map(({ id }) => id);
}
