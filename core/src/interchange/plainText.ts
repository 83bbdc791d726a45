import { MAX_OPTIONS } from '../question/kinds/options.ts';
import { joinCell } from './sheet/cells.ts';
import type { Columns, Field } from './sheet/columns.ts';
import { MAX_ROWS, type Table } from './sheet/table.ts';

// A year at the beginning of a line is no number of a question.
const NUMBERED = /^\s*(?:q(?:uestion)?\s*|frage\s*)?(\d{1,3})\s*[.):]\s+(\S.*)$/i;
const OPTION =
  /^\s*(\*?)\s*\(?([a-j])[.):]\s*(\S.*?)(\s*(?:\*|\((?:correct|right|richtig|korrekt)\)|✓|✔))?$/i;
/** From here on the keys stand in a list of their own. */
const KEYS = /^\s*(?:answers?|answer\s+key|keys?|solutions?|antworten|lösungen)\s*:?\s*$/i;
const LISTED = /(\d{1,3})\s*[.):\-–]?\s*\(?([a-j])\)?(?=[\s,;.]|$)/gi;
const ANSWER =
  /^\s*(?:correct\s+|richtige\s+)?(?:answers?|ans|keys?|solution|richtig|antwort|lösung|réponse|respuesta|risposta|ответ)\s*[:=]\s*(\S.*)$/i;
const BECAUSE =
  /^\s*(?:explanation|feedback|because|rationale|erklärung|explication|explicación|spiegazione)\s*[:=]\s*(.*)$/i;

/** Whether a text looks like written questions rather than like a sheet. */
export function isQuestionText(text: string): boolean {
  const lines = text.split(/\r\n?|\n/);
  const has = (pattern: RegExp) => lines.filter((line) => pattern.test(line)).length;
  return (
    has(NUMBERED) + has(ANSWER) > 0 &&
    (has(OPTION) >= 2 || has(ANSWER) > 0) &&
    !/^(?!\s*\d{1,3}[.)]\t)[^\n]*\t/.test(text)
  );
}

interface Written {
  line: number;
  prompt: string;
  options: string[];
  starred: string[];
  key: string;
  explanation: string;
}

/**
 * Reads questions as people write them: a number and the question, options with letters, an answer
 * line or a star at the right option. Without numbers an empty line stands between questions.
 * @returns rows as a sheet would have them, so that they are read, checked and mended alike.
 */
export function readQuestionText(text: string): { table: Table; columns: Columns } {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n?|\n/);
  const numbered = lines.some((line) => NUMBERED.test(line));
  const written: Written[] = [];
  let last: 'prompt' | 'option' | 'key' | 'explanation' | null = null;
  let fresh = true;
  const byNumber = new Map<number, Written>();
  /** Whether the list of keys at the end has begun. */
  let listed = false;
  const begin = (line: number, prompt: string) => {
    written.push({ line, prompt, options: [], starred: [], key: '', explanation: '' });
    last = 'prompt';
  };
  lines.forEach((line, i) => {
    const own = written.at(-1);
    const number = NUMBERED.exec(line);
    const option = OPTION.exec(line);
    const answer = ANSWER.exec(line);
    const because = BECAUSE.exec(line);
    const blank = line.trim() === '';
    if (KEYS.test(line) && written.length > 0) listed = true;
    else if (listed) {
      for (const [, n, letter] of line.matchAll(LISTED)) {
        const meant = byNumber.get(Number(n));
        if (meant) meant.key = letter!;
      }
    } else if (blank) fresh = true;
    else if (number) {
      begin(i + 1, number[2]!);
      byNumber.set(Number(number[1]), written.at(-1)!);
    } else if (own && option && last !== 'explanation') {
      if (option[1] || option[4]) own.starred.push(option[2]!.toUpperCase());
      own.options.push(option[3]!);
      last = 'option';
    } else if (own && answer) [own.key, last] = [answer[1]!.trim().replace(/^\(?([a-h])[.)]$/i, '$1'), 'key'];
    else if (own && because) [own.explanation, last] = [because[1]!, 'explanation'];
    else if (!own || (!numbered && fresh)) begin(i + 1, line.trim());
    else if (last === 'option') own.options.push(`${own.options.pop() ?? ''} ${line.trim()}`);
    else if (last === 'explanation') own.explanation += `\n${line.trim()}`;
    else if (last === 'prompt') own.prompt += `\n${line.trim()}`;
    if (!blank) fresh = false;
  });
  const fields: Field[] = [
    'prompt',
    'key',
    'explanation',
    ...Array.from({ length: MAX_OPTIONS }, () => 'option' as const),
  ];
  const rows = written.slice(0, MAX_ROWS).map((one) => ({
    line: one.line,
    cells: [one.prompt, one.key || joinCell(one.starred), one.explanation, ...one.options],
  }));
  // More options than there are columns are said where the row is read.
  const widest = Math.max(0, ...rows.map((row) => row.cells.length));
  while (fields.length < widest) fields.push('option');
  return { table: { rows, delimiter: '', brokenQuotes: [] }, columns: { hasHeader: false, fields } };
}
