import {
  changeQuestion,
  lacksOf,
  lastingRemarks,
  plainText,
  Question,
  searchText,
  wordsOf,
  type BulkChange,
} from '@distaff/core';
import { nanoid } from 'nanoid';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { QuestionRow, QuestionVersionRow, SetRow } from './models.ts';

export interface StoredQuestion {
  id: string;
  setId: string;
  version: number;
  updatedAt: string;
  question: Question;
}
export interface QuestionVersion {
  version: number;
  at: string;
  by: string;
  question: Question;
}

/** Saves that follow each other faster than this (ms) are one entry of the history. */
const ONE_EDIT = 5 * 60_000;
const ROWS_AT_ONCE = 500;
/** Earlier states of one question that are listed. */
const LISTED = 100;

const missing = () => new Problem(404, 'notThere', 'There is no such question, or it was deleted.');

const stored = (row: QuestionRow): StoredQuestion => ({
  id: row.id,
  setId: row.setId,
  version: row.version,
  updatedAt: row.updatedAt.toISOString(),
  question: v.parse(Question, row.doc),
});

/** What lists, filters and the search need beside the document. */
const columnsOf = (doc: Question) => ({
  kind: doc.answer.kind,
  language: doc.language,
  difficulty: doc.difficulty,
  unfinished: lacksOf(doc).length > 0,
  remarks: lastingRemarks(doc),
  checkAgainBy: doc.checkAgainBy,
  prompt: plainText(doc.prompt).slice(0, 200),
  searchText: searchText(doc),
  doc,
});

const db = () => QuestionRow.sequelize!;

/** A question of a set that is not deleted; with `deleted` one that is. @throws Problem 404 */
async function rowOf(accountId: string, id: string, deleted = false): Promise<QuestionRow> {
  const row = await QuestionRow.findOne({ where: { id, accountId } });
  if (!row || ((row.deletedAt ?? null) !== null) !== deleted) throw missing();
  return row;
}

/** The driver's own connection under a transaction: it sends many rows at once without writing them into SQL. */
interface Bulk {
  batch(sql: string, rows: unknown[][]): Promise<unknown>;
}

/** Inserts rows by `sql`, which ends in VALUES; all within the transaction. */
async function insertMany(sql: string, rows: unknown[][], transaction: Transaction): Promise<void> {
  const { connection } = transaction as unknown as { connection: Bulk };
  for (let i = 0; i < rows.length; i += ROWS_AT_ONCE) {
    const part = rows.slice(i, i + ROWS_AT_ONCE);
    await connection.batch(`${sql} (${part[0]!.map(() => '?').join(',')})`, part);
  }
}

/** Takes tags and words of questions into their tables; `id` of each is that of its row. */
async function index(accountId: string, questions: readonly Question[], transaction: Transaction) {
  const tags = questions.flatMap((one) => one.tags.map((tag) => [one.id, accountId, tag]));
  await insertMany(
    'INSERT IGNORE INTO question_tag (question_id, account_id, tag) VALUES',
    tags,
    transaction,
  );
  const words = new Set(questions.flatMap((one) => wordsOf(searchText(one))));
  const known = [...words].filter((word) => word.length >= 3 && word.length <= 60 && !/\d/.test(word));
  await insertMany(
    'INSERT IGNORE INTO search_word (account_id, word) VALUES',
    known.map((word) => [accountId, word]),
    transaction,
  );
}

/**
 * Adds questions at the end of a set, each under a new id, all or none.
 * @returns their ids in the same order.
 */
