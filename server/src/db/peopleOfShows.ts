import { nameKey } from '@distaff/core/report';
import type { Show } from '@distaff/core/show';
import { withoutPeople } from '@distaff/core/sitting';
import { QueryTypes, type Sequelize } from 'sequelize';
import { fromJson } from './json.ts';

interface Row {
  id: string;
  version: number;
  doc: unknown;
}
/** Shows that are written, and what they were before. */
const tables = [
  { table: 'show_doc', id: 'id', of: 'account_id = ?' },
  { table: 'show_version', id: 'show_id', of: 'show_id IN (SELECT id FROM show_doc WHERE account_id = ?)' },
] as const;

const names = ({ teams, doors }: Show): string[] => [
  ...teams.flatMap(({ members }) => members ?? []),
  ...doors.roster,
];

/** People in the lists of an account's shows, earlier states included: found by their names, and taken out. */
export class PeopleOfShows {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  async #rows(
    { table, id, of }: (typeof tables)[number],
    accountId: string,
  ): Promise<(Row & { show: Show })[]> {
    const rows = await this.#db.query<Row>(`SELECT ${id} AS id, version, doc FROM ${table} WHERE ${of}`, {
      replacements: [accountId],
      type: QueryTypes.SELECT,
    });
    return rows.map((row) => ({ ...row, show: fromJson(row.doc) as Show }));
  }

  /** The titles of shows that name somebody, each with the names. */
  async names(accountId: string): Promise<{ title: string; names: string[] }[]> {
    return (await this.#rows(tables[0], accountId)).map(({ show }) => ({
      title: show.title,
      names: names(show),
    }));
  }

  /** Takes somebody out of all of them, for good. */
  async remove(accountId: string, name: string): Promise<void> {
    const isGone = (one: string) => nameKey(one) === nameKey(name);
    for (const place of tables)
      for (const { id, version, show } of await this.#rows(place, accountId)) {
        if (!names(show).some(isGone)) continue;
        // Whoever has it open is told that it is another one by now.
        const next = place.table === 'show_doc' ? version + 1 : version;
        await this.#db.query(
          `UPDATE ${place.table} SET doc = ?, version = ? WHERE ${place.id} = ? AND version = ?`,
          {
            replacements: [JSON.stringify(withoutPeople(show, isGone)), next, id, version],
            type: QueryTypes.UPDATE,
          },
        );
      }
  }
}
