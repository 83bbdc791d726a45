import { mayBeSame, nameKey, personOf } from '@distaff/core/report';
import { replay, type SittingState } from '@distaff/core/sitting';
import { foldText } from '@distaff/core/text';
import type { FoundPerson, WillForget } from '@distaff/core/wire';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { Practices } from './practices.ts';
import type { PracticeRuns } from './practiceRuns.ts';
import { PeopleOfShows } from './peopleOfShows.ts';
import type { Rosters } from './rosters.ts';
import { UnreadableLog } from './sittingLog.ts';
import type { Sittings } from './sittings.ts';

const DAY = 24 * 3_600_000;
/** So many names are found at once. */
const MOST_NAMES = 50;

interface Game {
  id: string;
  title: string;
  at: number;
}

/** People by their names, over everything that a host has: found, taken out as one file, removed; and forgotten in time. */
export class People {
  readonly #db: Sequelize;
  readonly #sittings: Sittings;
  readonly #practices: Practices;
  readonly #runs: PracticeRuns;
  readonly #rosters: Rosters;
  readonly #shows: PeopleOfShows;

  constructor(db: Sequelize, sittings: Sittings, practices: Practices, runs: PracticeRuns, rosters: Rosters) {
    this.#db = db;
    this.#sittings = sittings;
    this.#practices = practices;
    this.#runs = runs;
    this.#rosters = rosters;
    this.#shows = new PeopleOfShows(db);
  }

