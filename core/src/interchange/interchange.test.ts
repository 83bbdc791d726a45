import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import * as v from 'valibot';
import { blankQuestion, Question } from '../question/question.ts';
import { kindOf } from '../question/kinds/index.ts';
import { lacksOf } from '../question/asPlayed.ts';
import { everyKind, picture } from '../sitting/test/table.ts';
import {
  decode,
  fieldOf,
  guessColumns,
  isQuestionText,
  mendRow,
  quizFromCards,
  readQuestionText,
  readSetFile,
  readSheet,
  readTable,
  REVIEW_TAG,
  sheetHeader,
  toCsv,
  writeRow,
  writeSetFile,
  type ImportRow,
} from './index.ts';
import { readDate } from './sheet/date.ts';

const ids = () => {
  let n = 0;
  return () => `i${n++}`;
};
const bytes = (...list: number[]) => Uint8Array.from(list);
const utf16 = (text: string, little: boolean) =>
  Uint8Array.from(
    [...text].flatMap((sign) => {
      const code = sign.charCodeAt(0);
      return little ? [code & 255, code >> 8] : [code >> 8, code & 255];
    }),
  );

function read(text: string, cards: number | null = null): ImportRow[] {
  const got = readTable(text);
  if ('trouble' in got) throw new Error(got.trouble);
  const reading = readSheet(got.table, guessColumns(got.table), cards, ids(), () => 0.4);
  for (;;) {
    const step = reading.next();
    if (step.done) return step.value;
  }
}
const problems = (row: ImportRow) => row.problems.map(({ code, mend }) => [code, mend]);
/** Without ids, which no sheet carries: options by their place. */
function bare(question: Question): unknown {
  const { id: _id, origin: _origin, answer, ...rest } = question;
  const kind = kindOf(answer.kind);
  const order = kind.asWritten(answer);
  const shown = [kind.control(answer), kind.options(answer, order), kind.key(answer, order)];
  const settings = Object.entries(answer).filter(([name]) =>
    /marking|forgive|units?|tolerance|percent/.test(name),
  );
  return { ...rest, kind: answer.kind, shown, settings: Object.fromEntries(settings) };
}

test('options and pairs that are pictures alone go out and come in again', () => {
  const base = blankQuestion(ids());
  const seen = (alt: string) => ({ ...picture('shelf.x', alt), cutOf: null });
  const options = ['a', 'b'].map((id) => ({ id, text: '', picture: seen(id) }));
  const pairs = ['a', 'b'].map((id) => ({ id, left: '', picture: seen(id), right: `right ${id}` }));
  const questions: Question[] = [
    {
      ...base,
      prompt: 'One?',
      answer: { kind: 'choice', options: [{ id: 'c', text: 'c' }, ...options], key: 'b' },
    },
    {
      ...base,
      prompt: 'Pairs?',
      answer: { kind: 'match', pairs, extras: [{ id: 'x', text: 'no one' }], marking: 'all' },
    },
  ];
  const rows = read(toCsv([...sheetHeader], questions.map(writeRow)));
  expect(rows.map((row) => bare(row.question))).toEqual(questions.map(bare));
  expect(rows.flatMap(problems)).toEqual([]);
});

describe('encodings (WHATWG Encoding standard)', () => {
  test.each<[string, Uint8Array, string, string, boolean]>([
    ['UTF-8', new TextEncoder().encode('Où?'), 'Où?', 'utf-8', false],
    ['UTF-8 with its mark', bytes(0xef, 0xbb, 0xbf, 0x61), 'a', 'utf-8', false],
    ['UTF-16 LE with its mark', bytes(0xff, 0xfe, 0x61, 0), 'a', 'utf-16le', false],
    ['UTF-16 BE with its mark', bytes(0xfe, 0xff, 0, 0x61), 'a', 'utf-16be', false],
    ['UTF-16 LE without', utf16('Which tide?', true), 'Which tide?', 'utf-16le', true],
    ['UTF-16 BE without', utf16('Which tide?', false), 'Which tide?', 'utf-16be', true],
    ['Latin-1', bytes(0x4f, 0xf9, 0x3f), 'Où?', 'windows-1252', true],
    ['Windows-1252', bytes(0x80, 0x35), '€5', 'windows-1252', true],
    ['nothing', bytes(), '', 'utf-8', false],
  ])('%s', (_name, given, text, encoding, guessed) => {
    expect(decode(given)).toEqual({ text, encoding, guessed });
  });
});

