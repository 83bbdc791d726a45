import { League } from '@distaff/core/term';
import { nanoid } from 'nanoid';
import { QueryTypes, type Sequelize } from 'sequelize';
import * as v from 'valibot';
import { Problem } from '../problem.ts';
import { fromJson } from './json.ts';

/** A league as it is kept; with its key where everybody with the link may see it. */
export interface KeptLeague {
  id: string;
  accountId: string;
  league: League;
  publicKey: string | null;
}
interface Row {
  id: string;
  account_id: string;
  doc: unknown;
  public_key: string | null;
}

const MOST = 200;
const readRow = ({ id, account_id, doc, public_key }: Row): KeptLeague => ({
  id,
  accountId: account_id,
  league: v.parse(League, fromJson(doc)),
  publicKey: public_key,
});

/** The leagues of hosts. */
export class Leagues {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  async #select(where: string, replacements: unknown[]): Promise<KeptLeague[]> {
    const rows = await this.#db.query<Row>(
      `SELECT id, account_id, doc, public_key FROM league WHERE ${where} ORDER BY updated_at DESC, id LIMIT ${MOST}`,
      { replacements, type: QueryTypes.SELECT },
    );
    return rows.map(readRow);
  }
  async #change(sql: string, replacements: unknown[]): Promise<void> {
    await this.#db.query(sql, { replacements, type: QueryTypes.UPDATE });
  }

  list = (accountId: string): Promise<KeptLeague[]> => this.#select('account_id = ?', [accountId]);

  /** @throws Problem 404 where it is not there or not this account's. */
  async ofAccount(accountId: string, id: string): Promise<KeptLeague> {
    const [found] = await this.#select('id = ? AND account_id = ?', [id, accountId]);
    if (!found) throw new Problem(404, 'notThere', 'noLeague');
    return found;
  }
  /** @throws Problem 404 where the link leads nowhere, or no more. */
  async byKey(key: string): Promise<KeptLeague> {
    const [found] = await this.#select('public_key = ?', [key]);
    if (!found) throw new Problem(404, 'notThere', 'linkGone');
    return found;
  }

  /** @throws Problem 409 where there are too many. */
  async create(accountId: string, league: League): Promise<KeptLeague> {
    if ((await this.list(accountId)).length >= MOST)
      throw new Problem(409, 'tooMany', 'leaguesMost', {}, { n: MOST });
    const id = nanoid(12);
    await this.#db.query(
      'INSERT INTO league (id, account_id, doc, updated_at) VALUES (?,?,?, UTC_TIMESTAMP(3))',
      { replacements: [id, accountId, JSON.stringify(league)], type: QueryTypes.INSERT },
    );
    return { id, accountId, league, publicKey: null };
  }
  change(id: string, league: League): Promise<void> {
    return this.#change('UPDATE league SET doc = ?, updated_at = UTC_TIMESTAMP(3) WHERE id = ?', [
      JSON.stringify(league),
      id,
    ]);
  }
  publish(id: string, key: string | null): Promise<void> {
    return this.#change('UPDATE league SET public_key = ? WHERE id = ?', [key, id]);
  }
  remove(id: string): Promise<void> {
    return this.#change('DELETE FROM league WHERE id = ?', [id]);
  }
}
