import { describe, expect, test } from '@jest/globals';
import { convertQti2toQti3 } from '@citolab/qti-convert/qti-convert-node';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { blankQuestion, type Question } from '../../question/question.ts';
import { kindOf, type KindName } from '../../question/kinds/index.ts';
import { plainText } from '../../text/markdown.ts';
import { everyKind, picture, question as withSecrets } from '../../sitting/test/table.ts';
import {
  readArchive,
  readItem,
  readQtiPackage,
  readSetPackage,
  unsaidByQti,
  writeArchive,
  writeItem,
  writeQtiPackage,
  writeSetPackage,
  type MediaFile,
} from '../index.ts';
import { fromMarkdown, toMarkdown } from './markup.ts';

const ids = () => {
  let n = 0;
  return () => `i${n++}`;
};
const set = { title: 'Tides & <currents>', description: 'Two "words"', folder: '', credit: '' };
const media = new Map<string, MediaFile>(
  ['picture-of-option', 'picture-of-q', 'SECRETWORD-key-of-q', 'bell'].map((file, i) => [
    file,
    {
      bytes: Uint8Array.from([i, 1, 2]),
      type: i === 3 ? 'audio/mpeg' : 'image/png',
      ext: i === 3 ? 'mp3' : 'png',
    },
  ]),
);

/** A question of this kind with everything that QTI can say of it. */
function full(kind: KindName): Question {
  const { answer } = everyKind().find((one) => one.answer.kind === kind)!;
  const own = withSecrets('q', 'Which **tide** & <when>?\n\nSay *one*.', answer);
  if (own.answer.kind === 'text')
    own.answer.forgive = { case: true, accents: false, articles: false, slips: false };
  if (own.answer.kind === 'number') own.answer = { ...own.answer, units: [] };
  if (own.answer.kind === 'order') own.answer.marking = 'all';
  return {
    ...own,
    sound: { file: 'bell', alt: 'A bell', credit: '', licence: '' },
    language: 'en-GB',
    tags: ['tides', 'a, b'],
    difficulty: 'hard',
  };
}
/** What QTI can say of a question, without ids: texts, keys and settings by place. */
function bare(own: Question, named: (file: string) => string): unknown {
  const { answer } = own;
  const kind = kindOf(answer.kind);
  const order = kind.asWritten(answer);
  const seen = (one: { file: string; alt: string; width: number } | null) =>
    one && [named(one.file), one.alt, one.width];
  const options = kind.options(answer, order).map((one) => [one.text, seen(one.picture)]);
  const control = kind.control(answer);
  return {
    kind: answer.kind,
    prompt: own.prompt,
    options,
    left: control.type === 'match' ? control.left.map((one) => [one.text, seen(one.picture)]) : [],
    key: kind.key(answer, order),
    marking: 'marking' in answer ? answer.marking : '',
    forgive: answer.kind === 'text' ? answer.forgive : null,
    picture: seen(own.picture),
    answerPicture: seen(own.answerPicture),
    sound: own.sound && [named(own.sound.file), own.sound.alt],
    texts: [
      own.explanation,
      own.onRight,
      own.onWrong,
      own.notes,
      own.language,
      own.tags,
      own.difficulty,
      own.credit,
    ],
  };
}

const kinds = everyKind().map(({ answer }) => answer.kind);
describe.each(['2.1', '3.0'] as const)('a package of QTI %s', (version) => {
  test.each(kinds)('out and in again says the same: %s', (kind) => {
    const before = full(kind);
    const zip = writeArchive(writeQtiPackage(set, [before], version, media));
    const files = readArchive(zip);
    if ('trouble' in files) throw new Error(files.trouble);
    const read = readQtiPackage(files, ids());
    if ('trouble' in read) throw new Error(`${read.trouble} ${read.at}`);
    expect(read.title).toBe(set.title);
    const [row] = read.rows;
    expect(row!.problems).toEqual([]);
    const own = (file: string) => file;
    const back = (name: string) => {
      const found = read.media.get(name)!;
      return [...media].find(([, { bytes }]) => bytes[0] === found.bytes[0])![0];
    };
    expect(bare(row!.question, back)).toEqual(bare(before, own));
    expect(unsaidByQti(before)).toEqual([]);
  });
});

