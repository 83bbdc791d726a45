import { fillRound, hasList, originsBeside, ruleOf, type Tempo, type Show } from '@distaff/core/show';
import { Question } from '@distaff/core/question';
import { select, type Measured, type Selection } from '@distaff/core/library';
import type { TakenQuestions } from '@distaff/core/wire';
import type { Random } from '@distaff/core/random';
import { nanoid } from 'nanoid';
import { QueryTypes, type Sequelize } from 'sequelize';
import * as v from 'valibot';
import type { Reach } from './access.ts';
import { QuestionRow } from './models.ts';

/** Sittings over which a pace is measured: the last ones. */
const PACED = 8;

const places = (list: readonly unknown[]) => list.map(() => '?').join(',');

/** Questions chosen from the library by a rule, and what earlier sittings tell of them. */
export class Selections {
  readonly #db: Sequelize;
  readonly #random: Random;

  readonly #due: (accountId: string, group: string) => Promise<readonly string[]>;

  /** @param due questions of an account that a group missed and should see again by now. */
  constructor(
    db: Sequelize,
    random: Random,
    due: (accountId: string, group: string) => Promise<readonly string[]>,
  ) {
    this.#db = db;
    this.#random = random;
    this.#due = due;
  }

  /** Takes questions by a rule, from what somebody comes at; not those whose ids are `taken`. */
  async take(
    reach: Reach,
    rule: Selection,
    group: string,
    taken: ReadonlySet<string>,
  ): Promise<TakenQuestions> {
    const sql = ['q.deleted_at IS NULL', 's.deleted_at IS NULL', 's.archived_at IS NULL'];
    const values: unknown[] = [];
    const add = (condition: string, ...given: unknown[]) => {
      sql.push(condition);
      values.push(...given);
    };
    // Sets of others are used where the rule names them: their own library is what "anywhere" means.
    if (rule.sets.length > 0) {
      add(`q.set_id IN (${places(rule.sets)})`, ...rule.sets);
      const shared = reach.read.length > 0 ? ` OR q.set_id IN (${places(reach.read)})` : '';
      add(`(q.account_id = ?${shared})`, reach.accountId, ...reach.read);
    } else add('q.account_id = ?', reach.accountId);
    if (rule.kinds.length > 0) add(`q.kind IN (${places(rule.kinds)})`, ...rule.kinds);
    // What games taught tells more than what its author judged.
    if (rule.difficulty) add('COALESCE(l.level, q.difficulty) = ?', rule.difficulty);
    if (rule.tags.length > 0)
      add(
        `EXISTS (SELECT 1 FROM question_tag t WHERE t.question_id = q.id AND t.tag IN (${places(rule.tags)}))`,
        ...rule.tags,
      );
    const rows = await this.#db.query<{
      id: string;
      unfinished: number;
      played: number;
      by_group: number;
      copy_of: string | null;
    }>(
      `SELECT q.id, q.unfinished, q.copy_of, COUNT(p.sitting_id) AS played,
          COALESCE(SUM(p.group_name = ?), 0) AS by_group
        FROM question q JOIN question_set s ON s.id = q.set_id
        LEFT JOIN question_played p ON p.question_id = q.id AND p.account_id = ?
        LEFT JOIN question_learnt l ON l.question_id = COALESCE(q.copy_of, q.id) AND l.account_id = ?
        WHERE ${sql.join(' AND ')}
        GROUP BY q.id, q.unfinished, q.copy_of, s.title, q.position ORDER BY s.title, q.position, q.id`,
      { replacements: [group, reach.accountId, reach.accountId, ...values], type: QueryTypes.SELECT },
    );
    const due = new Set(rule.repeat === 'due' && group !== '' ? await this.#due(reach.accountId, group) : []);
    const candidates = rows.map((row) => ({
      id: row.id,
      unfinished: Boolean(row.unfinished),
      played: Number(row.played) > 0,
      playedByGroup: Number(row.by_group) > 0,
      // A question and its copies are one, and come once.
      due: due.delete(row.copy_of ?? row.id),
    }));
    const { ids, ...told } = select(rule, candidates, taken, this.#random);
    const found = await QuestionRow.findAll({ where: { id: ids } });
    const byId = new Map(found.map((row) => [row.id, row]));
    const questions = ids.flatMap((id) => {
      const row = byId.get(id);
      return row ? { ...v.parse(Question, row.doc), origin: { id, version: row.version } } : [];
    });
    return { ...told, questions };
  }

  /** Takes anew what the rounds of a show want taken anew each time the doors open. */
  async takeAnew(reach: Reach, show: Show): Promise<Show> {
    const fresh = structuredClone(show);
    for (const round of fresh.rounds) {
      if (round.off || !hasList(round)) continue;
      const rule = ruleOf(round);
      if (!rule?.anew) continue;
      const { questions } = await this.take(reach, rule, show.group ?? '', originsBeside(fresh, round.id));
      fillRound(fresh, round, questions, () => nanoid(10));
    }
    return fresh;
  }

  /** How questions of the library did over the sittings of an account. */
  async measured(accountId: string, ids: readonly string[]): Promise<Record<string, Measured>> {
    if (ids.length === 0) return {};
    const rows = await this.#db.query<{ question_id: string; answers: number; share: number }>(
      `SELECT question_id, SUM(answers) AS answers, SUM(share * answers) / SUM(answers) AS share
        FROM question_played WHERE account_id = ? AND share IS NOT NULL AND question_id IN (${places(ids)})
        GROUP BY question_id`,
      { replacements: [accountId, ...ids], type: QueryTypes.SELECT },
    );
    return Object.fromEntries(
      rows.map((row) => [row.question_id, { answers: Number(row.answers), share: Number(row.share) }]),
    );
  }

  /** How fast the last sittings of an account went, by their median. */
  async pace(accountId: string): Promise<Tempo> {
    const rows = await this.#db.query<{ pace: number }>(
      `SELECT pace FROM sitting WHERE account_id = ? AND rehearsal = 0 AND pace IS NOT NULL
        ORDER BY closed_at DESC LIMIT ${PACED}`,
      { replacements: [accountId], type: QueryTypes.SELECT },
    );
    const paces = rows.map((row) => Number(row.pace)).sort((a, b) => a - b);
    if (paces.length === 0) return { factor: 1, sittings: 0 };
    const [low, high] = [paces[Math.floor((paces.length - 1) / 2)]!, paces[Math.floor(paces.length / 2)]!];
    return { factor: (low + high) / 2, sittings: paces.length };
  }
}