describe('separated values, by RFC 4180 section 2', () => {
  const cells = (text: string) => {
    const got = readTable(text);
    return 'table' in got ? got.table.rows.map((row) => row.cells) : got.trouble;
  };
  test.each<[string, string, unknown]>([
    [
      '1: records on lines of their own, CRLF',
      'aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n',
      [
        ['aaa', 'bbb', 'ccc'],
        ['zzz', 'yyy', 'xxx'],
      ],
    ],
    [
      '2: the last record may have no line break',
      'aaa,bbb\r\nzzz,yyy',
      [
        ['aaa', 'bbb'],
        ['zzz', 'yyy'],
      ],
    ],
    [
      '5: fields may stand in quotes',
      '"aaa","bbb"\r\nzzz,yyy',
      [
        ['aaa', 'bbb'],
        ['zzz', 'yyy'],
      ],
    ],
    ['6: line breaks and commas within quotes', '"aaa","b\r\nbb","c,c"', [['aaa', 'b\nbb', 'c,c']]],
    ['7: a quote is doubled', '"aaa","b""bb"', [['aaa', 'b"bb']]],
    [
      'semicolons',
      'a;b\nc;d',
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
    ],
    [
      'tabs, as pasted from a spreadsheet, with commas inside',
      'a, b\tc\nd\te',
      [
        ['a, b', 'c'],
        ['d', 'e'],
      ],
    ],
    [
      'a byte-order mark and empty lines',
      '\uFEFFa,b\n\n,,\nc,d',
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
    ],
    ['a formula led in by an apostrophe', "'=1+1,'-5", [['=1+1', '-5']]],
    ['nothing', ' \n ,\n', 'empty'],
    ['no text at all', 'a\0b', 'notText'],
    ['ten thousand columns', 'a,'.repeat(10_000), 'tooManyColumns'],
    ['too many rows', 'a,b\n'.repeat(10_002), 'tooManyRows'],
  ])('%s', (_name, text, expected) => {
    expect(cells(text)).toEqual(expected);
  });
  test('any table that another writer made is read back', () => {
    const cell = fc.string().filter((text) => !/^\s|\s$|\r|\0|^'|\t|^\uFEFF/.test(text));
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            cell,
            cell.filter((text) => text !== ''),
            cell,
          ),
          { minLength: 1 },
        ),
        (body) => {
          // A single line of ";;,;," could be read in two ways: it is the other lines that tell.
          const rows = [['Question', 'Key', 'Tags'], ...body];
          expect(cells(Papa.unparse(rows, { newline: '\r\n' }))).toEqual(rows);
        },
      ),
    );
  });
  test('a quote that is not closed is named by its line, and what follows is not lost', () => {
    const got = readTable('prompt,key\nfine,1\n"broken,2\nlost?,3');
    expect(got).toMatchObject({ table: { brokenQuotes: [3] } });
    expect(JSON.stringify(got)).toContain('lost?');
  });
});

describe('columns', () => {
  test.each([
    ['Question', 'prompt'],
    ['question text', 'prompt'],
    ['Option 3', 'option'],
    ['Answer B', 'option'],
    ['wrong1', 'wrong'],
    ['Correct answer', 'key'],
    ['Time limit (seconds)', 'clock'],
    ['Frage', 'prompt'],
    ['constructor', null],
    ['Colour', null],
  ])('%j holds %s', (name, field) => {
    expect(fieldOf(name)).toBe(field);
  });
  test('a sheet without names: two columns are cards, more are prompt, options, key', () => {
    expect(read('Ebb,falling tide')[0]!.question).toMatchObject({ prompt: 'Ebb', answer: { kind: 'text' } });
    const { answer } = read('Port is,left,right,A')[0]!.question;
    expect(kindOf(answer.kind).key(answer, [0, 1])).toEqual({ slots: [0], texts: ['left'] });
  });
});

