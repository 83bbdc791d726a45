import type { Question } from '@distaff/core/question';
import type { ImportInfo } from '@distaff/core/wire';
import { nanoid } from 'nanoid';
import { QueryTypes, type Sequelize } from 'sequelize';
import { Problem } from '../problem.ts';
import { accessTo, type Reach } from './access.ts';
import { addQuestions } from './setQuestions.ts';

/** An import that is being stored. */
interface Running {
  accountId: string;
  stored: number;
  of: number;
  stop: AbortController;
  ended: Promise<unknown>;
}

/** What was brought in from files, so that the whole of one can be taken back. */
export class Imports {
  readonly #db: Sequelize;
  readonly #running = new Map<string, Running>();

  constructor(db: Sequelize) {
    this.#db = db;
  }

  /**
   * Brings questions into a set in one transaction: all or none.
   * @param id that of the import, by which it can be watched and broken off meanwhile
   * @throws Problem 409 where there is such an import already, or it was broken off: nothing is stored then.
   */
  async bringIn(
    reach: Reach,
    setId: string,
    source: string,
    questions: readonly Question[],
    id = nanoid(),
  ): Promise<string> {
    if (this.#running.has(id)) throw new Problem(409, 'runs', 'importRuns');
    const own: Running = {
      accountId: reach.accountId,
      stored: 0,
      of: questions.length,
      stop: new AbortController(),
      ended: Promise.resolve(),
    };
    const work = this.#store(reach, setId, source, questions, id, own);
    own.ended = work.catch(() => undefined);
    this.#running.set(id, own);
    try {
      await work;
    } finally {
      this.#running.delete(id);
    }
    return id;
  }

  async #store(
    reach: Reach,
    setId: string,
    source: string,
    questions: readonly Question[],
    id: string,
    own: Running,
  ): Promise<void> {
    const { ownerId } = await accessTo(reach, setId, 'edit');
    await this.#db.transaction(async (transaction) => {
      const [taken] = await this.#db.query('SELECT 1 FROM import WHERE id = ?', {
        replacements: [id],
        type: QueryTypes.SELECT,
        transaction,
      });
      if (taken) throw new Problem(409, 'stored', 'importDone');
      const stored = (count: number) => {
        own.stored = count;
        if (own.stop.signal.aborted) throw new Problem(409, 'brokenOff', 'importBrokenOff');
      };
      await addQuestions(ownerId, setId, questions, { within: transaction, importId: id, stored });
      await this.#db.query(
        'INSERT INTO import (id, account_id, set_id, source, questions, at) VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3))',
        {
          replacements: [id, reach.accountId, setId, source, questions.length],
          type: QueryTypes.INSERT,
          transaction,
        },
      );
    });
  }

  /** How far one's own import is, that is being stored; null where none is. */
  progress(accountId: string, id: string): { stored: number; of: number } | null {
    const own = this.#running.get(id);
    return own?.accountId === accountId ? { stored: own.stored, of: own.of } : null;
  }

  /** Every import of an account, the last first, page by page. */
  async list(
    accountId: string,
    limit: number,
    offset: number,
  ): Promise<{ imports: ImportInfo[]; total: number }> {
    const rows = await this.#db.query<{
      id: string;
      set_id: string;
      title: string;
      source: string;
      questions: number;
      at: Date;
      taken_back_at: Date | null;
    }>(
      `SELECT i.id, i.set_id, s.title, i.source, i.questions, i.at, i.taken_back_at
        FROM import i JOIN question_set s ON s.id = i.set_id
        WHERE i.account_id = ? ORDER BY i.at DESC, i.id LIMIT ? OFFSET ?`,
      { replacements: [accountId, limit, offset], type: QueryTypes.SELECT },
    );
    const [count] = await this.#db.query<{ total: number }>(
      'SELECT COUNT(*) AS total FROM import WHERE account_id = ?',
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    const imports = rows.map((row) => ({
      id: row.id,
      setId: row.set_id,
      setTitle: row.title,
      source: row.source,
      questions: row.questions,
      at: new Date(row.at).toISOString(),
      takenBack: row.taken_back_at !== null,
    }));
    return { imports, total: Number(count!.total) };
  }

  /**
   * Breaks one's own import off while it is being stored; puts all its questions away afterwards, of
   * which each can still be restored. @returns how many there were.
   */
  async takeBack(reach: Reach, id: string): Promise<number> {
    const some = this.#running.get(id);
    const running = some?.accountId === reach.accountId ? some : null;
    running?.stop.abort();
    await running?.ended;
    const [found] = await this.#db.query<{ set_id: string }>(
      'SELECT set_id FROM import WHERE id = ? AND account_id = ?',
      { replacements: [id, reach.accountId], type: QueryTypes.SELECT },
    );
    if (!found && running) return 0;
    if (!found) throw new Problem(404, 'notThere', 'noImport');
    await accessTo(reach, found.set_id, 'edit');
    return this.#db.transaction(async (transaction) => {
      await this.#db.query('UPDATE import SET taken_back_at = UTC_TIMESTAMP(3) WHERE id = ?', {
        replacements: [id],
        type: QueryTypes.UPDATE,
        transaction,
      });
      const [, count] = await this.#db.query(
        'UPDATE question SET deleted_at = UTC_TIMESTAMP(3) WHERE import_id = ? AND deleted_at IS NULL',
        { replacements: [id], type: QueryTypes.UPDATE, transaction },
      );
      return count;
    });
  }
}
