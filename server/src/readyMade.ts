import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Question } from '@distaff/core/question';
import type { QuestionSet } from '@distaff/core/library';
import { decode, guessColumns, readSheet, readTable } from '@distaff/core/interchange';
import { nanoid } from 'nanoid';
import * as v from 'valibot';

/** A set that ships with the application, in the open format of a sheet. */
export interface ReadyMade {
  name: string;
  set: QuestionSet;
  questions: Question[];
}

const Index = v.array(
  v.object({
    name: v.pipe(v.string(), v.regex(/^[\w-]+$/)),
    title: v.string(),
    folder: v.string(),
    description: v.string(),
  }),
);

function questionsIn(file: string): Question[] {
  const read = readTable(decode(readFileSync(file)).text);
  if ('trouble' in read) throw new Error(`${file}: ${read.trouble}`);
  const reading = readSheet(read.table, guessColumns(read.table), null, () => nanoid(10), Math.random);
  for (;;) {
    const step = reading.next();
    if (!step.done) continue;
    const wrong = step.value.find((row) => row.problems.length > 0);
    if (wrong)
      throw new Error(`${file}, row ${wrong.line}: ${wrong.problems[0]!.code} ${wrong.problems[0]!.found}`);
    return step.value.map((row) => row.question);
  }
}

/**
 * The sets in a folder: `index.json` names them, a CSV file each holds their questions.
 * @throws Error with file and row where one cannot be read whole.
 */
export function readReadyMade(folder: string): ReadyMade[] {
  const index = v.parse(Index, JSON.parse(readFileSync(path.join(folder, 'index.json'), 'utf8')));
  return index.map(({ name, ...set }) => ({
    name,
    set: { ...set, credit: '' },
    questions: questionsIn(path.join(folder, `${name}.csv`)),
  }));
}
