import { describe, expect, test } from '@jest/globals';
import { checkShow } from './check.ts';
import { leftOutFor } from './leaveOut.ts';
import { newRound } from '../newRound.ts';
import { formats, type FormatName } from '../../formats/index.ts';
import { rulesWith } from '../../formats/rules.ts';
import type { CheckFacts } from './finding.ts';
import type { Question } from '../../question/question.ts';
import type { Show } from '../show.ts';
import { boardOf, picture, question, sampleShow } from '../../sitting/test/table.ts';

let n = 0;
const newId = () => `c${n++}`;
const options = ['one', 'two', 'three'].map((text) => ({ id: text, text }));
/** A sound question: nothing is to be said of it. */
const sound = (id: string, change: Partial<Question> = {}): Question => ({
  ...question(id, `What is ${id}?`, { kind: 'choice', options, key: 'two' }),
  picture: null,
  answerPicture: null,
  explanation: '',
  ...change,
});
/** A quiz of four questions for two teams, each worth 100, in turn. */
function quiz(change: (show: Show) => void = () => {}): Show {
  const show: Show = { ...sampleShow(), questions: {} };
  show.teams = show.teams.slice(0, 2);
  const round = newRound('quiz', newId) as Extract<Show['rounds'][number], { format: 'quiz' }>;
  round.rules = rulesWith({ floor: 'turn', clock: 20 });
  for (const id of ['a', 'b', 'c', 'd']) {
    show.questions[id] = sound(id);
    round.content.items.push({ id, points: null });
  }
  show.rounds = [round];
  change(show);
  return show;
}
const first = (show: Show) => show.rounds[0] as Extract<Show['rounds'][number], { format: 'quiz' }>;
const facts: CheckFacts = { today: '2026-06-01', newer: [], media: {}, reachable: true, sound: true };