test.each(kinds)(
  'an independent library turns our 2.1 into 3.0, and that says the same: %s',
  async (kind) => {
    const place = (file: string) => ({
      path: `../media/${file}`,
      type: file === 'bell' ? 'audio/mpeg' : 'image/png',
    });
    const before = full(kind);
    const xml = writeItem(before, 'item-1', '2.1', place);
    const theirs = await convertQti2toQti3(xml);
    expect(theirs).toContain('qti-assessment-item');
    const resolve = (path: string) => path.split('/').at(-1)!;
    const [one, other] = [readItem(xml, ids(), resolve), readItem(theirs, ids(), resolve)];
    if ('wrong' in one || 'wrong' in other) throw new Error(JSON.stringify([one, other]));
    expect(other.problems).toEqual([]);
    expect(bare(other.question, (file) => file)).toEqual(bare(one.question, (file) => file));
  },
);

const item = (body: string, declarations = '', rest = '') =>
  `<?xml version="1.0"?><assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="x" title="Title" adaptive="false" timeDependent="false">${declarations}<itemBody>${body}</itemBody>${rest}</assessmentItem>`;
const response = (attributes: string, correct: string[], more = '') =>
  `<responseDeclaration identifier="R" ${attributes}><correctResponse>${correct.map((one) => `<value>${one}</value>`).join('')}</correctResponse>${more}</responseDeclaration>`;
const read = (xml: string) => {
  const got = readItem(xml, ids(), () => null);
  if ('wrong' in got) return got;
  const { question: own, problems } = got;
  const kind = kindOf(own.answer.kind);
  return {
    kind: own.answer.kind,
    prompt: own.prompt,
    options: kind.options(own.answer, kind.asWritten(own.answer)).map((one) => one.text),
    key: kind.key(own.answer, kind.asWritten(own.answer)).texts,
    problems: problems.map(({ code, found }) => `${code} ${found}`.trim()),
  };
};

/* Structures by the names of the "QTI 2.1 Assessment, Section and Item Information Model", section 7
   (interactions), and of the "QTI 3.0 Best Practices and Implementation Guide". Contents are ours. */
