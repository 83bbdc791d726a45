/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { handsetView, nextStep, seatView } from '@distaff/core/sitting';
import { nextTick, shallowReactive, watch } from 'vue';
import { quizOf } from '../../../../core/src/sitting/test/quizOf.ts';
import { Table } from '../../../../core/src/sitting/test/table.ts';
import { endApps, inApp } from '../../test/inApp.ts';
import { useSpoken, type SpokenOf } from './useSpoken.ts';

afterEach(endApps);

const options = ['Ebb', 'Flood'].map((text) => ({ id: text, text }));
const ebb = { kind: 'choice', options, key: 'Ebb' } as const;
const opinion = { kind: 'opinion', options } as const;

/** A phone at a real table: `see` shows it what the table shows, what everybody sees first or last. */
function phoneAt(table: Table, everybodyFirst: boolean) {
  const all = () => handsetView(table.state).question;
  const own = () => seatView(table.state, 's0')!;
  const shown = shallowReactive<SpokenOf>({ question: all(), seat: own(), topic: 'Tides', now: table.now });
  const heard: string[] = [];
  inApp(() => {
    const said = useSpoken(() => shown);
    watch(said, (words) => words && heard.push(words), { flush: 'sync' });
  });
  async function see() {
    shown.now = table.now;
    const parts = [() => (shown.question = all()), () => (shown.seat = own())];
    for (const part of everybodyFirst ? parts : parts.reverse()) {
      part();
      await nextTick();
    }
  }
  return { heard, see };
}

describe.each([
  ['what everybody sees', true],
  ['what this seat sees', false],
])('a screen reader, where %s comes first', (_, everybodyFirst) => {
  test('hears question, sent, verdict and points, and nothing of the question before', async () => {
    const table = new Table(quizOf([ebb, ebb, opinion]));
    const { heard, see } = phoneAt(table, everybodyFirst);
    /** The host's next steps up to one that was taken; seen one by one, or all at once as hosts do who join them. */
    const go = async (until: 'open' | 'settled', seen = see) => {
      do {
        table.do(nextStep(table.state).command!);
        await seen();
      } while (table.state.question?.step !== until);
      await see();
      return heard.splice(0);
    };
    expect(await go('open')).toEqual(['Tides. Ask 0']);
    table.pick('s0', 'Ebb');
    await see();
    expect(heard.splice(0)).toEqual(['Your answer is in.']);
    expect((await go('settled')).at(-1)).toBe('Correct. The correct answer: Ebb. +100 points.');
    expect(await go('open')).toEqual(['Tides. Ask 1']);
    table.pick('s0', 'Flood');
    await see();
    heard.splice(0);
    expect((await go('settled')).at(-1)).toBe('Wrong. The correct answer: Ebb.');
    expect(await go('open', async () => {})).toEqual(['Tides. Ask 2']);
  });
});
