import type { QuestionLine } from '@distaff/core/wire';
import { foldText } from '@distaff/core/text';
import { nearestWord, wordsOf, type QuestionSort } from '@distaff/core/library';
import type { KindName } from '@distaff/core/question';
import { QueryTypes, type Sequelize } from 'sequelize';
import {
  filterClause,
  indexed,
  likeOf,
  wordClause,
  type Clause,
  type QuestionFilter,
} from './questionFilter.ts';

export interface FoundQuestions {
  questions: QuestionLine[];
  /** How many there are; where there are `more`, only as many as were counted. */
  total: number;
  more: boolean;
  /** What was searched for instead, where the words as typed led to nothing. */
  instead: string | null;
}

/** Matches of a word that are counted at most: to read every one of a common word takes longer than typing on. */
const COUNTED = 3000;
/** Lines up to which a page of a common word is read along the order of the list rather than gathered and sorted. */
const NEAR = 500;

/** Finds questions; knows one account's library at a time. */
export class QuestionSearch {
  readonly #db: Sequelize;

  constructor(db: Sequelize) {
    this.#db = db;
  }

  /**
   * The questions that hold a word beginning with each of the words, in any order and whatever
   * their accents, and that pass the filter. Where there is none a likely spelling is tried.
   * `today` is YYYY-MM-DD.
   */
  async find(
    accountId: string,
    filter: QuestionFilter,
    { sort, limit, offset, today }: { sort: QuestionSort; limit: number; offset: number; today: string },
  ): Promise<FoundQuestions> {
    const words = wordsOf(foldText(filter.words ?? ''));
    const page = { sort, limit, offset };
    const found = await this.#page(accountId, filter, words, page, today);
    if (found.total > 0 || words.length === 0) return { ...found, instead: null };
    const likely = await this.#likely(accountId, words);
    if (!likely) return { ...found, instead: null };
    const instead = await this.#page(accountId, filter, likely, page, today);
    return instead.total > 0 ? { ...instead, instead: likely.join(' ') } : { ...found, instead: null };
  }

