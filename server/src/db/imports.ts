import type { Question } from '@distaff/core';
import { nanoid } from 'nanoid';
import { QueryTypes, type Sequelize } from 'sequelize';
import { Problem } from '../problem.ts';
import { accessTo, type Reach } from './access.ts';
import { addQuestions } from './setQuestions.ts';

export interface Import {
  id: string;
  setId: string;
  setTitle: string;
  source: string;
  questions: number;
  at: string;
  takenBack: boolean;
}

/** Imports that are still listed. */
const LISTED = 20;

/** What was brought in from files, so that the whole of one can be taken back. */
export class Imports {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  /** Brings questions into a set in one transaction: all or none. @returns the id of the import. */
  async bringIn(
    reach: Reach,
    setId: string,
    source: string,
    questions: readonly Question[],
  ): Promise<string> {
    const { ownerId } = await accessTo(reach, setId, 'edit');
    return this.#db.transaction(async (transaction) => {
      const id = nanoid();
      await addQuestions(ownerId, setId, questions, transaction, id);
      await this.#db.query(
        'INSERT INTO import (id, account_id, set_id, source, questions, at) VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3))',
        {
          replacements: [id, reach.accountId, setId, source, questions.length],
          type: QueryTypes.INSERT,
          transaction,
        },
      );
      return id;
    });
  }

  async list(accountId: string): Promise<Import[]> {
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
        WHERE i.account_id = ? ORDER BY i.at DESC LIMIT ${LISTED}`,
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    return rows.map((row) => ({
      id: row.id,
      setId: row.set_id,
      setTitle: row.title,
      source: row.source,
      questions: row.questions,
      at: new Date(row.at).toISOString(),
      takenBack: row.taken_back_at !== null,
    }));
  }

  /** Puts all questions of one's own import away; each can still be restored. @returns how many there were. */
  async takeBack(reach: Reach, id: string): Promise<number> {
    const [found] = await this.#db.query<{ set_id: string }>(
      'SELECT set_id FROM import WHERE id = ? AND account_id = ?',
      { replacements: [id, reach.accountId], type: QueryTypes.SELECT },
    );
    if (!found) throw new Problem(404, 'notThere', 'There is no such import.');
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
