import type { StoredQuestion } from '@distaff/core/wire';
import type { QuestionVersion } from '@distaff/core/wire';
import { Question } from '@distaff/core/question';
import { QueryTypes } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { refusal, within, type Reach } from './access.ts';
import { fromJson } from './json.ts';
import { QuestionRow } from './models.ts';
import { storedQuestion, write } from './questionRows.ts';

/** Earlier states of one question that are listed. */
const LISTED = 100;

const missing = () => new Problem(404, 'notThere', 'questionGone');

/** A question that is not deleted. @throws Problem 404 */
async function rowOf(reach: Reach, id: string): Promise<QuestionRow> {
  const row = await QuestionRow.findOne({ where: { id, deletedAt: null, ...within(reach, 'read') } });
  if (!row) throw missing();
  return row;
}

export const readQuestion = async (reach: Reach, id: string): Promise<StoredQuestion> =>
  storedQuestion(await rowOf(reach, id));

/**
 * Saves a question that was changed from `version`.
 * @throws Problem 409 with the newer question in its details where somebody saved in between.
 */
export function saveQuestion(
  reach: Reach,
  id: string,
  version: number,
  question: Question,
): Promise<StoredQuestion> {
  return QuestionRow.sequelize!.transaction(async (transaction) => {
    const where = { id, deletedAt: null, ...within(reach, 'read') };
    const row = await QuestionRow.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
    if (!row) throw missing();
    if (row.accountId !== reach.accountId && !reach.edit.includes(row.setId)) throw refusal('edit');
    if (row.version !== version)
      throw new Problem(409, 'stale', 'staleQuestion', {
        current: storedQuestion(row),
      });
    return storedQuestion(await write(row, reach.accountId, question, transaction));
  });
}

/** Earlier states of a question, the latest first. */
export async function historyOf(reach: Reach, id: string): Promise<QuestionVersion[]> {
  await rowOf(reach, id);
  const rows = await QuestionRow.sequelize!.query<{
    version: number;
    at: Date;
    name: string;
    doc: Question | string;
  }>(
    `SELECT h.version, h.at, a.name, h.doc FROM question_version h JOIN account a ON a.id = h.account_id
      WHERE h.question_id = ? ORDER BY h.version DESC LIMIT ${LISTED}`,
    { replacements: [id], type: QueryTypes.SELECT },
  );
  return rows.map(({ version, at, name, doc }) => ({
    version,
    at: new Date(at).toISOString(),
    by: name,
    question: v.parse(Question, fromJson(doc)),
  }));
}

/** Questions of an account's library that are there, by their ids. */
export const originalsBy = (accountId: string, ids: readonly string[]): Promise<QuestionRow[]> =>
  QuestionRow.findAll({ where: { id: [...ids], accountId, deletedAt: null } });