describe('items as others write them', () => {
  test('choiceInteraction with its own prompt, 2.x', () => {
    expect(
      read(
        item(
          '<p>Look at the <em>chart</em>.</p><choiceInteraction responseIdentifier="R" shuffle="false" maxChoices="1"><prompt>Which way falls the ebb?</prompt><simpleChoice identifier="A">out <strong>to sea</strong></simpleChoice><simpleChoice identifier="B" fixed="true">in</simpleChoice></choiceInteraction>',
          response('cardinality="single" baseType="identifier"', ['A']),
        ),
      ),
    ).toEqual({
      kind: 'choice',
      prompt: 'Look at the *chart*.\n\nWhich way falls the ebb?',
      options: ['out **to sea**', 'in'],
      key: ['out **to sea**'],
      problems: [],
    });
  });
  test('qti-order-interaction, 3.0, its key in another order than its choices', () => {
    expect(
      read(
        '<qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="x" title="t" adaptive="false" time-dependent="false"><qti-response-declaration identifier="R" cardinality="ordered" base-type="identifier"><qti-correct-response><qti-value>C</qti-value><qti-value>A</qti-value><qti-value>B</qti-value></qti-correct-response></qti-response-declaration><qti-item-body><qti-order-interaction response-identifier="R"><qti-prompt>Low to high</qti-prompt><qti-simple-choice identifier="A">two</qti-simple-choice><qti-simple-choice identifier="B">three</qti-simple-choice><qti-simple-choice identifier="C">one</qti-simple-choice></qti-order-interaction></qti-item-body></qti-assessment-item>',
      ),
    ).toMatchObject({ kind: 'order', prompt: 'Low to high', key: ['one → two → three'], problems: [] });
  });
  test('textEntryInteraction with a mapping: right ones are variants, part marks are said', () => {
    expect(
      read(
        item(
          '<p>A tide of small range is a <textEntryInteraction responseIdentifier="R"/> tide.</p>',
          response(
            'cardinality="single" baseType="string"',
            ['neap'],
            '<mapping defaultValue="0"><mapEntry mapKey="neap" mappedValue="1"/><mapEntry mapKey="neaps" mappedValue="0.5"/></mapping>',
          ),
        ),
      ),
    ).toEqual({
      kind: 'text',
      prompt: 'A tide of small range is a ___ tide.',
      options: [],
      key: ['neap', 'neaps'],
      problems: ['unsaid neaps (0.5)'],
    });
  });
  test('inlineChoiceInteraction is one of several', () => {
    expect(
      read(
        item(
          '<p>It is <inlineChoiceInteraction responseIdentifier="R" shuffle="false"><inlineChoice identifier="a">ebb</inlineChoice><inlineChoice identifier="b">flood</inlineChoice></inlineChoiceInteraction> now.</p>',
          response('cardinality="single" baseType="identifier"', ['b']),
        ),
      ),
    ).toEqual({
      kind: 'choice',
      prompt: 'It is ___ now.',
      options: ['ebb', 'flood'],
      key: ['flood'],
      problems: [],
    });
  });
  test('no key, a key that is no choice, nine choices, an interaction that no kind of ours covers', () => {
    const nine = Array.from(
      { length: 9 },
      (_, i) => `<simpleChoice identifier="c${i}">${i}</simpleChoice>`,
    ).join('');
    const choice = `<p>Q</p><choiceInteraction responseIdentifier="R" maxChoices="1">${nine}</choiceInteraction>`;
    const problems = (xml: string) => (read(xml) as { problems: string[] }).problems;
    expect(problems(item(choice, response('cardinality="single" baseType="identifier"', [])))).toEqual([
      'tooManyOptions 8',
      'noKey',
    ]);
    expect(problems(item(choice, response('cardinality="single" baseType="identifier"', ['z'])))).toEqual([
      'tooManyOptions 8',
      'keyUnknown z',
      'noKey',
    ]);
    expect(read(item('<p>Where?</p><hotspotInteraction responseIdentifier="R"/>'))).toMatchObject({
      kind: 'aloud',
      prompt: 'Where?',
      problems: ['unsaid hotspotInteraction'],
    });
    expect(problems(item('<p>See <img src="gone.png" alt="x"/> x<sup>2</sup></p>'))).toEqual([
      'unsaid sup',
      'badMedia gone.png',
    ]);
  });
  test('what is no item, no XML, or declares entities', () => {
    const bomb =
      '<?xml version="1.0"?><!DOCTYPE l [<!ENTITY a "ha"><!ENTITY b "&a;&a;"><!ENTITY f SYSTEM "file:///etc/passwd">]><assessmentItem><itemBody>&b;&f;</itemBody></assessmentItem>';
    expect(read(bomb)).toMatchObject({ wrong: 'entities' });
    expect(read('<html><body/></html>')).toMatchObject({ wrong: 'noItem' });
    expect(read('<assessmentItem><itemBody></assessmentItem>')).toMatchObject({ wrong: 'notXml' });
    expect(read(`${'<a>'.repeat(500)}${'</a>'.repeat(500)}`)).toMatchObject({ wrong: 'notXml' });
  });
});

test('small Markdown survives the way through XHTML', () => {
  const word = fc.constantFrom(
    'ebb',
    'flood',
    '5 < 6',
    'a & b',
    '**slack**',
    '*neap*',
    '`code`',
    'x',
    '$a^2$',
  );
  const line = fc.array(word, { minLength: 1, maxLength: 4 }).map((words) => words.join(' '));
  const block = fc.oneof(
    fc.array(line, { minLength: 1, maxLength: 2 }).map((lines) => lines.join('\n')),
    fc.array(line, { minLength: 2, maxLength: 3 }).map((lines) => lines.map((one) => `- ${one}`).join('\n')),
  );
  fc.assert(
    fc.property(fc.array(block, { minLength: 1, maxLength: 3 }), (blocks) => {
      const text = blocks.join('\n\n');
      expect(toMarkdown(fromMarkdown(text))).toBe(text);
    }),
  );
});