export async function addQuestions(
  accountId: string,
  setId: string,
  questions: readonly Question[],
  within?: Transaction,
  importId: string | null = null,
): Promise<string[]> {
  const work = async (transaction: Transaction): Promise<string[]> => {
    // The lock keeps two who add at once from taking the same places.
    const set = await SetRow.findOne({
      where: { id: setId, accountId, deletedAt: null },
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (!set) throw new Problem(404, 'notThere', 'There is no such question set, or it was deleted.');
    const last =
      ((await QuestionRow.max('position', { where: { setId }, transaction })) as number | null) ?? 0;
    const fresh = questions.map((question) => ({ ...question, id: nanoid(12), origin: null }));
    const now = new Date().toISOString().replace('T', ' ').replace('Z', '');
    await insertMany(
      `INSERT INTO question (id, set_id, account_id, position, kind, language, difficulty, unfinished,
        remarks, check_again_by, prompt, search_text, doc, version, created_at, updated_at, import_id) VALUES`,
      fresh.map((question, i) => {
        const row = columnsOf(question);
        return [
          question.id,
          setId,
          accountId,
          last + i + 1,
          row.kind,
          row.language,
          row.difficulty,
          row.unfinished ? 1 : 0,
          row.remarks,
          row.checkAgainBy,
          row.prompt,
          row.searchText,
          JSON.stringify(question),
          1,
          now,
          now,
          importId,
        ];
      }),
      transaction,
    );
    await index(accountId, fresh, transaction);
    return fresh.map((question) => question.id);
  };
  return within ? work(within) : db().transaction(work);
}

export const readQuestion = async (accountId: string, id: string): Promise<StoredQuestion> =>
  stored(await rowOf(accountId, id));

/** Keeps the state before a change, unless the same person changed it just now. */
async function keepVersion(row: QuestionRow, accountId: string, transaction: Transaction): Promise<void> {
  const last = await QuestionVersionRow.findOne({
    where: { questionId: row.id },
    order: [['version', 'DESC']],
    transaction,
  });
  if (last?.accountId === accountId && Date.now() - last.at.getTime() < ONE_EDIT) return;
  const { id: questionId, version, doc } = row;
  await QuestionVersionRow.create({ questionId, version, accountId, at: new Date(), doc }, { transaction });
}

async function write(
  row: QuestionRow,
  accountId: string,
  question: Question,
  transaction: Transaction,
): Promise<QuestionRow> {
  await keepVersion(row, accountId, transaction);
  const doc = { ...question, id: row.id };
  await row.update({ ...columnsOf(doc), version: row.version + 1 }, { transaction });
  await db().query('DELETE FROM question_tag WHERE question_id = ?', { replacements: [row.id], transaction });
  await index(accountId, [doc], transaction);
  return row;
}

/**
 * Saves a question that was changed from `version`.
 * @throws Problem 409 with the newer question in its details where somebody saved in between.
 */
export function saveQuestion(
  accountId: string,
  id: string,
  version: number,
  question: Question,
): Promise<StoredQuestion> {
  return db().transaction(async (transaction) => {
    const where = { id, accountId, deletedAt: null };
    const row = await QuestionRow.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
    if (!row) throw missing();
    if (row.version !== version)
      throw new Problem(409, 'stale', 'Somebody changed this question in the meantime.', {
        current: stored(row),
      });
    return stored(await write(row, accountId, question, transaction));
  });
}

/** Makes one change on many questions, in one transaction. @returns how many there were. */
export function changeQuestions(
  accountId: string,
  ids: readonly string[],
  change: BulkChange,
): Promise<number> {
  return db().transaction(async (transaction) => {
    const where = { id: { [Op.in]: [...ids] }, accountId, deletedAt: null };
    const rows = await QuestionRow.findAll({ where, transaction, lock: transaction.LOCK.UPDATE });
    for (const row of rows)
      await write(row, accountId, changeQuestion(v.parse(Question, row.doc), change), transaction);
    return rows.length;
  });
}

/** Moves questions to the end of another set of the same account. */
export function moveQuestions(accountId: string, ids: readonly string[], setId: string): Promise<number> {
  return db().transaction(async (transaction) => {
    const set = await SetRow.findOne({ where: { id: setId, accountId, deletedAt: null }, transaction });
    if (!set) throw new Problem(404, 'notThere', 'There is no such question set, or it was deleted.');
    const last =
      ((await QuestionRow.max('position', { where: { setId }, transaction })) as number | null) ?? 0;
    const rows = await QuestionRow.findAll({
      where: { id: { [Op.in]: [...ids] }, accountId, deletedAt: null },
      transaction,
    });
    const place = new Map(ids.map((id, i) => [id, i]));
    for (const row of rows)
      await row.update({ setId, position: last + 1 + place.get(row.id)! }, { transaction, silent: true });
    return rows.length;
  });
}

/** Puts questions away; they can be restored. */
export async function deleteQuestions(accountId: string, ids: readonly string[]): Promise<number> {
  const where = { id: { [Op.in]: [...ids] }, accountId, deletedAt: null };
  const [count] = await QuestionRow.update({ deletedAt: new Date() }, { where, silent: true });
  return count;
}

export async function restoreQuestions(accountId: string, ids: readonly string[]): Promise<number> {
  const where = { id: { [Op.in]: [...ids] }, accountId };
  const [count] = await QuestionRow.update({ deletedAt: null }, { where, silent: true });
  return count;
}

/** All questions of a set in their order, whole. */
export async function questionsOf(accountId: string, setId: string): Promise<Question[]> {
  const rows = await QuestionRow.findAll({
    where: { accountId, setId, deletedAt: null },
    attributes: ['doc'],
    order: [
      ['position', 'ASC'],
      ['id', 'ASC'],
    ],
  });
  return rows.map((row) => v.parse(Question, row.doc));
}

/** All questions of a set in their order, each with its version, so that it can be saved. */
export async function storedQuestionsOf(accountId: string, setId: string): Promise<StoredQuestion[]> {
  const rows = await QuestionRow.findAll({
    where: { accountId, setId, deletedAt: null },
    order: [
      ['position', 'ASC'],
      ['id', 'ASC'],
    ],
  });
  return rows.map(stored);
}

/** Puts the questions of a set in this order; ids that are not of the set are passed over. */
export function orderQuestions(accountId: string, setId: string, ids: readonly string[]): Promise<void> {
  return db().transaction(async (transaction) => {
    const rows = await QuestionRow.findAll({
      where: { setId, accountId },
      attributes: ['id', 'position'],
      order: [
        ['position', 'ASC'],
        ['id', 'ASC'],
      ],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    const known = new Set(rows.map((row) => row.id));
    const first = ids.filter((id) => known.has(id));
    const rest = rows.map((row) => row.id).filter((id) => !first.includes(id));
    const place = new Map([...first, ...rest].map((id, i) => [id, i + 1]));
    for (const row of rows)
      if (row.position !== place.get(row.id))
        await row.update({ position: place.get(row.id)! }, { transaction, silent: true });
  });
}

/** Earlier states of a question, the latest first. */
export async function historyOf(accountId: string, id: string): Promise<QuestionVersion[]> {
  await rowOf(accountId, id);
  const rows = await db().query<{ version: number; at: Date; name: string; doc: Question | string }>(
    `SELECT h.version, h.at, a.name, h.doc FROM question_version h JOIN account a ON a.id = h.account_id
      WHERE h.question_id = ? ORDER BY h.version DESC LIMIT ${LISTED}`,
    { replacements: [id], type: QueryTypes.SELECT },
  );
  return rows.map(({ version, at, name, doc }) => ({
    version,
    at: new Date(at).toISOString(),
    by: name,
    question: v.parse(Question, typeof doc === 'string' ? JSON.parse(doc) : doc),
  }));
}
