/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { blankQuestion, type Question } from '@distaff/core/question';
import { newRound, showFor, type Show } from '@distaff/core/show';
import { createPinia, setActivePinia } from 'pinia';
import { held } from '../../test/fakeServer.ts';
import { server } from '../../api/server.ts';
import { useEditor } from '../editor.ts';
import { useShowCheck } from './showCheck.ts';

let n = 0;
const newId = () => `i${n++}`;
const asked = (id: string): Question => ({
  ...blankQuestion(() => id),
  prompt: `Which knot is ${id}?`,
  answer: { kind: 'aloud', key: 'bowline' },
});
function showOf(count: number): Show {
  const show = showFor('venue', 'Evening', newId, (i) => `Team ${i}`);
  const round = newRound('quiz', newId);
  const ids = Array.from({ length: count }, (_, i) => `q${i}`);
  show.rounds = [
    { ...round, content: { ...round.content, items: ids.map((id) => ({ id, points: null })) } } as never,
  ];
  show.questions = Object.fromEntries(ids.map((id) => [id, asked(id)]));
  return show;
}
const remark = { code: 'longOnStage', weight: 'should', params: {}, mend: null } as never;
const fits = async () => ({ stage: null, handset: false });

let check: ReturnType<typeof useShowCheck>;
let editor: ReturnType<typeof useEditor>;
beforeEach(async () => {
  setActivePinia(createPinia());
  jest.spyOn(server, 'pace').mockRejectedValue(new Error('none'));
  jest.spyOn(server, 'show').mockResolvedValue({
    version: 1,
    show: showOf(3),
    role: 'owner',
    owner: null,
    unowned: false,
    link: null,
  } as never);
  jest.spyOn(server, 'showFacts').mockResolvedValue({ newer: [], media: {} } as never);
  jest.spyOn(server, 'changeShow').mockImplementation(async (_, version) => ({
    version: version + 1,
    otherwise: [],
  }));
  editor = useEditor();
  await editor.load('show');
  check = useShowCheck();
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});
const codes = () => check.findings.map(({ code }) => code);

test('an unfinished question is found when the writing rests, and its being mended', async () => {
  jest.useFakeTimers();
  expect(check.blocked).toBe(false);
  const before = check.findings.length;
  editor.show!.questions.q1!.answer = { kind: 'aloud', key: '' };
  await jest.advanceTimersByTimeAsync(3000);
  expect(check.findings.length).toBeGreaterThan(before);
  editor.show!.questions.q1!.answer = { kind: 'aloud', key: 'hitch' };
  expect(check.lookNow()).toBe(before);
});

describe('measuring on the real screens', () => {
  test('goes through every question, says how far it is, and keeps what it found', async () => {
    const seen: [string, object | null][] = [];
    await check.ask(true, async ({ id }) => {
      seen.push([id, check.measuring && { ...check.measuring }]);
      return { stage: id === 'q1' ? remark : null, handset: id === 'q2' };
    });
    expect(seen).toEqual([
      ['q0', { n: 0, of: 3 }],
      ['q1', { n: 1, of: 3 }],
      ['q2', { n: 2, of: 3 }],
    ]);
    expect(check.measuring).toBeNull();
    expect(check.findings.map(({ question }) => question)).toEqual(expect.arrayContaining(['q1', 'q2']));
  });

  test('leaves out what is unfinished: it would look otherwise', async () => {
    editor.show!.questions.q1!.prompt = '';
    const seen: string[] = [];
    await check.ask(true, async ({ id }) => (seen.push(id), { stage: null, handset: false }));
    expect(seen).toEqual(['q0', 'q2']);
  });

  test('begun anew ends the one before, which says nothing more', async () => {
    const slow = held<void>();
    const first = check.ask(true, () => slow.until.then(() => ({ stage: remark, handset: true })));
    await new Promise((go) => setTimeout(go, 10));
    const second = check.ask(true, fits);
    slow.release();
    await Promise.all([first, second]);
    expect(codes()).not.toContain('tooLongForHandset');
    expect(check.measuring).toBeNull();
  });

  test('is broken off where the screens went out of sight', async () => {
    let measured = 0;
    const all = check.ask(true, async () => {
      if (++measured === 2) check.stop();
      return { stage: remark, handset: true };
    });
    await all;
    expect([measured, check.measuring]).toEqual([2, null]);
    expect(check.findings.filter(({ question }) => question !== null)).toEqual([]);
  });

  test('what was measured of one show is not said of another', async () => {
    await check.ask(true, async () => ({ stage: remark, handset: true }));
    const before = check.findings.length;
    await editor.load('another');
    expect(check.lookNow()).toBeLessThan(before);
  });
});
