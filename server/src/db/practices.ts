import type { PracticeInfo } from '@distaff/core/wire';
import { PracticeSettings, sizeOf } from '@distaff/core/practice';
import { newJoinCode } from '@distaff/core/text';
import { Show } from '@distaff/core/show';
import type { Random } from '@distaff/core/random';
import { nanoid } from 'nanoid';
import { QueryTypes, UniqueConstraintError, type Sequelize } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { fromJson } from './json.ts';

/** A practice as the server knows it. Times are server ms. */
export interface Practice {
  id: string;
  accountId: string;
  showId: string | null;
  title: string;
  code: string;
  /** The show as it is taken. */
  show: Show;
  settings: PracticeSettings;
  createdAt: number;
  closedAt: number | null;
}

interface Row {
  id: string;
  account_id: string;
  show_id: string | null;
  title: string;
  code: string;
  doc: string;
  settings: unknown;
  created_at: number | string;
  closed_at: number | string | null;
}

const ms = (value: number | string | null): number | null => (value === null ? null : Number(value));

/** So many shows are kept as they were read: a class takes the same one at once. */
const KEPT = 50;

const gone = () => new Problem(404, 'notThere', 'noPractice');

export const practiceInfo = ({
  id,
  showId,
  title,
  code,
  settings,
  show,
  ...times
}: Practice): PracticeInfo => ({
  id,
  showId,
  title,
  code,
  settings,
  ...sizeOf(show),
  createdAt: new Date(times.createdAt).toISOString(),
  closedAt: times.closedAt === null ? null : new Date(times.closedAt).toISOString(),
});

/** What hosts offer to be taken alone. */
export class Practices {
  readonly #db: Sequelize;
  /** The show of a practice is never changed. */
  readonly #shows = new Map<string, Show>();

  constructor(db: Sequelize) {
    this.#db = db;
  }

  #practice(row: Row): Practice {
    let show = this.#shows.get(row.id);
    if (!show) {
      show = v.parse(Show, JSON.parse(row.doc));
      this.#shows.set(row.id, show);
      if (this.#shows.size > KEPT) this.#shows.delete(this.#shows.keys().next().value!);
    }
    return {
      id: row.id,
      accountId: row.account_id,
      showId: row.show_id,
      title: row.title,
      code: row.code,
      show,
      settings: v.parse(PracticeSettings, fromJson(row.settings)),
      createdAt: Number(row.created_at),
      closedAt: ms(row.closed_at),
    };
  }

  async #one(where: string, replacements: unknown[]): Promise<Practice | null> {
    const [row] = await this.#db.query<Row>(`SELECT * FROM practice WHERE deleted_at IS NULL AND ${where}`, {
      replacements,
      type: QueryTypes.SELECT,
    });
    return row ? this.#practice(row) : null;
  }

  byCode = (code: string): Promise<Practice | null> => this.#one('code = ?', [code]);

  /** @throws Problem 404 where it is not there or not this account's. */
  async ofAccount(accountId: string, id: string): Promise<Practice> {
    const found = await this.#one('id = ? AND account_id = ?', [id, accountId]);
    if (!found) throw gone();
    return found;
  }

  /** The newest first. */
  async list(
    accountId: string,
    limit: number,
    offset: number,
  ): Promise<{ practices: Practice[]; total: number }> {
    const rows = await this.#db.query<Row>(
      `SELECT * FROM practice WHERE deleted_at IS NULL AND account_id = ?
        ORDER BY created_at DESC, id LIMIT ? OFFSET ?`,
      { replacements: [accountId, limit, offset], type: QueryTypes.SELECT },
    );
    const [count] = await this.#db.query<{ n: number }>(
      'SELECT COUNT(*) AS n FROM practice WHERE deleted_at IS NULL AND account_id = ?',
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    return { practices: rows.map((row) => this.#practice(row)), total: Number(count!.n) };
  }

  /** Offers a show under a code that leads nowhere else. @throws Problem 503 where none is found. */
  async create(
    given: Pick<Practice, 'accountId' | 'showId' | 'title' | 'show' | 'settings'>,
    random: Random,
    now: number,
  ): Promise<Practice> {
    const { accountId, showId, title, show, settings } = given;
    for (let tries = 0; tries < 20; tries++) {
      const [id, code] = [nanoid(), newJoinCode(random)];
      const [taken] = await this.#db.query<{ n: number }>(
        'SELECT COUNT(*) AS n FROM sitting WHERE code = ? AND open_code IS NOT NULL',
        { replacements: [code], type: QueryTypes.SELECT },
      );
      if (Number(taken!.n) > 0) continue;
      try {
        await this.#db.query(
          `INSERT INTO practice (id, account_id, show_id, title, code, doc, settings, created_at)
            VALUES (?,?,?,?,?,?,?,?)`,
          {
            replacements: [
              id,
              accountId,
              showId,
              title,
              code,
              JSON.stringify(show),
              JSON.stringify(settings),
              now,
            ],
            type: QueryTypes.INSERT,
          },
        );
        return this.ofAccount(accountId, id);
      } catch (error) {
        if (!(error instanceof UniqueConstraintError)) throw error;
      }
    }
    throw new Problem(503, 'noCode', 'noCode');
  }

  async change(id: string, settings: PracticeSettings): Promise<void> {
    await this.#set(id, 'settings', JSON.stringify(settings));
  }
  async close(id: string, at: number | null): Promise<void> {
    await this.#set(id, 'closed_at', at);
  }
  async delete(id: string, at: number | null): Promise<void> {
    await this.#set(id, 'deleted_at', at);
  }
  async #set(id: string, column: 'settings' | 'closed_at' | 'deleted_at', value: string | number | null) {
    await this.#db.query(`UPDATE practice SET ${column} = ? WHERE id = ?`, {
      replacements: [value, id],
      type: QueryTypes.UPDATE,
    });
  }
  /** A deleted one of this account's, to be had again. @throws Problem 404 */
  async restore(accountId: string, id: string): Promise<Practice> {
    await this.#db.query('UPDATE practice SET deleted_at = NULL WHERE id = ? AND account_id = ?', {
      replacements: [id, accountId],
      type: QueryTypes.UPDATE,
    });
    return this.ofAccount(accountId, id);
  }
}
