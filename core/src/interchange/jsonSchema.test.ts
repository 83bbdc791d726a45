import { describe, expect, test } from '@jest/globals';
import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';
import { blankQuestion, type Question } from '../question/question.ts';
import { kindNames, kindOf } from '../question/kinds/index.ts';
import { showFor, situations } from '../show/situations.ts';
import { everyKind, everyKindShow, question } from '../sitting/test/table.ts';
import {
  readArchive,
  readSetFile,
  readShowFile,
  readShowPackage,
  setFileSchema,
  showFileSchema,
  writeArchive,
  writeSetFile,
  writeShowFile,
  writeShowPackage,
} from './index.ts';

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

describe('a whole show as a file', () => {
  const schema = new Ajv2020({ strict: true, strictTypes: false, allErrors: true }).compile(
    showFileSchema('https://distaff.example/schemas/show.json'),
  );
  const shows = [everyKindShow(), ...situations.map((one) => showFor(one, one, ids, (i) => `Team ${i}`))];

  test('follows its schema and comes back as it was: every kind, every situation', () => {
    for (const show of shows) {
      const text = writeShowFile(show, 'https://distaff.example/schemas/show.json');
      schema(JSON.parse(text));
      expect(schema.errors ?? []).toEqual([]);
      const read = readShowFile(text);
      expect('file' in read && JSON.parse(writeShowFile(read.file.show))).toEqual(
        JSON.parse(writeShowFile(show)),
      );
    }
  });

  test('holds its pictures and sounds, points at nobody’s library, and says what is not in it', () => {
    const show = everyKindShow();
    const [first, second] = Object.values(show.questions);
    first!.origin = { id: 'library', version: 3 };
    const credit = { alt: 'A bell', credit: '', licence: '' };
    show.sounds = { each: { lock: { own: { file: 'bell', ...credit } } } };
    const media = new Map([
      [first!.picture!.file, { bytes: new Uint8Array([1, 2]), type: 'image/png', ext: 'png' }],
      ['bell', { bytes: new Uint8Array([3]), type: 'audio/wav', ext: 'wav' }],
    ]);
    const files = readArchive(writeArchive(writeShowPackage(show, media)));
    if ('trouble' in files) throw new Error(files.trouble);
    const read = readShowPackage(files)!;
    if ('wrong' in read) throw new Error(read.wrong);
    expect([...read.media]).toEqual([
      [first!.picture!.file, new Uint8Array([1, 2])],
      ['bell', new Uint8Array([3])],
    ]);
    expect(read.missing).toContain(second!.picture!.file);
    expect(read.show.questions[first!.id]!.origin).toBeNull();
    expect(JSON.stringify(read.show)).not.toContain('-whole');
  });

  test.each([
    ['{', 'This is no JSON'],
    ['{"format":"distaff-question-set","version":1}', 'This is no show of Distaff.'],
    ['{"format":"distaff-show","version":2,"show":{}}', 'written by a newer version'],
  ])('%s is refused in a sentence', (text, sentence) => {
    const read = readShowFile(text);
    expect('wrong' in read && read.wrong).toContain(sentence);
  });
});
