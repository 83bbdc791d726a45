import { afterAll, afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { writeArchive, writeSetPackage } from '@distaff/core/interchange';
import { blankQuestion, type Question } from '@distaff/core/question';
import { createPinia, setActivePinia } from 'pinia';
import { localFiles } from '../../design/media/mediaUrl.ts';
import { fakeServer, held, refusal } from '../../test/fakeServer.ts';
import { workersHere } from '../../test/workerHere.ts';
import { useBring } from './bring.ts';

const workers = workersHere(() => import('./worker.ts'));
const sheet = (rows: string[]) => ['Question;Option 1;Option 2;Option 3;Answer', ...rows].join('\n');
const three = sheet(['What falls?;ebb;flood;;A', 'What rises?;ebb;flood;;', 'A knot?;bowline;brick;;A']);

let server: ReturnType<typeof fakeServer>;
let bring: ReturnType<typeof useBring>;
beforeEach(() => {
  setActivePinia(createPinia());
  bring = useBring();
  server = fakeServer({
    'POST /api/imports': ({ body }) => ({ id: 'i', count: (body as { questions: [] }).questions.length }),
    'GET /api/imports/*/progress': () => ({ progress: { stored: 1, of: 3 } }),
    'DELETE /api/imports/*': () => ({ count: 3 }),
    'POST /api/media': ({ query }) => ({ id: `kept-${query.get('name')}`, width: 4, height: 3 }),
  });
});
afterEach(() => {
  bring.stop();
  jest.restoreAllMocks();
});
afterAll(() => {
  workers.end();
  expect(workers.running()).toBe(0);
});

const sent = () =>
  server
    .of('POST /api/imports')
    .map(({ body }) => body as { set: string; source: string; questions: Question[] });

async function rowsOf(text: string) {
  await bring.take(text, 'pasted');
  await bring.read();
}

describe('a source', () => {
  test('is a sheet with columns that were guessed; its rows are read when asked', async () => {
    await bring.take(three, 'sheet.csv');
    expect([bring.step, bring.name, bring.look]).toMatchObject([
      'source',
      'sheet.csv',
      { kind: 'sheet', rows: 4 },
    ]);
    await bring.read();
    expect([bring.step, bring.done, bring.rows.length]).toEqual(['rows', null, 3]);
    expect(bring.rows[0]!.question).toMatchObject({ prompt: 'What falls?', answer: { kind: 'choice' } });
  });

  test('with questions as text is read at once', async () => {
    await bring.take('1. What is older?\nA) lamp\nB) bell\nAnswer: B\n', 'pasted');
    expect([bring.step, bring.rows.length, bring.rows[0]!.question.prompt]).toEqual([
      'rows',
      1,
      'What is older?',
    ]);
  });

  test('that is none is told, and nothing of the one before stays', async () => {
    await rowsOf(three);
    await bring.take('', 'empty.csv');
    expect([bring.step, bring.rows.length, bring.look]).toEqual(['source', 0, null]);
    expect(bring.problem?.code).toBe('empty');
  });

  test.each([
    ['sheet.csv', 25_000_001, 'tooBig'],
    ['sheet.csv', 24_000_000, 'small enough'],
    ['set.zip', 99_000_000, 'small enough'],
    ['set.zip', 100_000_001, 'tooBig'],
  ])('%s of %d bytes is %s', async (name, size, told) => {
    const file = { name, size, arrayBuffer: async () => new TextEncoder().encode(three).buffer };
    await bring.takeFile(file as unknown as File);
    expect(bring.problem?.code ?? 'small enough').toBe(told);
  });

  test('that is taken while another is read wins, however long the other takes', async () => {
    const first = rowsOf(sheet(Array.from({ length: 2000 }, (_, i) => `Ask ${i}?;ebb;flood;;A`)));
    await bring.take(three, 'second');
    await bring.read();
    await Promise.race([first, new Promise((go) => setTimeout(go, 300))]);
    expect([bring.name, bring.rows.length]).toEqual(['second', 3]);
  });
});

describe('rows', () => {
  beforeEach(() => rowsOf(three));

  test('with trouble are counted, listed alone, and written anew', () => {
    expect(bring.counts).toEqual({ all: 3, chosen: 3, troubled: 1 });
    bring.onlyTrouble = true;
    expect(bring.shown).toEqual([1]);
    const { question } = bring.rows[1]!;
    const answer = {
      ...question.answer,
      key: (question.answer as { options: { id: string }[] }).options[1]!.id,
    };
    bring.write(1, { ...question, answer } as Question);
    for (const problem of [...bring.rows[1]!.problems]) bring.mend(1, problem);
    expect([bring.counts.troubled, bring.shown]).toEqual([0, []]);
  });

  test('that are left out stay out, and come back', async () => {
    bring.leaveOut(1, true);
    bring.leaveOut(2, true);
    bring.leaveOut(2, false);
    expect(bring.counts.chosen).toBe(2);
    expect(await bring.bringIn('set')).toBe(true);
    expect(sent()).toMatchObject([{ set: 'set', source: 'pasted' }]);
    expect(sent()[0]!.questions.map(({ prompt }) => prompt)).toEqual(['What falls?', 'A knot?']);
  });

  test('of which one comes twice: mended is left out', async () => {
    await rowsOf(sheet(['What falls?;ebb;flood;;A', 'What falls?;ebb;flood;;A']));
    const twice = bring.rows[1]!.problems.find(({ code }) => code === 'twice')!;
    bring.mend(1, twice);
    expect([...bring.left]).toEqual([1]);
  });
});

describe('bringing in', () => {
  beforeEach(() => rowsOf(three));

  test('is told as done, and can be taken back', async () => {
    expect(await bring.bringIn('set')).toBe(true);
    expect([bring.step, bring.saving, bring.result]).toMatchObject([
      'done',
      false,
      { count: 3, takenBack: false },
    ]);
    await bring.takeBack();
    expect(bring.result).toMatchObject({ takenBack: true });
  });

  test('says how far it is, is not begun twice, and asks no more when it is over', async () => {
    const slow = held<void>();
    server.routes['POST /api/imports'] = () => slow.until.then(() => ({ id: 'i', count: 3 }));
    const all = bring.bringIn('set');
    expect(await bring.bringIn('set')).toBe(false);
    await new Promise((go) => setTimeout(go, 50));
    expect(bring.stored).toEqual({ n: 1, of: 3 });
    slow.release();
    expect([await all, bring.stored]).toEqual([true, null]);
    const asked = server.of('GET /api/imports/*/progress').length;
    await new Promise((go) => setTimeout(go, 600));
    expect(server.of('GET /api/imports/*/progress').length).toBeLessThanOrEqual(asked + 1);
  });

  test('that the server refuses keeps the rows, with its sentence', async () => {
    server.routes['POST /api/imports'] = () => refusal(403, 'notYours', 'You may not write into this set.');
    expect(await bring.bringIn('set')).toBe(false);
    expect([bring.step, bring.saving, bring.rows.length]).toEqual(['rows', false, 3]);
    expect(bring.problem).toEqual({ code: 'server', text: 'You may not write into this set.' });
  });

  test('that is broken off too late is taken back', async () => {
    const slow = held<void>();
    server.routes['POST /api/imports'] = () => slow.until.then(() => ({ id: 'i', count: 3 }));
    const all = bring.bringIn('set');
    await new Promise((go) => setTimeout(go, 20));
    await bring.breakOff();
    slow.release();
    expect([await all, bring.step, bring.result, bring.problem]).toEqual([false, 'rows', null, null]);
    expect(server.of('DELETE /api/imports/*').length).toBeGreaterThan(0);
  });
});

describe('with pictures', () => {
  const picture = (file: string) => ({
    file,
    width: 4,
    height: 3,
    alt: file,
    credit: '',
    licence: '',
    focus: { x: 0.5, y: 0.5 },
    cutOf: null,
  });
  const archive = () => {
    let n = 0;
    const questions = ['a', 'b'].map((file) => ({
      ...blankQuestion(() => `q${n++}`),
      prompt: `Seen ${file}`,
      answer: { kind: 'aloud' as const, key: 'it' },
      picture: picture(file),
    }));
    const bytes = new Uint8Array([137, 80, 78, 71, 13, 10, 26, 10]);
    const files = new Map(
      ['a', 'b'].map((file) => [file, { name: `${file}.png`, type: 'image/png', bytes }]),
    );
    const set = { title: 'Seen', description: '', folder: '', credit: '' };
    return writeArchive(writeSetPackage(set, questions as never, files as never));
  };
  beforeEach(async () => {
    await bring.take(archive(), 'seen.zip');
    expect(bring.problem).toBeNull();
  });

  test('files go first, and questions name them as the library does', async () => {
    expect([bring.step, bring.rows.length, localFiles.size]).toEqual(['rows', 2, 2]);
    expect(await bring.bringIn('set')).toBe(true);
    const names = sent()[0]!.questions.map(({ picture: own }) => own?.file);
    expect(names.every((one) => one?.startsWith('kept-'))).toBe(true);
    expect(server.asked[0]!.route).toBe('POST /api/media');
  });

  test('one that the server cannot take is left out and told; its question comes without', async () => {
    let n = 0;
    server.routes['POST /api/media'] = () =>
      n++ === 0 ? refusal(415, 'unreadable') : { id: 'kept', width: 4, height: 3 };
    expect(await bring.bringIn('set')).toBe(true);
    expect(sent()[0]!.questions.map(({ picture: own }) => own?.file ?? null)).toEqual([null, 'kept']);
    expect(bring.refused).toHaveLength(1);
  });

  test('where the server is away nothing comes in', async () => {
    server.routes['POST /api/media'] = () => refusal(503, 'away', 'Not just now.');
    expect(await bring.bringIn('set')).toBe(false);
    expect([bring.problem?.text, sent()]).toEqual(['Not just now.', []]);
  });

  test('and another source, nothing of them stays in the page', async () => {
    await bring.take(three, 'sheet');
    expect(localFiles.size).toBe(0);
  });
});
