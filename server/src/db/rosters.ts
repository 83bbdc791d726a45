import type { StoredRoster } from '@distaff/core/wire';
import type { Roster } from '@distaff/core/library';
import { nanoid } from 'nanoid';
import { QueryTypes, type Sequelize } from 'sequelize';
import { fromJson } from './json.ts';

const names = (value: unknown): string[] => fromJson(value) as string[];

/** The rosters of hosts: one by each name. */
export class Rosters {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  async list(accountId: string): Promise<StoredRoster[]> {
    const rows = await this.#db.query<{ id: string; name: string; names: unknown }>(
      'SELECT id, name, names FROM roster WHERE account_id = ? ORDER BY name LIMIT 200',
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    return rows.map((row) => ({ id: row.id, name: row.name, names: names(row.names) }));
  }

  /** Who belongs to the group of this name; null where there is no such list. */
  async named(accountId: string, name: string): Promise<string[] | null> {
    const [row] = await this.#db.query<{ names: unknown }>(
      'SELECT names FROM roster WHERE account_id = ? AND name = ?',
      { replacements: [accountId, name], type: QueryTypes.SELECT },
    );
    return row ? names(row.names) : null;
  }

  /** Keeps a roster under its name, in place of one that was kept under it before. */
  async keep(accountId: string, roster: Roster): Promise<void> {
    await this.#db.query(
      `INSERT INTO roster (id, account_id, name, names, updated_at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))
        ON DUPLICATE KEY UPDATE names = VALUES(names), updated_at = VALUES(updated_at)`,
      {
        replacements: [nanoid(), accountId, roster.name, JSON.stringify(roster.names)],
        type: QueryTypes.INSERT,
      },
    );
  }

  async drop(accountId: string, id: string): Promise<void> {
    await this.#db.query('DELETE FROM roster WHERE account_id = ? AND id = ?', {
      replacements: [accountId, id],
      type: QueryTypes.DELETE,
    });
  }
}
