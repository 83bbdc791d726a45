import type { RunKind } from '@distaff/core/wire';
import type { Attempt, RunSummary } from '@distaff/core/practice';
import { LOG_VERSION, readLog, type LoggedEvent } from '@distaff/core/sitting';
import { foldText } from '@distaff/core/text';
import { nanoid } from 'nanoid';
import { QueryTypes, UniqueConstraintError, type Sequelize, type Transaction } from 'sequelize';
import { Problem } from '../problem.ts';
import { fromJson } from './json.ts';

/** More people than this take no practice. */
const MOST_PEOPLE = 3000;

export interface Person {
  id: string;
  name: string;
  /** Which one they are, from 0: their weave follows from it. */
  number: number;
}
export interface Run extends Attempt {
  id: string;
  personId: string;
  kind: RunKind;
  /** Only these questions; null for all. */
  questions: string[] | null;
}

interface RunRow {
  id: string;
  person_id: string;
  kind: RunKind;
  attempt: number;
  questions: unknown;
  begun_at: number | string;
  seen_at: number | string;
  over_at: number | string | null;
  summary: unknown;
}
const runOf = (row: RunRow): Run => ({
  id: row.id,
  personId: row.person_id,
  kind: row.kind,
  attempt: row.attempt,
  questions: fromJson(row.questions) as string[] | null,
  begunAt: Number(row.begun_at),
  seenAt: Number(row.seen_at),
  overAt: row.over_at === null ? null : Number(row.over_at),
  summary: fromJson(row.summary) as RunSummary,
});

