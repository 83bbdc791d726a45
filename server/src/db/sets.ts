import type { StoredSet, SetSummary } from '@distaff/core/wire';
import type { Question } from '@distaff/core/question';
import type { QuestionSet } from '@distaff/core/library';
import { nanoid } from 'nanoid';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Problem } from '../problem.ts';
import type { Reach } from './access.ts';
import { AccountRow, QuestionRow, SetRow } from './models.ts';
import { addQuestions } from './setQuestions.ts';

/** Sets of one account; beyond it something is wrong. */
const MAX_SETS = 2000;

const missing = () => new Problem(404, 'notThere', 'noSet');

const stored = (row: SetRow): StoredSet => ({
  id: row.id,
  version: row.version,
  updatedAt: row.updatedAt.toISOString(),
  archived: (row.archivedAt ?? null) !== null,
  set: { title: row.title, description: row.description, folder: row.folder, credit: row.credit },
});

/** The row of a set that the account may change. @throws Problem 404 */
export async function setRowOf(accountId: string, id: string, deleted = false): Promise<SetRow> {
  const row = await SetRow.findOne({ where: { id, accountId } });
  if (!row || ((row.deletedAt ?? null) !== null) !== deleted) throw missing();
  return row;
}

/** A set as it comes out of the database. */
interface SummaryRow extends Omit<SetSummary, 'role' | 'updatedAt' | 'archived' | 'mayCopy' | 'shared'> {
  updated_at: Date;
  archived_at: Date | null;
  may_copy: number;
  shared: number;
}

/**
 * All sets within reach with the number of their questions, by folder and title; or one's own deleted ones.
 */
export async function listSets(reach: Reach, { deleted = false } = {}): Promise<SetSummary[]> {
  const others = deleted ? [] : reach.read;
  const rows = await SetRow.sequelize!.query<SummaryRow>(
    `SELECT s.id, s.title, s.description, s.folder, s.credit, s.updated_at, s.archived_at, s.may_copy,
        s.account_id AS ownerId, a.name AS owner,
        EXISTS (SELECT 1 FROM shared_member m WHERE m.what = 'set' AND m.id = s.id)
          OR EXISTS (SELECT 1 FROM shared_link l WHERE l.what = 'set' AND l.id = s.id) AS shared,
        COUNT(q.id) AS questions, COALESCE(SUM(q.unfinished), 0) AS unfinished
      FROM question_set s JOIN account a ON a.id = s.account_id
        LEFT JOIN question q ON q.set_id = s.id AND q.deleted_at IS NULL
      WHERE (s.account_id = ? ${others.length ? `OR s.id IN (${others.map(() => '?').join(',')})` : ''})
        AND s.deleted_at IS ${deleted ? 'NOT NULL' : 'NULL'}
      GROUP BY s.id ORDER BY s.folder, s.title, s.id LIMIT ${MAX_SETS}`,
    { replacements: [reach.accountId, ...others], type: QueryTypes.SELECT },
  );
  return rows.map(({ updated_at, archived_at, may_copy, shared, ...row }) => ({
    ...row,
    role: row.ownerId === reach.accountId ? 'owner' : reach.edit.includes(row.id) ? 'editor' : 'viewer',
    questions: Number(row.questions),
    unfinished: Number(row.unfinished),
    updatedAt: new Date(updated_at).toISOString(),
    archived: archived_at !== null,
    mayCopy: Boolean(may_copy),
    shared: Boolean(shared),
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
  if (changed === 0) throw new Problem(409, 'stale', 'staleSet', { current: stored(row) });
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

/** A new set with questions in it, both or neither. */
export const createFilledSet = (
  accountId: string,
  set: QuestionSet,
  questions: readonly Question[],
): Promise<StoredSet> =>
  SetRow.sequelize!.transaction(async (transaction) => {
    const made = await createSet(accountId, set, transaction);
    await addQuestions(accountId, made.id, questions, { within: transaction });
    return made;
  });

/**
 * An independent copy of a set with all its questions for an account, in one transaction. A copy of
 * somebody else's set says whose it was, and goes to no folder.
 */
export async function copySet(
  ownerId: string,
  id: string,
  title: string,
  accountId: string,
): Promise<StoredSet> {
  const from = await setRowOf(ownerId, id);
  const own = ownerId === accountId;
  const owner = own || from.credit ? null : await AccountRow.findByPk(ownerId);
  const questions = await QuestionRow.findAll({
    where: { setId: id, deletedAt: { [Op.is]: null } },
    order: [
      ['position', 'ASC'],
      ['id', 'ASC'],
    ],
  });
  const { description, credit } = from;
  const folder = own ? from.folder : '';
  const set = { title: title.slice(0, 120), description, folder, credit: owner?.name ?? credit };
  const docs = questions.map((row) => row.doc);
  return createFilledSet(accountId, set, docs);
}
