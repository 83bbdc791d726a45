import type { StoredQuestion } from '@distaff/core/wire';
import { lacksOf, Question } from '@distaff/core/question';
import { lastingRemarks } from '@distaff/core/review';
import { overwrites, searchText, wordsOf } from '@distaff/core/library';
import { plainText } from '@distaff/core/text';
import type { Transaction } from 'sequelize';
import * as v from 'valibot';
import { QuestionRow, QuestionVersionRow } from './models.ts';

/** How questions lie in their tables: the document, what is beside it for lists and search, earlier states. */

/** Saves that follow each other faster than this (ms) are one entry of the history. */
const ONE_EDIT = 5 * 60_000;
const ROWS_AT_ONCE = 500;

export const storedQuestion = (row: QuestionRow): StoredQuestion => ({
  id: row.id,
  setId: row.setId,
  version: row.version,
  updatedAt: row.updatedAt.toISOString(),
  question: v.parse(Question, row.doc),
});

/** What lists, filters and the search need beside the document. */
export const columnsOf = (doc: Question) => ({
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

/** The driver's own connection under a transaction: it sends many rows at once without writing them into SQL. */
interface Bulk {
  batch(sql: string, rows: unknown[][]): Promise<unknown>;
}

/** Inserts rows by `sql`, which ends in VALUES; all within the transaction. */
export async function insertMany(sql: string, rows: unknown[][], transaction: Transaction): Promise<void> {
  const { connection } = transaction as unknown as { connection: Bulk };
  for (let i = 0; i < rows.length; i += ROWS_AT_ONCE) {
    const part = rows.slice(i, i + ROWS_AT_ONCE);
    await connection.batch(`${sql} (${part[0]!.map(() => '?').join(',')})`, part);
  }
}

/** Takes tags and words of questions into their tables; `id` of each is that of its row. */
export async function index(accountId: string, questions: readonly Question[], transaction: Transaction) {
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

/** Keeps the state before a change, unless the same person changed it just now and goes on writing. */
async function keepVersion(
  row: QuestionRow,
  accountId: string,
  question: Question,
  always: boolean,
  transaction: Transaction,
): Promise<void> {
  const last = await QuestionVersionRow.findOne({
    where: { questionId: row.id },
    order: [['version', 'DESC']],
    transaction,
  });
  const isRecent = last?.accountId === accountId && Date.now() - last.at.getTime() < ONE_EDIT;
  const { id: questionId, version, doc } = row;
  if (!always && isRecent && !overwrites(v.parse(Question, doc), question)) return;
  await QuestionVersionRow.create({ questionId, version, accountId, at: new Date(), doc }, { transaction });
}

/** Writes a changed question into its row, by `actorId`; with `always` what it was is kept whenever that was. */
export async function write(
  row: QuestionRow,
  actorId: string,
  question: Question,
  transaction: Transaction,
  always = false,
): Promise<QuestionRow> {
  await keepVersion(row, actorId, question, always, transaction);
  const doc = { ...question, id: row.id };
  await row.update({ ...columnsOf(doc), version: row.version + 1 }, { transaction });
  await QuestionRow.sequelize!.query('DELETE FROM question_tag WHERE question_id = ?', {
    replacements: [row.id],
    transaction,
  });
  await index(row.accountId, [doc], transaction);
  return row;
}