describe('rows, as people write them', () => {
  const header = 'question,option a,option b,option c,option d,correct,time,tags\n';
  test.each<[string, string, string, unknown]>([
    ['a letter', 'Q,ebb,flood,,,B,,', 'choice', [['flood'], []]],
    ['a small letter', 'Q,ebb,flood,,,b,,', 'choice', [['flood'], []]],
    ['a number', 'Q,ebb,flood,,,1,,', 'choice', [['ebb'], []]],
    ['a number that is an option is that option', 'Q,2,1,,,1,,', 'choice', [['1'], []]],
    ['the text of an option', 'Q,ebb,flood,,,FLOOD,,', 'choice', [['flood'], []]],
    ['several letters', 'Q,a1,b1,c1,,"A, C",,', 'many', [['a1', 'c1'], []]],
    ['true and false', 'Q,True,False,,,true,,', 'truefalse', [['True'], []]],
    ['true without options', 'Q,,,,,FALSE,,', 'truefalse', [['False'], []]],
    ['a number without options', 'Q,,,,,"1,250.5 m",,', 'number', [['1250.5 m'], []]],
    ['a word without options', 'Q,,,,,neap | neaps,,', 'text', [['neap', 'neaps'], []]],
    ['no key', 'Q,ebb,flood,,,,,', 'choice', [[''], [['noKey', null]]]],
    ['a key that is no option, nearly', 'Q,ebb,flood,,,flod,,', 'choice', [[''], [['keyUnknown', 'flood']]]],
    ['a letter beyond the options', 'Q,ebb,flood,,,D,,', 'choice', [[''], [['keyUnknown', null]]]],
    ['one option', 'Q,ebb,,,,A,,', 'choice', [['ebb'], [['tooFewOptions', null]]]],
    ['equal options', 'Q,Ebb,ebb,x,,C,,', 'choice', [['x'], [['equalOptions', null]]]],
    ['a clock that is none', 'Q,ebb,flood,,,A,soon,', 'choice', [['ebb'], [['badNumber', null]]]],
    ['no prompt', ',ebb,flood,,,A,,', 'choice', [['ebb'], [['noPrompt', null]]]],
  ])('%s', (_name, line, kind, expected) => {
    const [row] = read(header + line);
    const { answer } = row!.question;
    expect(answer.kind).toBe(kind);
    const { texts } = kindOf(answer.kind).key(answer, kindOf(answer.kind).asWritten(answer));
    expect([texts, problems(row!)]).toEqual(expected);
  });
  test('right and wrong columns need no key; tags, dates and the same prompt again', () => {
    const [row, again] = read(
      'question,correct answer,wrong answer 1,wrong answer 2,topic,review by,weight,kind\n' +
        'Q?,ebb,flood,slack,"tides, water",31.12.2027,double,\nq,a,b,c,,31.2.2027,heavy,riddle',
    );
    expect(row!.question).toMatchObject({ tags: ['tides', 'water'], checkAgainBy: '2027-12-31', weight: 2 });
    expect(row!.question.answer).toMatchObject({ kind: 'choice', options: [{ text: 'ebb' }, {}, {}] });
    expect(lacksOf(row!.question)).toEqual([]);
    expect(problems(again!)).toEqual([
      ['unknownKind', 'choice'],
      ['unknownWord', 'standard'],
      ['badDate', null],
      ['twice', null],
    ]);
    expect(again!.problems.at(-1)!.found).toBe('2');
  });
  test('one click mends: the nearest option becomes the key, several keys make it several of several', () => {
    const [near, several] = read(
      `${header}Q,ebb,flood,,,flod,,\nR,ebb,flood,,,"A,B",,`.replace('tags', 'kind').replace(/,$/, ',choice'),
    );
    const mended = mendRow(near!, near!.problems[0]!);
    expect(mended).toMatchObject({
      problems: [],
      question: {
        answer: { key: near!.question.answer.kind === 'choice' ? near!.question.answer.options[1]!.id : '' },
      },
    });
    expect(problems(several!)).toEqual([['keysTooMany', 'many']]);
    const { answer } = mendRow(several!, several!.problems[0]!).question;
    expect(kindOf(answer.kind).key(answer, [0, 1]).texts).toEqual(['ebb', 'flood']);
    expect(lacksOf(near!.question)).toEqual(['key']);
  });
  test('whatever stands in a row, what is made of it is a question that may be stored', () => {
    const field = fc.constantFrom(
      'kind',
      'prompt',
      'option',
      'option',
      'key',
      'clock',
      'tags',
      'units',
      'language',
      null,
    );
    const cell = fc.oneof(
      fc.string({ maxLength: 1200 }),
      fc.constantFrom('match', 'number', 'a = b', '= c', 'A|B', '7 %'),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(field, cell), { minLength: 1, maxLength: 14 }), (columns) => {
        const table = {
          rows: [{ line: 1, cells: columns.map(([, text]) => text) }],
          delimiter: ',',
          brokenQuotes: [],
        };
        const fieldsOf = { hasHeader: false, fields: columns.map(([name]) => name) };
        const rows = [...drain(readSheet(table, fieldsOf, null, ids(), () => 0.5))];
        expect(v.parse(Question, rows[0]!.question)).toEqual(rows[0]!.question);
      }),
      { numRuns: 400 },
    );
  });
  test.each([
    ['2026-03-31', '2026-03-31'],
    ['31.3.2026', '2026-03-31'],
    ['31/03/2026', '2026-03-31'],
    ['3/31/2026', '2026-03-31'],
    ['29.2.2027', null],
    ['soon', null],
  ])('the day %s is %s', (text, day) => {
    expect(readDate(text)).toBe(day);
  });
});