/** Who takes a practice, on which phones, and how far they are. */
export class PracticeRuns {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  async #select<T extends object>(sql: string, replacements: unknown[]): Promise<T[]> {
    return this.#db.query<T>(sql, { replacements, type: QueryTypes.SELECT });
  }

  /** Whose phone it is that has this token (hashed), or null. */
  async personOf(practice: string, token: string): Promise<Person | null> {
    const [row] = await this.#select<Person>(
      `SELECT p.id, p.name, p.number FROM practice_phone t JOIN practice_person p ON p.id = t.person_id
        WHERE t.practice_id = ? AND t.token = ?`,
      [practice, token],
    );
    return row ?? null;
  }

  /** Ties a phone to the person of this name, who is there from now on. An empty name is nobody's but this phone's. */
  async enter(practice: string, token: string, name: string): Promise<Person> {
    const folded = name === '' ? token.slice(0, 60) : foldText(name).slice(0, 60);
    let person = await this.#byName(practice, folded);
    if (!person) {
      const [count] = await this.#select<{ n: number; last: number | null }>(
        'SELECT COUNT(*) AS n, MAX(number) AS last FROM practice_person WHERE practice_id = ?',
        [practice],
      );
      if (Number(count!.n) >= MOST_PEOPLE)
        throw new Problem(409, 'notNow', 'practiceFull', {}, { n: MOST_PEOPLE });
      try {
        await this.#db.query(
          'INSERT INTO practice_person (id, practice_id, name, folded, number) VALUES (?,?,?,?,?)',
          {
            replacements: [nanoid(), practice, name, folded, Number(count!.last ?? -1) + 1],
            type: QueryTypes.INSERT,
          },
        );
      } catch (error) {
        // Two phones of the same person came at once.
        if (!(error instanceof UniqueConstraintError)) throw error;
      }
      person = (await this.#byName(practice, folded))!;
    }
    await this.#db.query(
      `INSERT INTO practice_phone (practice_id, token, person_id) VALUES (?,?,?)
        ON DUPLICATE KEY UPDATE person_id = VALUES(person_id)`,
      { replacements: [practice, token, person.id], type: QueryTypes.INSERT },
    );
    return person;
  }

  async #byName(practice: string, folded: string): Promise<Person | null> {
    const [row] = await this.#select<Person>(
      'SELECT id, name, number FROM practice_person WHERE practice_id = ? AND folded = ?',
      [practice, folded],
    );
    return row ?? null;
  }

  /** A phone is nobody's any more. */
  async leave(practice: string, token: string): Promise<void> {
    await this.#db.query('DELETE FROM practice_phone WHERE practice_id = ? AND token = ?', {
      replacements: [practice, token],
      type: QueryTypes.DELETE,
    });
  }

  /** Everybody who has come, with the number of their phones. */
  people(practice: string): Promise<(Person & { phones: number })[]> {
    return this.#select(
      `SELECT p.id, p.name, p.number, COUNT(t.token) AS phones FROM practice_person p
        LEFT JOIN practice_phone t ON t.person_id = p.id AND t.practice_id = p.practice_id
        WHERE p.practice_id = ? GROUP BY p.id, p.name, p.number ORDER BY p.number`,
      [practice],
    );
  }

  /** Takes somebody out, with all that they did. */
  async removePerson(practice: string, person: string): Promise<void> {
    await this.#db.query('DELETE FROM practice_person WHERE practice_id = ? AND id = ?', {
      replacements: [practice, person],
      type: QueryTypes.DELETE,
    });
  }

  /** All runs of a practice that count, the first one first. */
  async counted(practice: string): Promise<Run[]> {
    const rows = await this.#select<RunRow>(
      "SELECT * FROM practice_run WHERE practice_id = ? AND kind = 'counted' ORDER BY begun_at, id",
      [practice],
    );
    return rows.map(runOf);
  }

  /** All runs of one person, the first one first. */
  async ofPerson(person: string): Promise<Run[]> {
    const rows = await this.#select<RunRow>(
      'SELECT * FROM practice_run WHERE person_id = ? ORDER BY begun_at, id',
      [person],
    );
    return rows.map(runOf);
  }

  async byId(practice: string, id: string): Promise<Run | null> {
    const [row] = await this.#select<RunRow>('SELECT * FROM practice_run WHERE practice_id = ? AND id = ?', [
      practice,
      id,
    ]);
    return row ? runOf(row) : null;
  }

  /** A run begins. @returns false where another one of the same number began at the same moment. */
  async begin(practice: string, run: Run, events: readonly LoggedEvent[]): Promise<boolean> {
    const { id, personId, kind, attempt, questions, begunAt, seenAt, summary } = run;
    try {
      await this.#db.transaction(async (transaction) => {
        await this.#db.query(
          `INSERT INTO practice_run
            (id, practice_id, person_id, kind, attempt, questions, begun_at, seen_at, summary)
            VALUES (?,?,?,?,?,?,?,?,?)`,
          {
            replacements: [
              id,
              practice,
              personId,
              kind,
              attempt,
              questions && JSON.stringify(questions),
              begunAt,
              seenAt,
              JSON.stringify(summary),
            ],
            type: QueryTypes.INSERT,
            transaction,
          },
        );
        await this.#log(id, events, transaction);
      });
      return true;
    } catch (error) {
      if (error instanceof UniqueConstraintError) return false;
      throw error;
    }
  }

  async load(id: string): Promise<LoggedEvent[]> {
    const rows = await this.#select<{ version: number; events: string }>(
      'SELECT version, events FROM practice_log WHERE run_id = ? ORDER BY seq',
      [id],
    );
    return readLog(rows.map(({ version, events }) => ({ version, events: JSON.parse(events) as unknown[] })));
  }

  /** Stores what happened in a run and how it stands by it, both or neither. @returns false where another phone was first. */
  async append(
    run: Pick<Run, 'id' | 'seenAt' | 'overAt' | 'summary'>,
    events: readonly LoggedEvent[],
  ): Promise<boolean> {
    try {
      await this.#db.transaction(async (transaction) => {
        await this.#log(run.id, events, transaction);
        await this.#db.query('UPDATE practice_run SET seen_at = ?, over_at = ?, summary = ? WHERE id = ?', {
          replacements: [run.seenAt, run.overAt, JSON.stringify(run.summary), run.id],
          type: QueryTypes.UPDATE,
          transaction,
        });
      });
      return true;
    } catch (error) {
      if (error instanceof UniqueConstraintError) return false;
      throw error;
    }
  }

  async #log(id: string, events: readonly LoggedEvent[], transaction: Transaction): Promise<void> {
    await this.#db.query('INSERT INTO practice_log (run_id, seq, version, events) VALUES (?,?,?,?)', {
      replacements: [id, events[0]!.seq, LOG_VERSION, JSON.stringify(events)],
      type: QueryTypes.INSERT,
      transaction,
    });
  }
}
