import { describe, expect, test } from '@jest/globals';
import { isRefusal } from '../../refusal.ts';
import { resultsOf } from '../../report/results.ts';
import { defaultDevices } from '../../show/devices.ts';
import { checkShow } from '../../show/check/check.ts';
import { newRound } from '../../show/newRound.ts';
import type { Round, Show } from '../../show/show.ts';
import { stringsIn } from '../../sitting/test/stringsIn.ts';
import { everyKindShow, HOST, seatActor, Table } from '../../sitting/test/table.ts';
import { bookOf } from '../../sitting/view/book.ts';
import { clothOf } from '../../sitting/view/cloth.ts';
import { deskView } from '../../sitting/view/desk.ts';
import { outcomesOf } from '../../sitting/view/outcomes.ts';
import { handsetView } from '../../sitting/view/public.ts';
import { seatView } from '../../sitting/view/seat.ts';
import type { SurveyContent } from './content.ts';

/** Numbers of the questions without a key in a show with one of every kind. */
const OPINION = 'q8';
const SCALE = 'q9';
const WORDS = 'q10';

function surveyOf(
  content: Partial<SurveyContent>,
  ids: string[] = [OPINION],
  mode: 'none' | 'team' | 'each' = 'each',
): Show {
  const show = everyKindShow();
  const round = (title: string): Round => {
    const made = newRound('survey', () => title.toLowerCase());
    const items = ids.map((id) => ({ id, points: null }));
    return { ...made, title, content: { ...made.content, items, ...content } } as Round;
  };
  return { ...show, devices: { ...defaultDevices, mode }, rounds: [round('Before'), round('After')] };
}

/** More phones than the three with which a table begins. */
const PEOPLE = ['s0', 's1', 's2', 's3', 's4', 's5', 's6'];
function seated(show: Show): Table {
  const table = new Table(show);
  PEOPLE.slice(3).forEach((seat, i) => {
    const command = { type: 'takeSeat', seat, token: `x-${seat}`, name: `Guest ${i}`, team: 't0' } as const;
    table.send(command, seatActor(seat));
  });
  return table;
}
const next = (played: number) => ({ type: 'choose', ref: String(played) }) as const;
const asked = (show: Show): Table => seated(show).do('begin', next(0), 'pose', 'open');
const polled = (table: Table) => table.stage.question?.poll;

