import { changeQuestion, Question, type BulkChange } from '@distaff/core';
import { Op } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { accessTo, within, type Reach } from './access.ts';
import { QuestionRow, SetRow } from './models.ts';
import { write } from './questionRows.ts';

/** One act on many questions; those out of reach are passed over. */
const chosen = (reach: Reach, ids: readonly string[]) => ({
  id: { [Op.in]: [...ids] },
  ...within(reach, 'edit'),
});
const db = () => QuestionRow.sequelize!;

/** Makes one change on many questions, in one transaction. @returns how many there were. */
export function changeQuestions(reach: Reach, ids: readonly string[], change: BulkChange): Promise<number> {
  return db().transaction(async (transaction) => {
    const where = { ...chosen(reach, ids), deletedAt: null };
    const rows = await QuestionRow.findAll({ where, transaction, lock: transaction.LOCK.UPDATE });
    for (const row of rows)
      await write(row, reach.accountId, changeQuestion(v.parse(Question, row.doc), change), transaction);
    return rows.length;
  });
}

/**
 * Moves questions to the end of another set.
 * @throws Problem 409 where that set is another owner's than a question: nothing is given away by a slip.
 */
export async function moveQuestions(reach: Reach, ids: readonly string[], setId: string): Promise<number> {
  const { ownerId } = await accessTo(reach, setId, 'edit');
  return db().transaction(async (transaction) => {
    const set = await SetRow.findOne({
      where: { id: setId, deletedAt: null },
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (!set) throw new Problem(404, 'notThere', 'There is no such question set, or it was deleted.');
    const last =
      ((await QuestionRow.max('position', { where: { setId }, transaction })) as number | null) ?? 0;
    const where = { ...chosen(reach, ids), deletedAt: null };
    const rows = await QuestionRow.findAll({ where, transaction });
    if (rows.some((row) => row.accountId !== ownerId))
      throw new Problem(409, 'otherOwner', 'Questions can only be moved between sets of the same owner.');
    const place = new Map(ids.map((id, i) => [id, i]));
    for (const row of rows)
      await row.update({ setId, position: last + 1 + place.get(row.id)! }, { transaction, silent: true });
    return rows.length;
  });
}

/** Puts questions away; they can be restored. */
export async function deleteQuestions(reach: Reach, ids: readonly string[]): Promise<number> {
  const where = { ...chosen(reach, ids), deletedAt: null };
  const [count] = await QuestionRow.update({ deletedAt: new Date() }, { where, silent: true });
  return count;
}

export async function restoreQuestions(reach: Reach, ids: readonly string[]): Promise<number> {
  const [count] = await QuestionRow.update({ deletedAt: null }, { where: chosen(reach, ids), silent: true });
  return count;
}
