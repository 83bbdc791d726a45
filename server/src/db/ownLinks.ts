import type { SittingState } from '@distaff/core/sitting';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

/** So many links are kept at once. */
const AT_ONCE = 500;

/** Keeps by which tokens (hashes) players come back to what they answered in a game that is over; null where it is on again. */
export async function writeOwnLinks(
  db: Sequelize,
  id: string,
  state: SittingState | null,
  transaction?: Transaction,
): Promise<void> {
  const within = transaction ? { transaction } : {};
  await db.query('DELETE FROM own_link WHERE sitting_id = ?', { replacements: [id], ...within });
  const rows = [...(state?.seats ?? [])].flatMap(([seat, { token, removed }]) =>
    token === '' || removed ? [] : [[token, id, seat]],
  );
  for (let from = 0; from < rows.length; from += AT_ONCE) {
    const part = rows.slice(from, from + AT_ONCE);
    await db.query(
      `INSERT INTO own_link (token, sitting_id, seat) VALUES ${part.map(() => '(?,?,?)').join(',')}`,
      { replacements: part.flat(), type: QueryTypes.INSERT, ...within },
    );
  }
}

/** The game and the seat of a token (hash), the last one first; null where there is none, or its host closed that. */
export async function ownLinkOf(
  db: Sequelize,
  token: string,
): Promise<{ sitting: string; seat: string } | null> {
  const [row] = await db.query<{ sitting: string; seat: string }>(
    `SELECT l.sitting_id AS sitting, l.seat FROM own_link l JOIN sitting s ON s.id = l.sitting_id
      WHERE l.token = ? AND s.deleted_at IS NULL AND s.closed_at IS NOT NULL AND NOT s.answers_closed
      ORDER BY s.closed_at DESC LIMIT 1`,
    { replacements: [token], type: QueryTypes.SELECT },
  );
  return row ?? null;
}