describe('without names', () => {
  const secret = { anonymous: true, shown: 'after' } as const;

  test('two evenings on which two people answered the other way round have the same log', () => {
    const evening = (slots: number[]) => {
      const table = asked(surveyOf(secret));
      slots.forEach((slot, i) => table.answer(`s${i}`, { slot }));
      // What was answered, in whatever order: receipts are the only thing that differs, and they name nobody.
      const said = table.sitting.log.filter(({ type }) => type === 'answered');
      return said.map((one) => JSON.stringify({ ...one, seq: 0, who: '', command: '' })).sort();
    };
    expect(evening([0, 1, 2, 2, 2])).toEqual(evening([2, 2, 0, 1, 2]));
  });

  test('the log names nobody who answered, nor when, and results tell no order', () => {
    const table = asked(surveyOf(secret, [WORDS]));
    const from = table.sitting.log.length;
    ['cold', 'dark', 'cold', 'rain', 'wind'].forEach((text, i) => {
      table.now += 1000;
      table.answer(`s${i}`, { text });
    });
    const events = table.sitting.log.slice(from);
    expect(events).toHaveLength(5);
    const known = new Set([...PEOPLE, ...PEOPLE.map((_, i) => `Player ${i}`), 't0', 't1', 't2']);
    expect(events.flatMap(stringsIn).filter((text) => known.has(text))).toEqual([]);
    expect(new Set(events.map(({ at }) => at)).size).toBe(1);
    table.do('lock', 'showAnswers', 'settle');
    const rows = resultsOf(table.state).responses;
    expect(rows.map(({ answer, player, team, seconds }) => [answer, player, team, seconds])).toEqual(
      ['cold', 'cold', 'dark', 'rain', 'wind'].map((text) => [text, '', '', null]),
    );
    expect(deskView(table.state).private.question!.responses).toEqual([]);
  });

  test('a receipt stops a second answer, and the same one sent again is no second one', () => {
    const table = asked(surveyOf(secret));
    expect(isRefusal(table.answer('s0', { slot: 1 }))).toBe(false);
    expect(table.answer('s0', { slot: 1 })).toEqual([]);
    expect(table.answer('s0', { slot: 2 })).toMatchObject({ refused: 'already' });
    expect(table.state.question!.responses).toHaveLength(1);
  });

  test('a place that came to another phone while the question was open answers the next one', () => {
    const table = asked(surveyOf(secret));
    table.now += 1000;
    table.send({ type: 'giveSeat', seat: 's0', token: 'y' }, HOST);
    expect(table.answer('s0', { slot: 1 })).toMatchObject({ refused: 'notNow' });
    expect(isRefusal(table.answer('s1', { slot: 1 }))).toBe(false);
  });

  test('of fewer than five answers nothing but their number is shown, to nobody', () => {
    const table = asked(surveyOf(secret));
    [0, 1, 1, 1].forEach((slot, i) => table.answer(`s${i}`, { slot }));
    table.do('lock', 'showAnswers');
    expect(polled(table)).toMatchObject({ said: 4, of: 7, few: true, outcome: null });
    expect(deskView(table.state).private.question!.poll!.outcome).toBeNull();
    expect(resultsOf(table.do('settle').state).responses).toEqual([]);
  });

  test.each([
    ['of fewer than five, at any step', 4, ['lock', 'showAnswers', 'showKey', 'settle', 'leave', 'close']],
    ['while the question is open, where nobody sees it live', 6, []],
  ] as const)('every picture is the same whatever was answered: %s', (_, people, steps) => {
    /** Everything that anybody can look at, after each step. */
    const pictures = (slots: number[]) => {
      const table = asked(surveyOf(secret));
      slots.slice(0, people).forEach((slot, i) => table.answer(`s${i}`, { slot }));
      const look = () => {
        const { state } = table;
        const seats = PEOPLE.map((seat) => seatView(state, seat));
        const book = bookOf(state, { team: null, play: null });
        return [
          table.stage,
          handsetView(state),
          deskView(state),
          seats,
          book,
          resultsOf(state),
          clothOf(state),
        ];
      };
      return [look(), ...steps.map((step) => (table.do(step), look()))];
    };
    expect(pictures([0, 0, 0, 0, 0, 0])).toEqual(pictures([2, 1, 2, 1, 0, 2]));
  });

  test('it locks by itself when every phone has answered, and a phone is shown nothing of its own', () => {
    const table = asked(surveyOf(secret));
    PEOPLE.slice(0, -1).forEach((seat) => table.answer(seat, { slot: 0 }));
    expect(table.state.question!.step).toBe('open');
    expect(seatView(table.state, 's0')!.given).toBeNull();
    table.answer(PEOPLE.at(-1)!, { slot: 1 });
    expect(table.state.question!.step).toBe('locked');
    // Sent again because the acknowledgement was lost: it has been taken, not come too late.
    expect(table.answer(PEOPLE.at(-1)!, { slot: 1 })).toEqual([]);
    expect(table.answer('s0', { slot: 2 })).toMatchObject({ refused: 'late' });
    expect(table.do('showAnswers').stage.question!.poll!.outcome).toMatchObject({ of: 7 });
  });

  test('unwanted words are in no picture until the host lets them through', () => {
    const table = asked(surveyOf(secret, [WORDS]));
    table.unwanted = (text) => text.includes('rude');
    ['rude thing', 'b', 'c', 'd', 'e', 'f'].forEach((text, i) => table.answer(`s${i}`, { text }));
    expect(deskView(table.state).private.question!.responses).toEqual([]);
    table.do('lock', 'showAnswers');
    expect(stringsIn(table.stage).join(' ')).not.toContain('rude');
    const [held] = deskView(table.state).private.question!.responses;
    table.do({ type: 'letThrough', who: held!.who, play: table.state.question!.play });
    expect(stringsIn(table.stage).join(' ')).toContain('rude thing');
  });
});