function* drain(reading: Generator<number, ImportRow[]>): Generator<ImportRow> {
  let step = reading.next();
  while (!step.done) step = reading.next();
  yield* step.value;
}

describe('out and in again', () => {
  const full = (question: Question): Question => ({
    ...question,
    clock: 25,
    weight: 2,
    explanation: 'Because.\nAnd so.',
    notes: '=1+1 is no formula',
    onRight: 'Yes',
    onWrong: 'No',
    tags: ['a, b', 'bar | bar'],
    difficulty: 'hard',
    language: 'en-GB',
    trueAsOf: '2026-01-31',
    checkAgainBy: '2027-01-31',
    credit: '-5 to nobody',
  });
  const tricky: Question['answer'][] = [
    ...everyKind().map(({ answer }) => answer),
    ...(['several', 'ranked'] as const).map((pick) => ({
      kind: 'opinion' as const,
      options: ['a', 'b', 'c'].map((id) => ({ id, text: id })),
      pick,
    })),
    {
      kind: 'choice',
      options: [
        { id: 'a', text: '=SUM(A1)' },
        { id: 'b', text: 'B' },
        { id: 'c', text: 'x, "y"' },
      ],
      key: 'c',
    },
    {
      kind: 'text',
      accepted: ['a|b', 'c\\d', '-7'],
      forgive: { case: false, accents: false, articles: false, slips: false },
    },
    {
      kind: 'match',
      pairs: [
        { id: 'a', left: 'E = m', right: 'x | y' },
        { id: 'b', left: 'l', right: 'r' },
      ],
      extras: [{ id: 'e', text: 'none' }],
      marking: 'all',
    },
    {
      kind: 'number',
      key: -0.5,
      marking: 'exact',
      tolerance: 0,
      percent: false,
      unit: '°C',
      units: [{ name: 'K', factor: 1 }],
    },
  ];
  const questions = tricky.map((answer, i) =>
    full({ ...blankQuestion(ids()), prompt: `@Prompt ${i}?`, answer }),
  );

  test.each(questions.map((one) => [one.answer.kind, one] as const))('CSV: %s', (_kind, question) => {
    const [row] = read(toCsv([...sheetHeader], [writeRow(question)]));
    expect(row!.problems).toEqual([]);
    expect(bare(row!.question)).toEqual(bare(question));
  });
  test('our own JSON: everything, to the letter', () => {
    const set = { title: 'Coast', description: 'd', folder: 'f', credit: '' };
    expect(readSetFile(writeSetFile(set, questions))).toMatchObject({ file: { set, questions } });
  });
  test.each([
    ['{', /^This is no JSON/],
    ['[]', /Invalid/],
    ['{"format":"other"}', /no question set of Distaff/],
    [
      writeSetFile({ title: 't', description: '', folder: '', credit: '' }, [{ ...questions[0]!, clock: 1 }]),
      /Not below 3\. \(questions\.0\.clock\)/,
    ],
  ])('a bad file is refused with a sentence: %#', (text, sentence) => {
    expect(readSetFile(text)).toEqual({ wrong: expect.stringMatching(sentence) });
  });
});

