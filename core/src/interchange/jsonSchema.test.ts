import { describe, expect, test } from '@jest/globals';
import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';
import { blankQuestion, kindNames, kindOf, type Question } from '../index.ts';
import { everyKind, question } from '../sitting/test/table.ts';
import { readSetFile, setFileSchema, writeSetFile } from './index.ts';

let n = 0;
const ids = () => `i${n++}`;
const set = { title: 'Tides', description: '', folder: 'Sea', credit: '' };
/** Checked by an independent validator, in its strict mode for the 2020-12 vocabulary. */
const validate: ValidateFunction = new Ajv2020({ strict: true, strictTypes: false, allErrors: true }).compile(
  setFileSchema('https://distaff.example/schemas/question-set.json'),
);
const wrongs = (json: unknown) => (validate(json) ? [] : validate.errors!.map((one) => one.instancePath));
const written = (questions: Question[]) =>
  JSON.parse(writeSetFile(set, questions)) as Record<string, unknown>;

describe('the published JSON Schema', () => {
  test('takes what we write: every kind, finished or new', () => {
    expect(wrongs(written(everyKind().map(({ answer }, i) => question(`q${i}`, 'Which?', answer))))).toEqual(
      [],
    );
    const blanks = kindNames.map((kind) => ({ ...blankQuestion(ids), answer: kindOf(kind).blank(ids) }));
    expect(wrongs(written(blanks))).toEqual([]);
  });

  const good = () => {
    const file = written([question('q', 'Which?', everyKind()[0]!.answer)]);
    return file as { questions: Record<string, unknown>[]; set: object; version: number };
  };
  test.each<[string, (file: ReturnType<typeof good>) => void]>([
    ['another version', (file) => (file.version = 2)],
    ['no set', (file) => delete (file as { set?: object }).set],
    ['an unknown kind', (file) => (file.questions[0]!.answer = { kind: 'riddle' })],
    [
      'nine options',
      (file) =>
        (file.questions[0]!.answer = {
          kind: 'choice',
          key: null,
          options: Array.from({ length: 9 }, (_, i) => ({ id: `o${i}`, text: 'x' })),
        }),
    ],
    ['a prompt too long', (file) => (file.questions[0]!.prompt = 'x'.repeat(1001))],
    ['a clock of a second', (file) => (file.questions[0]!.clock = 1)],
    ['a weight of three', (file) => (file.questions[0]!.weight = 3)],
    [
      'a path as a file',
      (file) =>
        (file.questions[0]!.picture = {
          ...(file.questions[0]!.picture as object),
          file: '../../etc/passwd',
        }),
    ],
  ])('refuses what we refuse: %s', (_name, spoil) => {
    const file = good();
    expect(wrongs(file)).toEqual([]);
    expect('file' in readSetFile(JSON.stringify(file))).toBe(true);
    spoil(file);
    expect(wrongs(file)).not.toEqual([]);
    expect('wrong' in readSetFile(JSON.stringify(file))).toBe(true);
  });
});
