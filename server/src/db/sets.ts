import type { QuestionSet } from '@distaff/core';
import { nanoid } from 'nanoid';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Problem } from '../problem.ts';
import { QuestionRow, SetRow } from './models.ts';
import { addQuestions } from './questions.ts';

export interface StoredSet {
  id: string;
  version: number;
  updatedAt: string;
  archived: boolean;
  set: QuestionSet;
}
export interface SetSummary extends QuestionSet {
  id: string;
  updatedAt: string;
  archived: boolean;
  questions: number;
  unfinished: number;
}

/** Sets of one account; beyond it something is wrong. */
const MAX_SETS = 2000;

const missing = () => new Problem(404, 'notThere', 'There is no such question set, or it was deleted.');

const stored = (row: SetRow): StoredSet => ({
  id: row.id,
  version: row.version,
  updatedAt: row.updatedAt.toISOString(),
  archived: (row.archivedAt ?? null) !== null,
  set: { title: row.title, description: row.description, folder: row.folder },
});

/** The row of a set that the account may change. @throws Problem 404 */
export async function setRowOf(accountId: string, id: string, deleted = false): Promise<SetRow> {
  const row = await SetRow.findOne({ where: { id, accountId } });
  if (!row || ((row.deletedAt ?? null) !== null) !== deleted) throw missing();
  return row;
}

/** All sets of an account with the number of their questions, by folder and title; or the deleted ones. */
export async function listSets(accountId: string, { deleted = false } = {}): Promise<SetSummary[]> {
  const rows = await SetRow.sequelize!.query<{
    id: string;
    title: string;
    description: string;
    folder: string;
    updated_at: Date;
    archived_at: Date | null;
    questions: number;
    unfinished: number;
  }>(
    `SELECT s.id, s.title, s.description, s.folder, s.updated_at, s.archived_at,
        COUNT(q.id) AS questions, COALESCE(SUM(q.unfinished), 0) AS unfinished
      FROM question_set s LEFT JOIN question q ON q.set_id = s.id AND q.deleted_at IS NULL
      WHERE s.account_id = ? AND s.deleted_at IS ${deleted ? 'NOT NULL' : 'NULL'}
      GROUP BY s.id ORDER BY s.folder, s.title, s.id LIMIT ${MAX_SETS}`,
    { replacements: [accountId], type: QueryTypes.SELECT },
  );
  return rows.map(({ updated_at, archived_at, ...row }) => ({
    ...row,
    questions: Number(row.questions),
    unfinished: Number(row.unfinished),
    updatedAt: new Date(updated_at).toISOString(),
    archived: archived_at !== null,
  }));
}

export async function createSet(
  accountId: string,
  set: QuestionSet,
  transaction?: Transaction,
): Promise<StoredSet> {
  const row = await SetRow.create(
    { id: nanoid(), accountId, version: 1, ...set },
    { transaction: transaction ?? null },
  );
  return stored(row);
}

export const readSet = async (accountId: string, id: string): Promise<StoredSet> =>
  stored(await setRowOf(accountId, id));

/** @throws Problem 409 with the newer set in its details where somebody saved in between. */
export async function saveSet(
  accountId: string,
  id: string,
  version: number,
  set: QuestionSet,
): Promise<StoredSet> {
  const [changed] = await SetRow.update(
    { ...set, version: version + 1 },
    { where: { id, accountId, version, deletedAt: null } },
  );
  const row = await setRowOf(accountId, id);
  if (changed === 0)
    throw new Problem(409, 'stale', 'Somebody changed this set in the meantime.', { current: stored(row) });
  return stored(row);
}

/** Puts a set out of the way, or back: its questions are not found while it is archived. */
export async function archiveSet(accountId: string, id: string, on: boolean): Promise<StoredSet> {
  const row = await setRowOf(accountId, id);
  return stored(await row.update({ archivedAt: on ? new Date() : null }, { silent: true }));
}

export async function deleteSet(accountId: string, id: string): Promise<void> {
  await (await setRowOf(accountId, id)).update({ deletedAt: new Date() }, { silent: true });
}

export async function restoreSet(accountId: string, id: string): Promise<StoredSet> {
  return stored(await (await setRowOf(accountId, id, true)).update({ deletedAt: null }, { silent: true }));
}

/** An independent copy of a set with all its questions, in one transaction. */
export async function copySet(accountId: string, id: string, title: string): Promise<StoredSet> {
  const from = await setRowOf(accountId, id);
  const questions = await QuestionRow.findAll({
    where: { setId: id, deletedAt: { [Op.is]: null } },
    order: [
      ['position', 'ASC'],
      ['id', 'ASC'],
    ],
  });
  return SetRow.sequelize!.transaction(async (transaction) => {
    const { description, folder } = from;
    const copy = await createSet(accountId, { title: title.slice(0, 120), description, folder }, transaction);
    await addQuestions(
      accountId,
      copy.id,
      questions.map((row) => row.doc),
      transaction,
    );
    return copy;
  });
}
