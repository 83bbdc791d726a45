import type { KindName } from '@distaff/core/question';
import type { QuestionState } from '@distaff/core/library';

/** What a search asks for, as conditions of SQL. */

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

/** Shortest word that InnoDB's full-text index holds, and words that it leaves out, by default. */
const SHORTEST = 3;
const STOPWORDS = new Set(
  'a about an are as at be by com de en for from how i in is it la of on or that the this to was what when where who will with und www'.split(
    ' ',
  ),
);
/** A word that the index can find by its beginning; scripts without blanks between words need LIKE. */
export const indexed = (word: string) =>
  word.length >= SHORTEST &&
  !STOPWORDS.has(word) &&
  /^[\p{L}\p{M}\p{N}]+$/u.test(word) &&
  !/[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}]/u.test(word);
export const likeOf = (word: string) => word.replace(/[\\%_]/g, '\\$&');

export interface Clause {
  sql: string[];
  values: unknown[];
}

/**
 * The condition for each folded word: that some word of the question begins with it. The index finds
 * few among many; of `common` words some are met soon by reading along, which `scan` asks for.
 */
export function wordClause(words: readonly string[], scan = false): Clause {
  const clause: Clause = { sql: [], values: [] };
  const full = scan ? [] : words.filter(indexed);
  if (full.length > 0) {
    clause.sql.push('MATCH (q.search_text) AGAINST (? IN BOOLEAN MODE)');
    clause.values.push(full.map((word) => `+${word}*`).join(' '));
  }
  for (const word of words.filter((one) => !full.includes(one))) {
    const anywhere = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}]/u.test(word);
    clause.sql.push('q.search_text LIKE ?');
    clause.values.push(anywhere ? `%${likeOf(word)}%` : `% ${likeOf(word)}%`);
  }
  return clause;
}

/** What the filter lets pass. `hidden` are the sets that are deleted or archived. */
export function filterClause(
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
