import { changeQuestion, type BulkChange } from '@distaff/core/library';
import type { Changed } from '@distaff/core/wire';
import { Question } from '@distaff/core/question';
import { Op } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { accessTo, within, type Reach } from './access.ts';
import { QuestionRow, QuestionVersionRow, SetRow } from './models.ts';
import { write } from './questionRows.ts';

/** One act on many questions; those out of reach are passed over. */
const chosen = (reach: Reach, ids: readonly string[]) => ({
  id: { [Op.in]: [...ids] },
  ...within(reach, 'edit'),
});
const db = () => QuestionRow.sequelize!;

/** Makes one change on many questions, in one transaction; what each was is kept. @returns what can be taken back. */
export function changeQuestions(
  reach: Reach,
  ids: readonly string[],
  change: BulkChange,
): Promise<Changed[]> {
  return db().transaction(async (transaction) => {
    const where = { ...chosen(reach, ids), deletedAt: null };
    const rows = await QuestionRow.findAll({ where, transaction, lock: transaction.LOCK.UPDATE });
    const changed: Changed[] = [];
    for (const row of rows) {
      const question = changeQuestion(v.parse(Question, row.doc), change);
      const { id, version } = await write(row, reach.accountId, question, transaction, true);
      changed.push({ id, version });
    }
    return changed;
  });
}

/** Takes one change to many back; what was written since then stays as it is. @returns how many were taken back. */
export function takeChangeBack(reach: Reach, changed: readonly Changed[]): Promise<number> {
  return db().transaction(async (transaction) => {
    const versions = new Map(changed.map(({ id, version }) => [id, version]));
    const where = { ...chosen(reach, [...versions.keys()]), deletedAt: null };
    const rows = await QuestionRow.findAll({ where, transaction, lock: transaction.LOCK.UPDATE });
    let count = 0;
    for (const row of rows) {
      const before = { questionId: row.id, version: row.version - 1 };
      const kept =
        row.version === versions.get(row.id) &&
        (await QuestionVersionRow.findOne({ where: before, transaction }));
      if (!kept) continue;
      await write(row, reach.accountId, v.parse(Question, kept.doc), transaction);
      count++;
    }
    return count;
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
    if (!set) throw new Problem(404, 'notThere', 'noSet');
    const last =
      ((await QuestionRow.max('position', { where: { setId }, transaction })) as number | null) ?? 0;
    const where = { ...chosen(reach, ids), deletedAt: null };
    const rows = await QuestionRow.findAll({ where, transaction });
    if (rows.some((row) => row.accountId !== ownerId)) throw new Problem(409, 'otherOwner', 'otherOwner');
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