  /** Games that are over and in which people have names. */
  async #games(accountId: string, before = Number.MAX_SAFE_INTEGER): Promise<Game[]> {
    const rows = await this.#db.query<{ id: string; title: string; closed_at: Date }>(
      `SELECT id, title, closed_at FROM sitting WHERE account_id = ? AND rehearsal = 0
        AND closed_at IS NOT NULL AND anonymous_since IS NULL ORDER BY closed_at`,
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    return rows
      .map(({ id, title, closed_at }) => ({ id, title, at: new Date(closed_at).getTime() }))
      .filter(({ at }) => at < before);
  }
  async #state(id: string): Promise<SittingState | null> {
    try {
      return replay((await this.#sittings.load(id)).log).state;
    } catch (error) {
      if (error instanceof UnreadableLog) return null;
      throw error;
    }
  }

  /** Everybody whose name is like what is looked for, with where they are. Deleted games are looked through as well. */
  async find(accountId: string, wanted: string): Promise<FoundPerson[]> {
    const found = new Map<string, FoundPerson>();
    const like = (name: string) =>
      nameKey(name) !== '' && (foldText(name).includes(foldText(wanted)) || mayBeSame(name, wanted));
    const enter = (name: string) => {
      const key = nameKey(name);
      const known = found.get(key) ?? { name, games: [], practices: [], lists: [] };
      found.set(key, known);
      return known;
    };
    for (const { id, title, at } of await this.#games(accountId))
      for (const name of await this.#sittings.namesIn(id))
        if (like(name)) {
          const { games } = enter(name);
          if (games.at(-1)?.id !== id) games.push({ id, title, at });
        }
    for (const practice of (await this.#practices.list(accountId, 500, 0)).practices)
      for (const { name } of await this.#runs.people(practice.id))
        if (like(name))
          enter(name).practices.push({ id: practice.id, title: practice.title, at: practice.createdAt });
    for (const list of await this.#rosters.list(accountId))
      for (const name of list.names) if (like(name)) enter(name).lists.push(list.name);
    for (const { title, names } of await this.#shows.names(accountId))
      for (const name of new Set(names)) if (like(name)) enter(name).lists.push(title);
    return [...found.values()].slice(0, MOST_NAMES);
  }

  /** Everything that is known of somebody by this name, whatever the order of its parts. */
  async everythingOf(accountId: string, name: string): Promise<object> {
    const games = [];
    for (const { id, title, at } of await this.#games(accountId)) {
      const state = await this.#state(id);
      for (const seat of state?.seats.values() ?? []) {
        if (nameKey(seat.name) !== nameKey(name)) continue;
        const report = personOf(state!, seat.id) ?? personOf(state!, seat.team);
        games.push({ title, playedAt: new Date(at).toISOString(), name: seat.name, ...report });
      }
    }
    const practices = [];
    for (const practice of (await this.#practices.list(accountId, 500, 0)).practices)
      for (const person of await this.#runs.people(practice.id)) {
        if (nameKey(person.name) !== nameKey(name)) continue;
        const runs = await this.#runs.ofPerson(person.id);
        const attempts = runs.map(({ begunAt, overAt, summary }) => ({
          begunAt: new Date(begunAt).toISOString(),
          endedAt: overAt === null ? null : new Date(overAt).toISOString(),
          ...summary,
        }));
        practices.push({ title: practice.title, name: person.name, attempts });
      }
    const lists = (await this.#rosters.list(accountId))
      .filter(({ names }) => names.some((one) => nameKey(one) === nameKey(name)))
      .map((list) => list.name);
    return { name, games, practices, lists };
  }

  /**
   * Takes somebody out of everything, for good: nameless in games, whose figures stay; gone from practices and lists.
   * @param rewrite carries out work on one sitting as its only writer.
   */
  async remove(
    accountId: string,
    name: string,
    rewrite: (sitting: string, work: () => Promise<void>) => Promise<void>,
  ): Promise<void> {
    const key = nameKey(name);
    for (const { id } of await this.#games(accountId)) {
      const state = await this.#state(id);
      const seats = [...(state?.seats.values() ?? [])].filter((seat) => nameKey(seat.name) === key);
      const members = state?.show.teams.some((team) => team.members?.some((one) => nameKey(one) === key));
      const listed = state?.show.doors.roster.some((one) => nameKey(one) === key);
      if (seats.length === 0 && !members && !listed) continue;
      await rewrite(id, () => this.#sittings.forget(id, new Set(seats.map((seat) => seat.id)), [name]));
    }
    for (const practice of (await this.#practices.list(accountId, 500, 0)).practices) {
      for (const person of await this.#runs.people(practice.id))
        if (nameKey(person.name) === key) await this.#runs.removePerson(practice.id, person.id);
      const list = practice.settings.list.filter((one) => nameKey(one) !== key);
      if (list.length < practice.settings.list.length)
        await this.#practices.change(practice.id, { ...practice.settings, list });
    }
    await this.#shows.remove(accountId, name);
    for (const list of await this.#rosters.list(accountId)) {
      const names = list.names.filter((one) => nameKey(one) !== key);
      if (names.length < list.names.length) await this.#rosters.keep(accountId, { name: list.name, names });
    }
  }

  /** After how many days people are forgotten; null for never. */
  async forgetAfter(accountId: string): Promise<number | null> {
    const [row] = await this.#db.query<{ days: number | null }>(
      'SELECT forget_after AS days FROM account WHERE id = ?',
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    return row?.days ?? null;
  }
  async setForgetAfter(accountId: string, days: number | null): Promise<void> {
    await this.#db.query('UPDATE account SET forget_after = ? WHERE id = ?', {
      replacements: [days, accountId],
      type: QueryTypes.UPDATE,
    });
  }
  /** What would be forgotten now, and what within a month, if it were after so many days. */
  async willForget(accountId: string, days: number, now: number): Promise<WillForget> {
    const games = await this.#games(accountId);
    const due = (at: number) => at + days * DAY;
    const soon = games.filter(({ at }) => due(at) > now && due(at) <= now + 30 * DAY);
    return {
      now: games.filter(({ at }) => due(at) <= now).length,
      soon: soon.length,
      first: games[0]?.at ?? null,
    };
  }
  /** Games whose people are to be forgotten by now, of all accounts that want that. */
  async due(now: number): Promise<string[]> {
    const accounts = await this.#db.query<{ id: string; days: number }>(
      'SELECT id, forget_after AS days FROM account WHERE forget_after IS NOT NULL',
      { type: QueryTypes.SELECT },
    );
    const ids: string[] = [];
    for (const { id, days } of accounts)
      ids.push(...(await this.#games(id, now - days * DAY)).map((game) => game.id));
    return ids;
  }
}