describe('what is shown, and when', () => {
  test.each([
    ['live', 'each', [true, true]],
    ['after', 'each', [false, true]],
    ['desk', 'each', [false, false]],
  ] as const)('%s: with every answer, and after the lock', (shown, _, [open, locked]) => {
    const table = asked(surveyOf({ anonymous: false, shown }));
    table.answer('s0', { slot: 1 });
    expect(table.stage.live).toMatchObject({ said: 1, of: 7, outcome: open ? { of: 1 } : null });
    table.do('lock');
    if (shown !== 'desk') table.do('showAnswers');
    table.do('showKey');
    expect(polled(table)!.outcome !== null).toBe(locked);
    expect(deskView(table.state).private.question!.poll!.outcome).toMatchObject({ of: 1 });
  });

  test('hands are counted where nobody has a phone, and own words written down as they are called', () => {
    const table = asked(surveyOf({ anonymous: true, shown: 'after' }, [SCALE, WORDS], 'none'));
    table.do({ type: 'countHands', counts: [1, 0, 2, 4, 3] }, 'lock', 'showAnswers');
    expect(polled(table)).toMatchObject({ said: 10, of: null, few: false, outcome: { of: 10, mean: 3.8 } });
    expect(table.stage.question!.answers).toBe(10);
    expect(table.send({ type: 'countHands', counts: [1] })).toMatchObject({ refused: 'already' });
    table.do('settle', 'leave', next(1), 'pose', 'open');
    expect(resultsOf(table.state).responses.map(({ answer }) => answer)).toEqual([
      '1 × 1',
      '2 × 3',
      '4 × 4',
      '3 × 5',
    ]);
    const { play } = table.state.question!;
    for (const text of ['cold', 'Cold', 'dark', 'wind', 'rain']) {
      table.do({ type: 'answerFor', team: '', play, answer: { text } });
      // Of a whole room nobody is the last.
      expect(table.state.question!.step).toBe('open');
    }
    table.do('lock', 'showAnswers', {
      type: 'group',
      play,
      words: ['cold', 'wind', 'rain'],
      into: 'Weather',
    });
    expect(polled(table)!.outcome).toMatchObject({
      groups: [{ name: 'Weather', count: 4 }],
      loose: [{ text: 'dark' }],
    });
    expect(table.send({ type: 'group', play, words: ['nobody wrote this'], into: 'X' })).toMatchObject({
      refused: 'notThere',
    });
    table.do({ type: 'group', play, words: ['wind', 'rain', 'cold'], into: null });
    expect(polled(table)!.outcome).toMatchObject({ groups: [] });
  });

  test('the second run of a question stands beside the first, and the next evening beside both', () => {
    const table = asked(surveyOf({ anonymous: false, shown: 'after', compare: 'before' }));
    table.answer('s0', { slot: 0 });
    table.do('lock', 'showAnswers');
    expect(polled(table)!.before).toBeNull();
    table.do('settle', 'leave', { type: 'begin', round: 1 }, next(0), 'pose', 'open');
    table.answer('s0', { slot: 2 });
    expect(polled(table)!.before).toBeNull();
    table.do('lock', 'showAnswers');
    expect(polled(table)!.before).toMatchObject({
      round: 'Before',
      outcome: { rows: [{ count: 1 }, {}, {}] },
    });
    table.do('settle', 'leave');
    expect(outcomesOf(table.state)).toMatchObject([{ outcome: { rows: [{}, {}, { count: 1 }] } }]);
  });
});

test('it brings nothing: scores, places and the winner stay as they were', () => {
  const table = asked(surveyOf({ anonymous: false }));
  PEOPLE.forEach((seat, i) => table.answer(seat, { slot: i % 3 }));
  table.do('showAnswers', 'settle', 'leave', 'close');
  expect(table.scores()).toEqual([0, 0, 0]);
  expect(table.state.ledger).toEqual([]);
});

test('a question with a key is left out, and the check says so', () => {
  const show = surveyOf({}, ['q0', OPINION]);
  const codes = checkShow(show).map(({ code }) => code);
  expect(codes).toContain('surveyKeyed');
  const table = new Table(show).do('begin');
  expect(table.state.round!.state).toMatchObject({ order: [{ id: OPINION }] });
  expect(
    checkShow(surveyOf({}, ['q0'])).some(({ code, mustMend }) => code === 'noQuestions' && mustMend),
  ).toBe(true);
});
