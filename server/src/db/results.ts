import { gunzip, gzip } from 'node:zlib';
import { promisify } from 'node:util';
import { clothOf, type SittingState } from '@distaff/core/sitting';
import { playedQuestions, reportOf, resultsOf, type Report, type Results } from '@distaff/core/report';
import type { ClothRow } from '@distaff/core/formats';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { SittingRow } from './models.ts';

const pack = promisify(gzip);
const unpack = promisify(gunzip);

/** What came of a sitting, as it is shown and taken away. */
export interface KeptResults {
  results: Results;
  report: Report;
  cloth: ClothRow[];
}

/** Goes up with every change of what results hold: those kept before are worked out anew. */
const MADE_WITH = 5;

export const workOut = (state: SittingState): KeptResults => ({
  results: resultsOf(state),
  report: reportOf(state),
  cloth: clothOf(state),
});

/**
 * Keeps the results of a sitting that was closed, packed: of a thousand players and a hundred questions
 * they are more than the database takes at once. `state` is null where it was opened again.
 */
export async function writeResults(
  db: Sequelize,
  id: string,
  state: SittingState | null,
  transaction?: Transaction,
): Promise<void> {
  const within = transaction ? { transaction } : {};
  if (!state) {
    await db.query('DELETE FROM sitting_result WHERE sitting_id = ?', { replacements: [id], ...within });
    return;
  }
  await db.query('REPLACE INTO sitting_result (sitting_id, made_with, body) VALUES (?,?,?)', {
    replacements: [id, MADE_WITH, await pack(JSON.stringify(workOut(state)))],
    ...within,
  });
}

/** The results kept of a closed sitting, or null where they have to be worked out from its log. */
export async function readResults(db: Sequelize, id: string): Promise<KeptResults | null> {
  const [row] = await db.query<{ body: Buffer }>(
    'SELECT body FROM sitting_result WHERE sitting_id = ? AND made_with = ?',
    { replacements: [id, MADE_WITH], type: QueryTypes.SELECT },
  );
  return row ? (JSON.parse((await unpack(row.body)).toString()) as KeptResults) : null;
}

/** Notes which questions of the library were played with whom, and how they did. */
export async function writePlayed(
  db: Sequelize,
  id: string,
  state: SittingState | null,
  transaction: Transaction,
): Promise<void> {
  await db.query('DELETE FROM question_played WHERE sitting_id = ?', { replacements: [id], transaction });
  const played = state ? playedQuestions(state) : [];
  if (!state || played.length === 0) return;
  const row = await SittingRow.findByPk(id, { attributes: ['accountId', 'rehearsal'], transaction });
  if (!row || row.rehearsal) return;
  const rows = played.map((one) => [
    id,
    one.question,
    row.accountId,
    state.show.group ?? '',
    one.answers,
    one.share,
  ]);
  await db.query(
    `INSERT INTO question_played (sitting_id, question_id, account_id, group_name, answers, share)
      VALUES ${rows.map(() => '(?,?,?,?,?,?)').join(',')}`,
    { replacements: rows.flat(), type: QueryTypes.INSERT, transaction },
  );
}