  async #page(
    accountId: string,
    filter: QuestionFilter,
    words: readonly string[],
    { sort, limit, offset }: { sort: QuestionSort; limit: number; offset: number },
    today: string,
  ): Promise<Omit<FoundQuestions, 'instead'>> {
    const hidden = await this.#hidden(accountId, filter);
    if (hidden === null) return { questions: [], total: 0, more: false };
    const byFilter = filterClause(accountId, filter, hidden, today);
    const byPlace = sort === 'place' && filter.set !== undefined;
    const order = byPlace ? 'position, id' : sort === 'prompt' ? 'prompt, id' : 'updated_at DESC, id DESC';
    const tail = `ORDER BY ${order} LIMIT ${Number(limit)} OFFSET ${Number(offset)}`;
    const ask = (byWord: Clause, sql: (where: string) => string) =>
      this.#db.query<{ id: string; total: number }>(
        sql(`FROM question q WHERE ${[...byFilter.sql, ...byWord.sql].join(' AND ')}`),
        { replacements: [...byFilter.values, ...byWord.values], type: QueryTypes.SELECT },
      );
    const inOrder = (byWord: Clause) => ask(byWord, (where) => `SELECT q.id ${where} ${tail}`);
    const linesOf = (rows: readonly { id: string }[]) =>
      this.lines(
        rows.map(({ id }) => id),
        today,
      );
    const byWord = wordClause(words);
    if (words.length === 0) {
      const [rows, [counted]] = await Promise.all([
        inOrder(byWord),
        ask(byWord, (where) => `SELECT COUNT(*) AS total ${where}`),
      ]);
      return { questions: await linesOf(rows), total: Number(counted?.total ?? 0), more: false };
    }
    // Counted and put in order in one go, since to read a match costs more than to find it.
    const rows = await ask(
      byWord,
      (where) =>
        `SELECT m.id, COUNT(*) OVER () AS total
          FROM (SELECT q.id, q.position, q.prompt, q.updated_at ${where} LIMIT ${COUNTED + 1}) m ${tail}`,
    );
    const total = Number(rows[0]?.total ?? 0);
    if (total <= COUNTED) return { questions: await linesOf(rows), total, more: false };
    const along = offset < NEAR && (byPlace || !filter.set);
    const found = await inOrder(along ? wordClause(words, true) : byWord);
    return { questions: await linesOf(found), total: COUNTED, more: true };
  }

  /** Sets whose questions are not looked at; null where the one asked for is not there. */
  async #hidden(accountId: string, filter: QuestionFilter): Promise<string[] | null> {
    const select = {
      replacements: [accountId, ...(filter.set ? [filter.set] : [])],
      type: QueryTypes.SELECT as const,
    };
    if (filter.set) {
      const [own] = await this.#db.query<{ id: string }>(
        'SELECT id FROM question_set WHERE account_id = ? AND id = ? AND deleted_at IS NULL',
        select,
      );
      return own ? [] : null;
    }
    const rows = await this.#db.query<{ id: string }>(
      `SELECT id FROM question_set WHERE account_id = ? AND (deleted_at IS NOT NULL OR archived_at IS NOT NULL)`,
      select,
    );
    return rows.map(({ id }) => id);
  }

  /** Lines for a list, in the order of `ids`. */
  async lines(ids: readonly string[], today: string): Promise<QuestionLine[]> {
    if (ids.length === 0) return [];
    const places = ids.map(() => '?').join(',');
    // Straight: begun at the few sets, the join would read all their questions to find these.
    const select = { replacements: [...ids] as unknown[], type: QueryTypes.SELECT as const };
    const [rows, tags] = await Promise.all([
      this.#db.query<{
        id: string;
        set_id: string;
        title: string;
        kind: KindName;
        prompt: string;
        unfinished: number;
        remarks: number;
        check_again_by: string | null;
        updated_at: Date;
        picture: string | null;
      }>(
        `SELECT q.id, q.set_id, s.title, q.kind, q.prompt, q.unfinished, q.remarks, CAST(q.check_again_by AS CHAR) AS check_again_by, q.updated_at,
            JSON_VALUE(q.doc, '$.picture.file') AS picture
          FROM question q STRAIGHT_JOIN question_set s ON s.id = q.set_id WHERE q.id IN (${places})`,
        select,
      ),
      this.#db.query<{ question_id: string; tag: string }>(
        `SELECT question_id, tag FROM question_tag WHERE question_id IN (${places}) ORDER BY tag`,
        select,
      ),
    ]);
    const byId = new Map(rows.map((row) => [row.id, row]));
    return ids.flatMap((id) => {
      const row = byId.get(id);
      if (!row) return [];
      return {
        id,
        setId: row.set_id,
        setTitle: row.title,
        kind: row.kind,
        prompt: row.prompt,
        unfinished: Boolean(row.unfinished),
        remarks: row.remarks,
        stale: row.check_again_by !== null && row.check_again_by <= today,
        picture: row.picture,
        tags: tags.filter((one) => one.question_id === id).map((one) => one.tag),
        updatedAt: new Date(row.updated_at).toISOString(),
      };
    });
  }

  /** The words with those that nothing begins with replaced by the nearest known one; null if none is near. */
  async #likely(accountId: string, words: readonly string[]): Promise<string[] | null> {
    const better: string[] = [];
    for (const word of words) {
      const [begins] = await this.#db.query<{ word: string }>(
        'SELECT word FROM search_word WHERE account_id = ? AND word LIKE ? LIMIT 1',
        { replacements: [accountId, `${likeOf(word)}%`], type: QueryTypes.SELECT },
      );
      if (begins) better.push(word);
      else {
        // Slips are rare in the first letter, and with it the index finds the others at once.
        const near = await this.#db.query<{ word: string }>(
          'SELECT word FROM search_word WHERE account_id = ? AND word LIKE ? AND CHAR_LENGTH(word) BETWEEN ? AND ?',
          {
            replacements: [accountId, `${likeOf([...word][0]!)}%`, word.length - 2, word.length + 2],
            type: QueryTypes.SELECT,
          },
        );
        better.push(
          nearestWord(
            word,
            near.map((one) => one.word),
          ) ?? word,
        );
      }
    }
    return better.some((word, i) => word !== words[i]) ? better : null;
  }

  /** Questions that share rare words with a prompt: those worth comparing with it. */
  async candidates(
    accountId: string,
    prompt: string,
    limit: number,
  ): Promise<{ id: string; prompt: string }[]> {
    const words = wordsOf(foldText(prompt)).filter(indexed);
    const longest = words.sort((a, b) => b.length - a.length).slice(0, 6);
    if (longest.length === 0) return [];
    return this.#db.query<{ id: string; prompt: string }>(
      `SELECT q.id, q.prompt, MATCH (q.search_text) AGAINST (? IN BOOLEAN MODE) AS score
        FROM question q JOIN question_set s ON s.id = q.set_id
        WHERE q.account_id = ? AND q.deleted_at IS NULL AND s.deleted_at IS NULL
          AND MATCH (q.search_text) AGAINST (? IN BOOLEAN MODE)
        ORDER BY score DESC LIMIT ${Number(limit)}`,
      {
        replacements: [
          longest.map((word) => `${word}*`).join(' '),
          accountId,
          longest.map((word) => `${word}*`).join(' '),
        ],
        type: QueryTypes.SELECT,
      },
    );
  }

  /** The tags of one set, or of all sets of an account, with how many questions have them, the most used first. */
  tags(of: { set: string } | { account: string }): Promise<{ tag: string; count: number }[]> {
    const [where, value] = 'set' in of ? ['q.set_id = ?', of.set] : ['t.account_id = ?', of.account];
    return this.#db.query(
      `SELECT t.tag, COUNT(*) AS count FROM question_tag t JOIN question q ON q.id = t.question_id
        WHERE ${where} AND q.deleted_at IS NULL GROUP BY t.tag ORDER BY count DESC, t.tag LIMIT 500`,
      { replacements: [value], type: QueryTypes.SELECT },
    );
  }
}
