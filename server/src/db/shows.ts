import { Show } from '@distaff/core';
import { nanoid } from 'nanoid';
import { Op, QueryTypes } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { within, type Reach } from './access.ts';
import { QuestionRow, ShowRow } from './models.ts';

export interface StoredShow {
  id: string;
  version: number;
  updatedAt: string;
  show: Show;
}

export interface ShowSummary {
  id: string;
  title: string;
  updatedAt: string;
  questions: number;
  teams: number;
}

const missing = () => new Problem(404, 'notThere', 'There is no such show, or it was deleted.');

const stored = (row: ShowRow): StoredShow => ({
  id: row.id,
  version: row.version,
  updatedAt: row.updatedAt.toISOString(),
  // What came since the show was saved stands at its default.
  show: v.parse(Show, row.doc),
});

async function rowOf(accountId: string, id: string, deleted = false): Promise<ShowRow> {
  const row = await ShowRow.findOne({ where: { id, accountId } });
  if (!row || (row.deletedAt !== null) !== deleted) throw missing();
  return row;
}

/** The account's shows, last changed first; at most `limit` from `offset` on. */
export async function listShows(
  accountId: string,
  { deleted = false, limit = 50, offset = 0 } = {},
): Promise<{ shows: ShowSummary[]; total: number }> {
  const where = { accountId, deletedAt: deleted ? { [Op.ne]: null } : null };
  const { rows, count } = await ShowRow.findAndCountAll({
    where,
    order: [
      ['updatedAt', 'DESC'],
      ['id', 'ASC'],
    ],
    limit,
    offset,
  });
  const shows = rows.map((row) => ({
    id: row.id,
    title: row.title,
    updatedAt: row.updatedAt.toISOString(),
    questions: Object.keys(row.doc.questions).length,
    teams: row.doc.teams.length,
  }));
  return { shows, total: count };
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

export async function createShow(accountId: string, show: Show): Promise<StoredShow> {
  const row = await ShowRow.create({ id: nanoid(), accountId, title: show.title, version: 1, doc: show });
  await noteUses(row.id, show);
  return stored(row);
}

export const readShow = async (accountId: string, id: string): Promise<StoredShow> =>
  stored(await rowOf(accountId, id));

/**
 * Saves a show that was changed from `version`.
 * @throws Problem 409 with the newer show in its details where somebody saved in between.
 */
export async function saveShow(
  accountId: string,
  id: string,
  version: number,
  show: Show,
): Promise<StoredShow> {
  const [changed] = await ShowRow.update(
    { doc: show, title: show.title, version: version + 1 },
    { where: { id, accountId, version, deletedAt: null } },
  );
  const row = await rowOf(accountId, id);
  if (changed === 0) {
    const sentence = 'Somebody changed this show in the meantime.';
    throw new Problem(409, 'stale', sentence, { current: stored(row) });
  }
  await noteUses(id, show);
  return stored(row);
}

export async function duplicateShow(accountId: string, id: string, title: string): Promise<StoredShow> {
  const { doc } = await rowOf(accountId, id);
  return createShow(accountId, { ...doc, title: title.slice(0, 120) });
}

/** Puts a show away; it can be restored. */
export async function deleteShow(accountId: string, id: string): Promise<void> {
  await (await rowOf(accountId, id)).update({ deletedAt: new Date() }, { silent: true });
}

export async function restoreShow(accountId: string, id: string): Promise<StoredShow> {
  return stored(await (await rowOf(accountId, id, true)).update({ deletedAt: null }, { silent: true }));
}

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
