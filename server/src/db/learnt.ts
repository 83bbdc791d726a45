import { learntLevel, usualOf, withLearnt, type Learnt, type Usual } from '@distaff/core/learn';
import type { Show } from '@distaff/core/show';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { FitFrom } from '../learn/fit.ts';
import type { Digests } from './digests.ts';
import { fromJson } from './json.ts';

/** Longer ids than the table takes are of questions that never were in a library. */
const LONGEST_ID = 40;
const AT_ONCE = 500;

type Fit = (from: FitFrom, tell: (share: number) => void) => Promise<Learnt[]>;

/** What games taught of the questions of each account: fitted anew when somebody asks and there was anything new. */
export class LearntQuestions {
  readonly #db: Sequelize;
  readonly #digests: Digests;
  readonly #fit: Fit;
  /** Fits that are on their way, by account: how far, and the way to their end. */
  readonly #running = new Map<string, { share: number; end: Promise<void> }>();

  constructor(db: Sequelize, digests: Digests, fit: Fit) {
    this.#db = db;
    this.#digests = digests;
    this.#fit = fit;
  }

  /** The share of a fit that is done, or null where none is on. */
  progress(accountId: string): number | null {
    return this.#running.get(accountId)?.share ?? null;
  }

  /** Begins a fit where there is anything new. @returns when it is done. */
  async refresh(accountId: string): Promise<void> {
    const running = this.#running.get(accountId);
    if (running) return running.end;
    const now = await this.#digests.extent(accountId);
    const [before] = await this.#db.query<{ games: number; newest: number }>(
      'SELECT games, newest FROM learnt_from WHERE account_id = ?',
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    if (before && Number(before.games) === now.games && Number(before.newest) === now.newest) return;
    // Another one may have begun while the database was asked.
    const other = this.#running.get(accountId);
    if (other) return other.end;
    const fitting = { share: 0, end: Promise.resolve() };
    this.#running.set(accountId, fitting);
    fitting.end = (async () => {
      try {
        const from = await this.#digests.packed(accountId);
        const learnt = await this.#fit(from, (share) => (fitting.share = share));
        await this.#keep(accountId, learnt, now);
      } finally {
        this.#running.delete(accountId);
      }
    })();
    return fitting.end;
  }

  async #keep(
    accountId: string,
    learnt: readonly Learnt[],
    from: { games: number; newest: number },
  ): Promise<void> {
    const rows = learnt
      .filter(({ id }) => id.length <= LONGEST_ID)
      .map((one) => [accountId, one.id, one.answers, one.difficulty, learntLevel(one), JSON.stringify(one)]);
    await this.#db.transaction(async (transaction) => {
      await this.#db.query('DELETE FROM question_learnt WHERE account_id = ?', {
        replacements: [accountId],
        transaction,
      });
      for (let i = 0; i < rows.length; i += AT_ONCE) {
        const part = rows.slice(i, i + AT_ONCE);
        await this.#db.query(
          `INSERT INTO question_learnt (account_id, question_id, answers, difficulty, level, doc)
            VALUES ${part.map(() => '(?,?,?,?,?,?)').join(',')}`,
          { replacements: part.flat(), type: QueryTypes.INSERT, transaction },
        );
      }
      await this.#db.query('REPLACE INTO learnt_from (account_id, games, newest) VALUES (?,?,?)', {
        replacements: [accountId, from.games, from.newest],
        type: QueryTypes.INSERT,
        transaction,
      });
    });
  }

  /** What building a show needs to know of these questions of the library; copies know what their originals do. */
  async usual(accountId: string, ids: readonly string[]): Promise<Record<string, Usual>> {
    if (ids.length === 0) return {};
    const rows = await this.#db.query<{ id: string; doc: unknown }>(
      `SELECT q.id, l.doc FROM question q
        JOIN question_learnt l ON l.account_id = ? AND l.question_id = COALESCE(q.copy_of, q.id)
        WHERE q.id IN (${ids.map(() => '?').join(',')})`,
      { replacements: [accountId, ...ids], type: QueryTypes.SELECT },
    );
    return Object.fromEntries(rows.map((row) => [row.id, usualOf(fromJson(row.doc) as Learnt)]));
  }
  /** A show with what is known of its questions. */
  async inShow(accountId: string, show: Show): Promise<Show> {
    const ids = Object.values(show.questions).flatMap(({ origin }) => origin?.id ?? []);
    return withLearnt(show, await this.usual(accountId, ids));
  }

  /** What is known of the questions of a set, by their ids there; copies know what their originals do. */
  async ofSet(accountId: string, setId: string): Promise<Record<string, Learnt>> {
    const rows = await this.#db.query<{ id: string; doc: unknown }>(
      `SELECT q.id, l.doc FROM question q
        JOIN question_learnt l ON l.account_id = ? AND l.question_id = COALESCE(q.copy_of, q.id)
        WHERE q.set_id = ? AND q.deleted_at IS NULL`,
      { replacements: [accountId, setId], type: QueryTypes.SELECT },
    );
    return Object.fromEntries(rows.map((row) => [row.id, fromJson(row.doc) as Learnt]));
  }
}
