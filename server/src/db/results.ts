import { gunzip, gzip } from 'node:zlib';
import { promisify } from 'node:util';
import { clothOf, type SittingState } from '@distaff/core/sitting';
import { playedQuestions, reportOf, resultsOf, type Report, type Results } from '@distaff/core/report';
import type { ClothRow } from '@distaff/core/formats';
import { digestOf, type Digest } from '@distaff/core/term';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { SittingRow } from './models.ts';
import { writeOwnLinks } from './ownLinks.ts';

const pack = promisify(gzip);
const unpack = promisify(gunzip);

/** What came of a sitting, as it is shown first: all but the single answers, of which there may be a hundred thousand. */
export interface KeptReport {
  results: Omit<Results, 'responses'>;
  report: Report;
  cloth: ClothRow[];
}
/** All of it, as it is taken away. */
export interface KeptResults extends KeptReport {
  results: Results;
}

/** Goes up with every change of what results or digests hold: those kept before are worked out anew. */
export const MADE_WITH = 6;

export const workOut = (state: SittingState): KeptResults => ({
  results: resultsOf(state),
  report: reportOf(state),
  cloth: clothOf(state),
});

/** What a page shows first. */
export function reportIn({ results: { responses: _, ...results }, report, cloth }: KeptResults): KeptReport {
  return { results, report, cloth };
}

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
    for (const table of ['sitting_result', 'sitting_digest'])
      await db.query(`DELETE FROM ${table} WHERE sitting_id = ?`, { replacements: [id], ...within });
    await writeOwnLinks(db, id, null, transaction);
    return;
  }
  const kept = workOut(state);
  await db.query('REPLACE INTO sitting_result (sitting_id, made_with, body, responses) VALUES (?,?,?,?)', {
    replacements: [
      id,
      MADE_WITH,
      await pack(JSON.stringify(reportIn(kept))),
      await pack(JSON.stringify(kept.results.responses)),
    ],
    ...within,
  });
  const digest = digestOf(state, kept.report, kept.results);
  await writeDigest(db, id, digest, transaction);
  await writeOwnLinks(db, id, state, transaction);
}

/** Keeps the digest of a sitting, or that it has none since its log cannot be read. Rehearsals have none. */
export async function writeDigest(
  db: Sequelize,
  id: string,
  digest: Digest | null,
  transaction?: Transaction,
): Promise<void> {
  await db.query(
    `REPLACE INTO sitting_digest (sitting_id, account_id, group_name, closed_at, made_with, made_at, body)
      SELECT id, account_id, ?, ?, ?, ?, ? FROM sitting WHERE id = ? AND rehearsal = 0`,
    {
      replacements: [
        digest?.group ?? '',
        digest?.at ?? 0,
        MADE_WITH,
        Date.now(),
        digest && (await pack(JSON.stringify(digest))),
        id,
      ],
      type: QueryTypes.INSERT,
      ...(transaction ? { transaction } : {}),
    },
  );
}
export const readDigest = async (body: Buffer): Promise<Digest> =>
  JSON.parse((await unpack(body)).toString()) as Digest;

/** A part of what is kept of a closed sitting, or null where it has to be worked out from its log. */
async function readKept<T>(db: Sequelize, id: string, column: 'body' | 'responses'): Promise<T | null> {
  const [row] = await db.query<{ part: Buffer }>(
    `SELECT ${column} AS part FROM sitting_result WHERE sitting_id = ? AND made_with = ?`,
    { replacements: [id, MADE_WITH], type: QueryTypes.SELECT },
  );
  return row ? (JSON.parse((await unpack(row.part)).toString()) as T) : null;
}
export const readReport = (db: Sequelize, id: string): Promise<KeptReport | null> => readKept(db, id, 'body');
export const readResponses = (db: Sequelize, id: string): Promise<Results['responses'] | null> =>
  readKept(db, id, 'responses');

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