test('a package of our own says everything, media too; what was cut away stays behind', () => {
  const questions = kinds.map((kind, i) => ({
    ...full(kind),
    id: `q${i}`,
    clock: 15,
    weight: 2 as const,
    readAloud: true,
  }));
  const files = readArchive(writeArchive(writeSetPackage(set, questions, media)));
  if ('trouble' in files) throw new Error(files.trouble);
  expect([...files.values()].map((bytes) => Buffer.from(bytes).toString()).join('')).not.toContain(
    'SECRETWORD-whole.',
  );
  const got = readSetPackage(files)!;
  if ('wrong' in got) throw new Error(got.wrong);
  const back = (name: string) =>
    [...media].find(([, { bytes }]) => bytes[0] === got.media.get(name)!.bytes[0])![0];
  expect(got.rows.map((row) => bare(row.question, back))).toEqual(
    questions.map((one) => bare(one, (file) => file)),
  );
  expect(got.rows.flatMap((row) => row.problems)).toEqual([]);
  expect(got.rows.every((row) => row.question.picture!.cutOf === null)).toBe(true);
  const without = readSetPackage(new Map([['set.json', files.get('set.json')!]]))!;
  expect('rows' in without && without.rows[0]!.problems.map((one) => one.code)).toContain('badMedia');
});

describe('archives that are not read', () => {
  const zeros = new Uint8Array(10 * 1024 * 1024);
  test.each<[string, () => Uint8Array, string]>([
    ['no archive', () => strToU8('just a text'), 'notZip'],
    ['cut off', () => zipSync({ 'a.xml': strToU8('<a/>') }).slice(0, 30), 'notZip'],
    ['a way up', () => zipSync({ '../../evil.xml': strToU8('<a/>') }), 'badPath'],
    ['a way up with the other slash', () => zipSync({ '..\\evil.xml': strToU8('<a/>') }), 'badPath'],
    ['a root', () => zipSync({ '/etc/passwd': strToU8('x') }), 'badPath'],
    ['a bomb', () => zipSync({ 'a.xml': zeros }, { level: 1 }), 'tooMuch'],
    [
      'many that are too much together',
      () =>
        zipSync(Object.fromEntries(Array.from({ length: 13_000 }, (_, i) => [`${i}`, new Uint8Array(0)]))),
      'tooManyFiles',
    ],
  ])('%s', (_name, make, trouble) => expect(readArchive(make())).toEqual({ trouble }));

  test('a package without items says so, and names the file', () => {
    const files = (own: Record<string, string>) =>
      new Map(Object.entries(own).map(([name, text]) => [name, strToU8(text)]));
    const manifest = (href: string) =>
      `<manifest><resources><resource type="imsqti_item_xmlv2p1" href="${href}"/></resources></manifest>`;
    expect(readQtiPackage(files({ 'a.txt': 'x' }), ids())).toEqual({ trouble: 'noItems', at: '' });
    expect(readQtiPackage(files({ 'imsmanifest.xml': manifest('gone.xml') }), ids())).toEqual({
      trouble: 'noItems',
      at: 'gone.xml',
    });
    expect(
      readQtiPackage(files({ 'imsmanifest.xml': manifest('../../a.xml'), 'a.xml': item('<p>Q</p>') }), ids()),
    ).toMatchObject({ rows: [{ question: { prompt: 'Q' } }] });
    // Items that name each other in a circle are read once each.
    expect(
      readQtiPackage(
        files({
          'a.xml': item('<p><img src="b.xml" alt=""/></p>'),
          'b.xml': item('<p><img src="a.xml" alt=""/></p>'),
        }),
        ids(),
      ),
    ).toMatchObject({ rows: [{}, {}] });
  });
});

