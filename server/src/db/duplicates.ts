import { setImmediate as turn } from 'node:timers/promises';
import { nearDuplicates, type NearDuplicate } from '@distaff/core/review';
import { QueryTypes, type Sequelize } from 'sequelize';

/** A turn of work in which nobody else is served (ms). */
const SLICE = 8;

/**
 * Pairs of questions of an account's library that ask nearly the same; with `set` those of which at
 * least one is in it; a set of others is compared with it where that is shared (`ofOthers`). Works in short slices: a show that is live on the same server goes on meanwhile.
 */
export async function duplicatesOf(
  database: Sequelize,
  accountId: string,
  set: string | null,
  ofOthers: boolean,
  most: number,
): Promise<NearDuplicate[]> {
  const rows = await database.query<{
    id: string;
    set_id: string;
    prompt: string;
    picture: string | null;
  }>(
    `SELECT q.id, q.set_id, q.prompt, JSON_VALUE(q.doc, '$.picture.file') AS picture FROM question q JOIN question_set s ON s.id = q.set_id
      WHERE ${ofOthers ? '(q.account_id = ? OR q.set_id = ?)' : 'q.account_id = ?'} AND q.deleted_at IS NULL AND s.deleted_at IS NULL AND s.archived_at IS NULL`,
    { replacements: [accountId, ...(ofOthers ? [set] : [])], type: QueryTypes.SELECT },
  );
  const inSet = new Map(rows.map((row) => [row.id, row.set_id === set]));
  const work = nearDuplicates(
    rows.map((row) => ({ id: row.id, text: row.prompt, picture: row.picture })),
    set === null ? most : 10_000,
  );
  let since = performance.now();
  for (;;) {
    const step = work.next();
    if (step.done) {
      const own = set === null ? step.value : step.value.filter(({ a, b }) => inSet.get(a) || inSet.get(b));
      return own.slice(0, most);
    }
    if (performance.now() - since > SLICE) {
      await turn();
      since = performance.now();
    }
  }
}
