import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '@jest/globals';
import { kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import {
  decode,
  guessColumns,
  isQuestionText,
  readQuestionText,
  readSheet,
  readTable,
  type ImportRow,
} from './index.ts';

/**
 * Files as people have them, each with what is to be read from it in a file beside it: for each row the
 * line, the prompt, the kind, what is right, and the remarks. A case more is two files more; with
 * WRITE_CASES=1 missing expectations are written, to be read by a person before they are kept.
 */
const folder = path.join(import.meta.dirname, 'cases');
const files = readdirSync(folder).filter((name) => !name.endsWith('.expected.txt'));

function rowsOf(bytes: Uint8Array): ImportRow[] {
  const { text } = decode(bytes) as { text: string };
  let n = 0;
  const newId = () => `i${n++}`;
  if (isQuestionText(text)) {
    const { table, columns } = readQuestionText(text);
    return drain(readSheet(table, columns, null, newId, () => 0));
  }
  const got = readTable(text);
  if ('trouble' in got) throw new Error(got.trouble);
  return drain(readSheet(got.table, guessColumns(got.table), null, newId, () => 0));
}
function drain(reading: ReturnType<typeof readSheet>): ImportRow[] {
  for (;;) {
    const step = reading.next();
    if (step.done) return step.value;
  }
}
const rightIn = ({ answer }: Question): string => {
  const kind = kindOf(answer.kind);
  const order = kind.asWritten(answer);
  const { slots, texts } = kind.key(answer, order);
  const options = kind.options(answer, order).map(({ text }) => text);
  const said = texts.length > 0 ? texts : slots.map((slot) => options[slot] ?? '?');
  return said.join(' | ') || '–';
};
const told = ({ line, question, problems }: ImportRow): string => {
  const settings = [question.difficulty, question.clock && `${question.clock} s`, ...question.tags].filter(
    Boolean,
  );
  const row = [
    line,
    question.prompt.replace(/\n/g, ' / '),
    question.answer.kind,
    rightIn(question),
    ...settings,
  ];
  const remarks = problems.map(
    ({ code, found, mend }) => `    ${code}: ${found}${mend === null ? '' : ` → ${mend}`}`,
  );
  return [row.join(' · '), ...remarks].join('\n');
};

test.each(files)('%s', (name) => {
  const found = `${rowsOf(readFileSync(path.join(folder, name)))
    .map(told)
    .join('\n')}\n`;
  const beside = path.join(folder, `${name}.expected.txt`);
  if (process.env.WRITE_CASES) writeFileSync(beside, found);
  expect(found).toBe(readFileSync(beside, 'utf8'));
});

test.each([
  ['Question;Option 1;Option 2;Answer', ['prompt', 'option', 'option', 'key']],
  ['Question;A;B;C;D;Answer', ['prompt', 'option', 'option', 'option', 'option', 'key']],
  ['No;Question;a);b);c);Correct', [null, 'prompt', 'option', 'option', 'option', 'key']],
  ['Frage;1;2;3;4;Antwort', ['prompt', 'option', 'option', 'option', 'option', 'key']],
  ['вопрос;А;Б;В;ответ', ['prompt', 'option', 'option', 'option', 'key']],
  ['Question;Answer', ['prompt', 'key']],
  ['Question;Answer;Answer;Answer', ['prompt', 'option', 'option', 'option']],
  ['Question;Answer 1;Answer 2;Correct answer', ['prompt', 'option', 'option', 'key']],
  ['Question;B;C;Answer', ['prompt', null, null, 'key']],
  ['Question;A;Answer', ['prompt', null, 'key']],
])('the columns of "%s" are known by their names', (header, expected) => {
  const got = readTable(`${header}\n${header.replace(/[^;]+/g, 'x')}\n`);
  if ('trouble' in got) throw new Error(got.trouble);
  expect(guessColumns(got.table)).toMatchObject({ hasHeader: true, fields: expected });
});
