import type { StoredQuestion } from '@distaff/core/wire';
import { Question } from '@distaff/core/question';
import { nanoid } from 'nanoid';
import type { Transaction } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { QuestionRow, SetRow } from './models.ts';
import { columnsOf, index, insertMany, storedQuestion } from './questionRows.ts';

/** The questions of one set, in their order. `ownerId` is the account whose set it is. */

const db = () => QuestionRow.sequelize!;

/** Questions that are stored in one go; between two goes others have their turn, and it can be broken off. */
const AT_ONCE = 500;

interface Adding {
  within?: Transaction;
  /** The import by which they come. */
  importId?: string;
  /** Is told after each go how many are stored; what it throws breaks the whole off. */
  stored?: (count: number) => void;
}

/**
 * Adds questions at the end of a set, each under a new id, all or none.
 * @returns their ids in the same order.
 */
export async function addQuestions(
  ownerId: string,
  setId: string,
  questions: readonly Question[],
  { within, importId, stored }: Adding = {},
): Promise<string[]> {
  const work = async (transaction: Transaction): Promise<string[]> => {
    // The lock keeps two who add at once from taking the same places.
    const set = await SetRow.findOne({
      where: { id: setId, accountId: ownerId, deletedAt: null },
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (!set) throw new Problem(404, 'notThere', 'noSet');
    const last =
      ((await QuestionRow.max('position', { where: { setId }, transaction })) as number | null) ?? 0;
    const fresh = questions.map((question) => ({ ...question, id: nanoid(12), origin: null }));
    // What a question did before belongs to its copies as well.
    const copyOf = questions.map(({ origin }) => origin?.id ?? null);
    const now = new Date().toISOString().replace('T', ' ').replace('Z', '');
    for (let from = 0; from < fresh.length; from += AT_ONCE) {
      const part = fresh.slice(from, from + AT_ONCE);
      await insertMany(
        `INSERT INTO question (id, set_id, account_id, position, kind, language, difficulty, unfinished,
        remarks, check_again_by, prompt, search_text, doc, version, created_at, updated_at, import_id, copy_of) VALUES`,
        part.map((question, i) => {
          const row = columnsOf(question);
          return [
            question.id,
            setId,
            ownerId,
            last + from + i + 1,
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
            importId ?? null,
            copyOf[from + i] ?? null,
          ];
        }),
        transaction,
      );
      await index(ownerId, part, transaction);
      stored?.(from + part.length);
    }
    return fresh.map((question) => question.id);
  };
  return within ? work(within) : db().transaction(work);
}

/** All questions of a set in their order, whole. */
export async function questionsOf(ownerId: string, setId: string): Promise<Question[]> {
  const rows = await QuestionRow.findAll({
    where: { accountId: ownerId, setId, deletedAt: null },
    attributes: ['doc'],
    order: [
      ['position', 'ASC'],
      ['id', 'ASC'],
    ],
  });
  return rows.map((row) => v.parse(Question, row.doc));
}

/** All questions of a set in their order, each with its version, so that it can be saved. */
export async function storedQuestionsOf(ownerId: string, setId: string): Promise<StoredQuestion[]> {
  const rows = await QuestionRow.findAll({
    where: { accountId: ownerId, setId, deletedAt: null },
    order: [
      ['position', 'ASC'],
      ['id', 'ASC'],
    ],
  });
  return rows.map(storedQuestion);
}

/** Puts the questions of a set in this order; ids that are not of the set are passed over. */
export function orderQuestions(ownerId: string, setId: string, ids: readonly string[]): Promise<void> {
  return db().transaction(async (transaction) => {
    const rows = await QuestionRow.findAll({
      where: { setId, accountId: ownerId },
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