test('what QTI has no place for is named', () => {
  const own = { ...full('text'), clock: 20, weight: 2 as const, trueAsOf: '2026-01-01', readAloud: true };
  if (own.answer.kind === 'text') own.answer.forgive.slips = true;
  expect(unsaidByQti(own)).toEqual(['clock', 'weight', 'dates', 'readAloud', 'forgive']);
  expect(picture('f', 'x').cutOf).not.toBeNull();
});

describe('text and formulas go out and come in to the letter', () => {
  test.each([
    'Solve $\\frac{1}{2} + \\sqrt{x}$ for $x_1$.',
    'The tide ___ twice a day.',
    '___ is where it begins, and ___ where it ends.',
    'snake_case, 2 * 3 * 4 and a ~ b stay as they are',
    '**Bold** and *slanted* and `code_with_marks*`',
    'Costs $5 to get in.',
  ])('%s', (prompt) => {
    const written = { ...blankQuestion(() => 'q'), prompt, answer: { kind: 'card' as const } };
    for (const version of ['2.1', '3.0'] as const) {
      const read = readItem(
        writeItem(written, 'item-1', version, () => null),
        () => 'i',
        () => null,
      );
      if ('wrong' in read) throw new Error(read.wrong);
      expect(plainText(read.question.prompt)).toBe(plainText(prompt));
      const formulas = (text: string) => text.match(/\$[^$\s][^$]*\$/g) ?? [];
      expect(formulas(read.question.prompt)).toEqual(formulas(prompt));
    }
  });
});

