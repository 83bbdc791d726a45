import {
  foldText,
  nearestWord,
  wordsOf,
  type KindName,
  type QuestionSort,
  type QuestionState,
} from '@distaff/core';
import { QueryTypes, type Sequelize } from 'sequelize';

export interface QuestionFilter {
  words?: string;
  set?: string;
  kind?: KindName[];
  tag?: string;
  language?: string;
  difficulty?: string;
  state?: QuestionState;
  deleted?: boolean;
}
export interface QuestionLine {
  id: string;
  setId: string;
  setTitle: string;
  kind: KindName;
  prompt: string;
  unfinished: boolean;
  /** How many remarks a review has on it. */
  remarks: number;
  stale: boolean;
  /** The file of its picture, if it has one. */
  picture: string | null;
  tags: string[];
  updatedAt: string;
}
export interface FoundQuestions {
  questions: QuestionLine[];
  total: number;
  /** What was searched for instead, where the words as typed led to nothing. */
  instead: string | null;
}

/** Shortest word that InnoDB's full-text index holds, and words that it leaves out, by default. */
const SHORTEST = 3;
const STOPWORDS = new Set(
  'a about an are as at be by com de en for from how i in is it la of on or that the this to was what when where who will with und www'.split(
    ' ',
  ),
);
/** A word that the index can find by its beginning; scripts without blanks between words need LIKE. */
const indexed = (word: string) =>
  word.length >= SHORTEST &&
  !STOPWORDS.has(word) &&
  /^[\p{L}\p{M}\p{N}]+$/u.test(word) &&
  !/[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}]/u.test(word);
const likeOf = (word: string) => word.replace(/[\\%_]/g, '\\$&');

interface Clause {
  sql: string[];
  values: unknown[];
}

/** The condition for each folded word: that some word of the question begins with it. */
function wordClause(words: readonly string[]): Clause {
  const clause: Clause = { sql: [], values: [] };
  const full = words.filter(indexed);
  if (full.length > 0) {
    clause.sql.push('MATCH (q.search_text) AGAINST (? IN BOOLEAN MODE)');
    clause.values.push(full.map((word) => `+${word}*`).join(' '));
  }
  for (const word of words.filter((one) => !indexed(one))) {
    const anywhere = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}]/u.test(word);
    clause.sql.push('q.search_text LIKE ?');
    clause.values.push(anywhere ? `%${likeOf(word)}%` : `% ${likeOf(word)}%`);
  }
  return clause;
}

/** `hidden` are the sets that are deleted or archived. */
function filterClause(
  accountId: string,
  filter: QuestionFilter,
  hidden: readonly string[],
  today: string,
): Clause {
  // Whose a set is has been asked before; its own index then needs no look at each row.
  const sql = filter.set ? [] : ['q.account_id = ?'];
  const values: unknown[] = filter.set ? [] : [accountId];
  const add = (condition: string, ...given: unknown[]) => {
    sql.push(condition);
    values.push(...given);
  };
  add(filter.deleted ? 'q.deleted_at IS NOT NULL' : 'q.deleted_at IS NULL');
  if (filter.set) add('q.set_id = ?', filter.set);
  if (hidden.length > 0) add(`q.set_id NOT IN (${hidden.map(() => '?').join(',')})`, ...hidden);
  if (filter.kind?.length) add(`q.kind IN (${filter.kind.map(() => '?').join(',')})`, ...filter.kind);
  if (filter.language)
    add('(q.language = ? OR q.language LIKE ?)', filter.language, `${likeOf(filter.language)}-%`);
  if (filter.difficulty) add('q.difficulty = ?', filter.difficulty);
  if (filter.tag)
    add('EXISTS (SELECT 1 FROM question_tag t WHERE t.question_id = q.id AND t.tag = ?)', filter.tag);
  if (filter.state === 'unfinished') add('q.unfinished = 1');
  if (filter.state === 'remarks') add('q.remarks > 0');
  if (filter.state === 'stale') add('q.check_again_by <= ?', today);
  if (filter.state === 'unused') add('NOT EXISTS (SELECT 1 FROM question_use u WHERE u.question_id = q.id)');
  return { sql, values };
}

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
  ): Promise<{ questions: QuestionLine[]; total: number }> {
    const hidden = await this.#hidden(accountId, filter);
    if (hidden === null) return { questions: [], total: 0 };
    const byFilter = filterClause(accountId, filter, hidden, today);
    const byWord = wordClause(words);
    const where = `WHERE ${[...byFilter.sql, ...byWord.sql].join(' AND ')}`;
    const values = [...byFilter.values, ...byWord.values];
    const order =
      sort === 'place' && filter.set
        ? 'q.position, q.id'
        : sort === 'prompt'
          ? 'q.prompt, q.id'
          : 'q.updated_at DESC, q.id DESC';
    const tail = `ORDER BY ${order} LIMIT ${Number(limit)} OFFSET ${Number(offset)}`;
    const select = { replacements: values, type: QueryTypes.SELECT as const };
    const count = async () => {
      const [counted] = await this.#db.query<{ total: number }>(
        `SELECT COUNT(*) AS total FROM question q ${where}`,
        select,
      );
      return Number(counted?.total ?? 0);
    };
    const [ids, total] = await Promise.all([
      this.#db.query<{ id: string }>(`SELECT q.id FROM question q ${where} ${tail}`, select),
      count(),
    ]);
    const lines = await this.lines(
      ids.map(({ id }) => id),
      today,
    );
    return { questions: lines, total };
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
          FROM question q JOIN question_set s ON s.id = q.set_id WHERE q.id IN (${places})`,
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
