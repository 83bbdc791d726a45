import { asOriginals, dueBy, groupTerm, practiceDigest, type Dated, type SaidSame } from '@distaff/core/term';
import { keeps, standingOf } from '@distaff/core/practice';
import type { ListedGame } from '@distaff/core/wire';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { FitFrom } from '../learn/fit.ts';
import type { Practice, Practices } from './practices.ts';
import type { PracticeRuns } from './practiceRuns.ts';
import { MADE_WITH, readDigest } from './results.ts';
import type { Sittings } from './sittings.ts';
import { fromJson } from './json.ts';

interface Row {
  id: string;
  anonymous: number;
  body: Buffer;
}

/** What is remembered of all games and practices of an account. */
export class Digests {
  readonly #db: Sequelize;
  readonly #sittings: Sittings;
  readonly #practices: Practices;
  readonly #runs: PracticeRuns;

  constructor(db: Sequelize, sittings: Sittings, practices: Practices, runs: PracticeRuns) {
    this.#db = db;
    this.#sittings = sittings;
    this.#practices = practices;
    this.#runs = runs;
  }

  #select<T extends object>(sql: string, replacements: unknown[]): Promise<T[]> {
    return this.#db.query<T>(sql, { replacements, type: QueryTypes.SELECT });
  }

  /** Games that were closed before there were digests, or whose digests say less than today's: made one after the other. */
  async #catchUp(accountId: string): Promise<void> {
    const missing = await this.#select<{ id: string }>(
      `SELECT s.id FROM sitting s LEFT JOIN sitting_digest d ON d.sitting_id = s.id AND d.made_with = ?
        WHERE s.account_id = ? AND s.rehearsal = 0 AND s.closed_at IS NOT NULL AND d.sitting_id IS NULL`,
      [MADE_WITH, accountId],
    );
    for (const { id } of missing) await this.#sittings.workOutAnew(id);
  }

  /** Which question another is a copy of, by ids of the library. */
  async #originals(accountId: string): Promise<Map<string, string>> {
    const rows = await this.#select<{ id: string; copy_of: string }>(
      'SELECT id, copy_of FROM question WHERE account_id = ? AND copy_of IS NOT NULL',
      [accountId],
    );
    return new Map(rows.map((row) => [row.id, row.copy_of]));
  }

  async #rows(accountId: string, where: string, replacements: unknown[]): Promise<Row[]> {
    await this.#catchUp(accountId);
    return this.#select<Row>(
      `SELECT s.id, s.anonymous_since IS NOT NULL AS anonymous, d.body
        FROM sitting_digest d JOIN sitting s ON s.id = d.sitting_id
        WHERE d.account_id = ? AND s.deleted_at IS NULL AND s.closed_at IS NOT NULL AND d.body IS NOT NULL AND ${where}
        ORDER BY d.closed_at, s.id`,
      [accountId, ...replacements],
    );
  }
  async #read(accountId: string, where: string, replacements: unknown[]): Promise<Dated[]> {
    const rows = await this.#rows(accountId, where, replacements);
    const digests: Dated[] = [];
    for (const { id, anonymous, body } of rows)
      digests.push({ ...(await readDigest(body)), sitting: id, isAnonymous: Boolean(anonymous) });
    return asOriginals(digests, await this.#originals(accountId));
  }

  ofGames(accountId: string, ids: readonly string[]): Promise<Dated[]> {
    if (ids.length === 0) return Promise.resolve([]);
    return this.#read(accountId, `s.id IN (${ids.map(() => '?').join(',')})`, [...ids]);
  }
  /** Those that are named, and all of these shows. */
  ofLeague(accountId: string, ids: readonly string[], shows: readonly string[]): Promise<Dated[]> {
    const places = (list: readonly string[]) => list.map(() => '?').join(',') || 'NULL';
    return this.#read(accountId, `(s.id IN (${places(ids)}) OR s.show_id IN (${places(shows)}))`, [
      ...ids,
      ...shows,
    ]);
  }
  /** Games and practices of a group, the first one first. */
  async ofGroup(accountId: string, group: string): Promise<Dated[]> {
    const games = await this.#read(accountId, 'd.group_name = ?', [group]);
    const practices = asOriginals(
      await this.#practicesOf(accountId, group),
      await this.#originals(accountId),
    );
    return [...games, ...practices].sort((a, b) => a.at - b.at);
  }
  /** Questions that a group missed and should see again by now. */
  async due(accountId: string, group: string): Promise<string[]> {
    return dueBy(groupTerm(await this.ofGroup(accountId, group), [], []), Date.now());
  }
  /** All games and practices, games packed as they lie there: what questions learn from. */
  async packed(accountId: string): Promise<FitFrom> {
    const rows = await this.#rows(accountId, '1', []);
    return {
      games: rows.map(({ id, anonymous, body }) => ({ sitting: id, isAnonymous: Boolean(anonymous), body })),
      practices: await this.#practicesOf(accountId, null),
      originals: await this.#originals(accountId),
    };
  }
  /** How many games and attempts there are, and when the last of them changed (ms): whether anything is new. */
  async extent(accountId: string): Promise<{ games: number; newest: number }> {
    await this.#catchUp(accountId);
    const [row] = await this.#select<{ games: number; newest: number | null }>(
      `SELECT COUNT(*) AS games, MAX(at) AS newest FROM (
        SELECT d.made_at AS at FROM sitting_digest d JOIN sitting s ON s.id = d.sitting_id
          WHERE d.account_id = ? AND s.deleted_at IS NULL
        UNION ALL SELECT r.over_at AS at FROM practice_run r JOIN practice p ON p.id = r.practice_id
          WHERE p.account_id = ? AND p.deleted_at IS NULL AND r.over_at IS NOT NULL) AS changes`,
      [accountId, accountId],
    );
    return { games: Number(row!.games), newest: Number(row!.newest ?? 0) };
  }

  async #practicesOf(accountId: string, group: string | null): Promise<Dated[]> {
    const { practices } = await this.#practices.list(accountId, 500, 0);
    const own = practices.filter(
      ({ settings }) => group === null || (group !== '' && settings.group === group),
    );
    const digests: Dated[] = [];
    for (const practice of own) {
      const digest = await this.#practice(practice);
      if (digest.knowers.length > 0) digests.push(digest);
    }
    return digests;
  }

  async #practice(practice: Practice): Promise<Dated> {
    const [people, runs] = [await this.#runs.people(practice.id), await this.#runs.counted(practice.id)];
    const now = Date.now();
    const takers = people.map(({ id, name }) => {
      const standing = standingOf(
        runs.filter((run) => run.personId === id),
        practice,
        now,
      );
      const summary = standing.state === 'finished' ? (standing.shown?.summary ?? null) : null;
      const kept = summary ? keeps(practice, standing.shown!) : 1;
      return { id, name, lengths: summary?.lengths ?? null, score: summary?.score ?? 0, keeps: kept };
    });
    const over = practice.closedAt ?? practice.settings.due?.at ?? null;
    const last = Math.max(practice.createdAt, ...runs.map(({ overAt, seenAt }) => overAt ?? seenAt));
    const about = {
      title: practice.title,
      group: practice.settings.group,
      show: practice.show,
      at: over !== null && over <= now ? Math.min(over, last) : last,
    };
    return {
      ...practiceDigest(about, takers),
      sitting: practice.id,
      isAnonymous: practice.settings.names === 'none',
    };
  }

  /** The groups of an account with whom anything was played, and when last (ms). */
  async groups(accountId: string): Promise<{ name: string; games: number; lastAt: number }[]> {
    await this.#catchUp(accountId);
    const rows = await this.#select<{ name: string; games: number; last_at: number }>(
      `SELECT d.group_name AS name, COUNT(*) AS games, MAX(d.closed_at) AS last_at
        FROM sitting_digest d JOIN sitting s ON s.id = d.sitting_id
        WHERE d.account_id = ? AND s.deleted_at IS NULL AND d.group_name <> '' AND d.body IS NOT NULL
        GROUP BY d.group_name`,
      [accountId],
    );
    return rows.map((row) => ({ name: row.name, games: Number(row.games), lastAt: Number(row.last_at) }));
  }

  /** Games that are over, the newest first, to choose from. */
  async games(accountId: string): Promise<ListedGame[]> {
    await this.#catchUp(accountId);
    const rows = await this.#select<{
      id: string;
      title: string;
      group_name: string;
      show_id: string | null;
      closed_at: number;
    }>(
      `SELECT s.id, s.title, d.group_name, s.show_id, d.closed_at
        FROM sitting_digest d JOIN sitting s ON s.id = d.sitting_id
        WHERE d.account_id = ? AND s.deleted_at IS NULL AND d.body IS NOT NULL ORDER BY d.closed_at DESC LIMIT 500`,
      [accountId],
    );
    return rows.map((row) => ({
      sitting: row.id,
      title: row.title,
      group: row.group_name,
      showId: row.show_id,
      at: Number(row.closed_at),
    }));
  }

  /** What the host said of names in a group. */
  async said(accountId: string, group: string): Promise<SaidSame[]> {
    const [row] = await this.#select<{ said: unknown }>(
      'SELECT said FROM group_note WHERE account_id = ? AND group_name = ?',
      [accountId, group],
    );
    return row ? (fromJson(row.said) as SaidSame[]) : [];
  }
  async say(accountId: string, group: string, said: readonly SaidSame[]): Promise<void> {
    await this.#db.query('REPLACE INTO group_note (account_id, group_name, said) VALUES (?,?,?)', {
      replacements: [accountId, group, JSON.stringify(said)],
      type: QueryTypes.INSERT,
    });
  }
}