describe('what others write is read, or said item by item', () => {
  const read = (body: string, declarations: string, more = '', textAt?: (path: string) => string | null) => {
    const xml = `<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="i" title="T" adaptive="false" timeDependent="false">${declarations}<itemBody>${body}</itemBody>${more}</assessmentItem>`;
    const found = readItem(
      xml,
      () => 'i',
      () => null,
      textAt,
    );
    if ('wrong' in found) throw new Error(found.wrong);
    return found;
  };
  const said = (problems: { code: string; found: string }[]) =>
    problems.map(({ code, found }) => `${code} ${found}`);
  const choiceWith = (
    inner: string,
    correct = '<correctResponse><value>a</value></correctResponse>',
    map = '',
  ) =>
    [
      `<p>Ebb or flood?</p><choiceInteraction responseIdentifier="RESPONSE" maxChoices="1">${inner}</choiceInteraction>`,
      `<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="identifier">${correct}${map}</responseDeclaration>`,
    ] as const;

  test('feedback beside an option is no part of it, and tells the key to nobody', () => {
    const { question: one, problems } = read(
      ...choiceWith(
        '<simpleChoice identifier="a">ebb<feedbackInline identifier="a" outcomeIdentifier="F">Yes, it falls.</feedbackInline></simpleChoice><simpleChoice identifier="b">flood<feedbackInline identifier="b" outcomeIdentifier="F">No, it rises.</feedbackInline></simpleChoice>',
      ),
    );
    const { answer } = one;
    expect(answer.kind === 'choice' && answer.options.map((option) => option.text)).toEqual(['ebb', 'flood']);
    expect(one.onRight).toBe('Yes, it falls.');
    expect(said(problems)).toContain('unsaid No, it rises.');
  });
  test('marks that ours cannot be are said', () => {
    const map =
      '<mapping defaultValue="0"><mapEntry mapKey="a" mappedValue="1"/><mapEntry mapKey="b" mappedValue="0.5"/></mapping>';
    const two =
      '<simpleChoice identifier="a">ebb</simpleChoice><simpleChoice identifier="b">flood</simpleChoice>';
    const { problems } = read(...choiceWith(two, '', map));
    expect(said(problems).join()).toContain('unsaid 1, 0.5');
    const own =
      '<responseProcessing><responseCondition><responseIf><match><variable identifier="RESPONSE"/><correct identifier="RESPONSE"/></match><setOutcomeValue identifier="SCORE"><baseValue baseType="float">3</baseValue></setOutcomeValue></responseIf><responseElse><setOutcomeValue identifier="SCORE"><baseValue baseType="float">-1</baseValue></setOutcomeValue></responseElse></responseCondition></responseProcessing>';
    const special = read(...choiceWith(two), own);
    expect(said(special.problems).join()).toContain('responseProcessing 3, -1');
  });
  test('a span of right numbers is read from the scoring', () => {
    const { question: one } = read(
      '<p>How many? <textEntryInteraction responseIdentifier="RESPONSE"/></p>',
      '<responseDeclaration identifier="RESPONSE" cardinality="single" baseType="float"><correctResponse><value>10</value></correctResponse></responseDeclaration>',
      '<responseProcessing><responseCondition><responseIf><and><gte><variable identifier="RESPONSE"/><baseValue baseType="float">8</baseValue></gte><lte><variable identifier="RESPONSE"/><baseValue baseType="float">12</baseValue></lte></and><setOutcomeValue identifier="SCORE"><baseValue baseType="float">1</baseValue></setOutcomeValue></responseIf></responseCondition></responseProcessing>',
    );
    expect(one.answer).toMatchObject({ key: 10, marking: 'within', tolerance: 2, percent: false });
  });
  test('a passage that items share comes before what is asked; a gap keeps its sentence', () => {
    const xml =
      '<qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="i" title="T" adaptive="false" time-dependent="false"><qti-response-declaration identifier="RESPONSE" cardinality="single" baseType="string"/><qti-assessment-stimulus-ref identifier="s" href="passage.xml"/><qti-item-body><p>According to the passage, which?</p></qti-item-body></qti-assessment-item>';
    const passage =
      '<qti-assessment-stimulus xmlns="x" identifier="s"><qti-stimulus-body><p>The boat went out at noon.</p></qti-stimulus-body></qti-assessment-stimulus>';
    const found = readItem(
      xml,
      () => 'i',
      () => null,
      (path) => (path === 'passage.xml' ? passage : null),
    );
    if ('wrong' in found) throw new Error(found.wrong);
    expect(found.question.prompt).toBe('The boat went out at noon.\n\nAccording to the passage, which?');
    const gaps = read(
      '<gapMatchInteraction responseIdentifier="RESPONSE"><gapText identifier="w">winter</gapText><p>Now is the <gap identifier="g"/> of our discontent.</p></gapMatchInteraction>',
      '<responseDeclaration identifier="RESPONSE" cardinality="multiple" baseType="directedPair"/>',
    );
    expect(gaps.question.prompt).toBe('Now is the ___ of our discontent.');
  });
  test('a package keeps its base, its order and what can be read; each broken part is named', () => {
    const item = (n: number) =>
      writeItem({ ...blankQuestion(() => 'q'), prompt: `Item ${n}` }, `i${n}`, '2.1', () => null);
    const resource = (n: number) =>
      `<resource identifier="r${n}" type="imsqti_item_xmlv2p1" href="i${n}.xml"/>`;
    const files = new Map(
      Object.entries({
        'pack/imsmanifest.xml': `<manifest xmlns="http://www.imsglobal.org/xsd/imscp_v1p1"><resources xml:base="items/">${[1, 2, 3, 4].map(resource).join('')}<resource identifier="t" type="imsqti_test_xmlv2p1" href="test.xml"/></resources></manifest>`,
        'pack/items/i1.xml': item(1),
        'pack/items/i2.xml': item(2),
        'pack/items/i3.xml': '<assessmentItem><broken',
        'pack/items/test.xml':
          '<assessmentTest><testPart><assessmentSection><assessmentItemRef href="i2.xml"/><assessmentItemRef href="i1.xml"/></assessmentSection></testPart></assessmentTest>',
      }).map(([path, text]) => [path, new TextEncoder().encode(text)]),
    );
    const found = readQtiPackage(files, () => 'i');
    if ('trouble' in found) throw new Error(found.trouble);
    expect(found.rows.map((row) => row.question.prompt)).toEqual(['Item 2', 'Item 1']);
    expect(found.broken).toEqual(['pack/items/i3.xml', 'pack/items/i4.xml']);
    expect(found.rows.flatMap((row) => row.problems).map((one) => one.code)).not.toContain('badMedia');
  });
});