describe('the check before the doors, case by case', () => {
  test('a sound show has nothing to be said of it', () => {
    expect(checkShow(quiz(), facts)).toEqual([]);
  });
  test.each<[string, (show: Show) => void, CheckFacts, string]>([
    ['turns that do not come out even', (s) => void first(s).content.items.pop(), {}, 'listUneven'],
    ['a value that decides everything', (s) => (first(s).content.items[3]!.points = 1000), {}, 'oneDecides'],
    [
      'a miss that nobody catches up',
      (s) => {
        first(s).rules = rulesWith({ floor: 'everyone', penalty: 'full' });
        first(s).content.items[3]!.points = 400;
      },
      {},
      'noWayBack',
    ],
    [
      'fewer than the rule asked for',
      (s) => {
        const rule = {
          sets: [],
          tags: [],
          kinds: [],
          difficulty: null,
          count: 12,
          repeat: 'never',
          shuffle: true,
          anew: false,
        } as const;
        first(s).content.rule = { ...rule, sets: [], tags: [], kinds: [] };
      },
      {},
      'ruleShort',
    ],
    [
      'ten tables that buzz by nine keys',
      (s) => {
        s.devices = { ...s.devices, mode: 'none' };
        s.teams = Array.from({ length: 10 }, (_, i) => ({ ...s.teams[0]!, id: `x${i}`, name: `X${i}` }));
        first(s).rules = rulesWith({ floor: 'buzz' });
      },
      {},
      'buzzKeys',
    ],
    [
      'closest wins, but one answers alone',
      (s) =>
        (s.questions.a!.answer = {
          kind: 'number',
          key: 5,
          marking: 'closest',
          tolerance: 0,
          percent: false,
          unit: '',
          units: [],
        }),
      {},
      'closestAlone',
    ],
    [
      'said aloud by everybody at once',
      (s) => {
        s.devices = { mode: 'each', score: 'players', combine: 'mean' };
        first(s).rules = rulesWith({ floor: 'everyone' });
        s.questions.a!.answer = { kind: 'aloud', key: 'it' };
      },
      {},
      'aloudForMany',
    ],
    ['teams by lists that nobody is on', (s) => (s.doors = { ...s.doors, teams: 'listed' }), {}, 'noSeats'],
    ['a stale fact', (s) => (s.questions.a!.checkAgainBy = '2026-05-31'), {}, 'remark stale'],
    [
      'a clock of the round shorter than reading',
      (s) => {
        s.questions.a!.prompt = `${'word '.repeat(40)}?`;
        first(s).rules.clock = 5;
      },
      {},
      'remark clockTooShort',
    ],
    [
      'a picture without words and maker',
      (s) => (s.questions.a!.picture = { ...picture('p', ''), credit: '', licence: '' }),
      {},
      'remark noAlt',
    ],
    [
      'a picture that is not there',
      (s) => (s.questions.a!.picture = picture('p', 'a')),
      { media: { p: null } },
      'mediaMissing',
    ],
    [
      'a picture of nine megabytes',
      (s) => (s.questions.a!.picture = picture('p', 'a')),
      { media: { p: 9_000_000 } },
      'mediaHeavy',
    ],
    [
      'a logo that is not there',
      (s) => (s.look = { theme: 'loft', logo: picture('logo', 'The lighthouse') }),
      { media: { logo: null } },
      'lookMissing',
    ],
    ['a newer state in the library', () => {}, { newer: ['b'] }, 'newer'],
    ['too long for a small phone', () => {}, { tooLongForHandset: ['c'] }, 'tooLongForHandset'],
    [
      'too long for the stage',
      () => {},
      {
        measured: new Map([
          ['d', { code: 'tooLongForStage', weight: 'should', params: { step: 'open' }, mend: null }],
        ]),
      },
      'remark tooLongForStage',
    ],
    ['an address that phones cannot come to', () => {}, { reachable: false }, 'loopback'],
    [
      'a sound in a browser that plays none',
      (s) => (s.questions.a!.sound = { file: 's', alt: 'a', credit: 'b', licence: 'c' }),
      { sound: false },
      'noSound',
    ],
  ])('%s', (_name, change, more, expected) => {
    const found = checkShow(quiz(change), { ...facts, ...more });
    expect(found.map((one) => (one.remark ? `remark ${one.remark.code}` : one.code))).toContain(expected);
    expect(found.every((one) => !one.mustMend)).toBe(true);
  });

  test('the most harmful stands first; each of a question says where it is', () => {
    const show = quiz((s) => {
      s.teams[1]!.name = s.teams[0]!.name;
      s.questions.b!.checkAgainBy = '2026-01-01';
      first(s).content.items.pop();
    });
    const found = checkShow(show, { ...facts, newer: ['c'], reachable: false });
    expect(found.map((one) => one.code)).toEqual(['teamsAlike', 'loopback', 'remark', 'listUneven', 'newer']);
    expect(found[2]).toMatchObject({ ref: 'b', question: 'b', round: first(show).id });
    const board = checkShow(sampleShow(), { ...facts, newer: ['q3'] });
    expect(board.find((one) => one.code === 'newer')).toMatchObject({
      ref: 'b:1',
      round: boardOf(sampleShow()).id,
    });
  });
});

describe('a round that is not ready', () => {
  const ofRound = (show: Show) => checkShow(show).filter((one) => one.mustMend && one.round);
  test.each((Object.keys(formats) as FormatName[]).filter((name) => formats[name].asks))(
    '%s is left out with what tells how it is played, and the doors may open',
    (format) => {
      const show = quiz((own) => {
        const howTo = {
          ...newRound('interlude', newId),
          content: { what: 'howTo', text: '', minutes: null },
        };
        own.rounds.push(howTo as Show['rounds'][number], newRound(format, newId));
      });
      const [finding] = ofRound(show);
      const out = leftOutFor(show, finding!);
      expect(out).toEqual(show.rounds.slice(1).map((one) => one.id));
      const left = { ...show, rounds: show.rounds.map((one) => ({ ...one, off: out.includes(one.id) })) };
      expect(ofRound(left as Show)).toEqual([]);
    },
  );
  test('stays where nothing else could be played', () => {
    const show = quiz((own) => void (own.rounds = [newRound('quiz', newId), newRound('climb', newId)]));
    expect(ofRound(show).length).toBeGreaterThan(0);
    for (const finding of ofRound(show)) expect(leftOutFor(show, finding)).toEqual([]);
  });
});