test('flashcards: wrong options come from other cards, differ from the right one and from each other, and are marked', () => {
  const cards = ['ebb', 'flood', 'slack', 'Ebb', 'neap'].map((back, i) => ({ front: `F${i}`, back }));
  const draws = fc.infiniteStream(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true }));
  fc.assert(
    fc.property(draws, fc.integer({ min: 2, max: 8 }), (stream, wanted) => {
      const rows = quizFromCards(cards, wanted, ids(), () => stream.next().value);
      for (const [i, { question }] of rows.entries()) {
        expect(question.tags).toEqual([REVIEW_TAG]);
        expect(lacksOf(question)).toEqual([]);
        if (question.answer.kind !== 'choice') throw new Error('a choice is wanted');
        const { options, key } = question.answer;
        expect(options).toHaveLength(Math.min(wanted, 4));
        expect(options.find((option) => option.id === key)!.text).toBe(cards[i]!.back);
      }
    }),
  );
  expect(
    problems({ ...quizFromCards([{ front: 'F', back: 'only' }], 4, ids(), () => 0)[0]!, line: 1 }),
  ).toEqual([
    ['drawn', null],
    ['tooFewOptions', null],
  ]);
});

describe('questions as plain text', () => {
  const rowsOf = (text: string) => {
    expect(isQuestionText(text)).toBe(true);
    const { table, columns } = readQuestionText(text);
    return [...drain(readSheet(table, columns, null, ids(), () => 0.5))];
  };
  const told = (row: ImportRow) => {
    const { answer, prompt } = row.question;
    const kind = kindOf(answer.kind);
    const { texts } = kind.key(answer, kind.asWritten(answer));
    return [
      row.line,
      answer.kind,
      prompt,
      kind.options(answer, kind.asWritten(answer)).map((one) => one.text),
      texts,
    ];
  };
  test('numbers, letters and an answer line; a star; several; typed; lines that go on', () => {
    const rows = rowsOf(
      [
        '1. Which way does the tide fall?',
        'a) Ebb',
        'B. Flood and',
        '   something more',
        '(c) Slack',
        'Answer: a)',
        'Explanation: Ebb falls.',
        '2) Which of these are',
        'knots?',
        '*a. Bowline',
        'b. Gull',
        'c. Sheet bend *',
        '',
        'Question 3: How many metres are in a nautical mile?',
        'ANSWER = 1852',
        '4. Name a tide.',
        'key: neap | neap tide',
      ].join('\r\n'),
    );
    expect(rows.map(told)).toEqual([
      [1, 'choice', 'Which way does the tide fall?', ['Ebb', 'Flood and something more', 'Slack'], ['Ebb']],
      [8, 'many', 'Which of these are\nknots?', ['Bowline', 'Gull', 'Sheet bend'], ['Bowline', 'Sheet bend']],
      [14, 'number', 'How many metres are in a nautical mile?', [], ['1852']],
      [16, 'text', 'Name a tide.', [], ['neap', 'neap tide']],
    ]);
    expect(rows[0]!.question.explanation).toBe('Ebb falls.');
    expect(rows.flatMap((row) => row.problems)).toEqual([]);
  });
  test('without numbers an empty line divides; a ninth option is said', () => {
    const rows = rowsOf(
      `First?\na) x\nb) y\nAnswer: B\n\nSecond?\n${[...'abcdefgh'].map((sign) => `${sign}) ${sign}`).join('\n')}\nh) nine\nAnswer: C`,
    );
    expect(rows.map((row) => row.question.prompt)).toEqual(['First?', 'Second?']);
    expect(problems(rows[1]!)).toEqual([['tooManyOptions', null]]);
  });
  test.each(['question\toption a\tanswer\nQ\tx\tx', 'a,b\nc,d', 'Just a line of text.', ''])(
    '%j is none',
    (text) => {
      expect(isQuestionText(text)).toBe(false);
    },
  );
});
