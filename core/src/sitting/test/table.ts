import type { RoundOf, Show } from '../../show/show.ts';
import { defaultDevices } from '../../show/devices.ts';
import { defaultDoors } from '../../show/doors.ts';
import { rulesWith, type RoundRules } from '../../formats/rules.ts';
import { weaveAt } from '../../show/weave.ts';
import { append, newSitting } from '../sitting.ts';
import { handedOut } from '../../document/handedOut.ts';
import { blankQuestion } from '../../question/question.ts';
import { decide } from '../decide/index.ts';
import { isRefusal } from '../../refusal.ts';
import { openDoors } from '../openDoors.ts';
import { stageView } from '../view/stage.ts';
import type { Actor, LoggedEvent } from '../events.ts';
import type { AnswerContent } from '../../question/kinds/index.ts';
import type { Command } from '../command.ts';
import type { Picture } from '../../media/media.ts';
import type { Question } from '../../question/question.ts';
import type { Refusal } from '../../refusal.ts';
import type { Sitting } from '../state.ts';

export const HOST: Actor = { role: 'host', id: 'host' };
export const CLOCK: Actor = { role: 'clock', id: '' };
export const seatActor = (id: string): Actor => ({ role: 'seat', id });

/** Words that stand in keys and notes only, so that a view which holds one of them leaks. */
export const SECRET = 'SECRETWORD';

/** A picture that was cut out of another one, which is a secret. */
export const picture = (file: string, alt: string): Picture => ({
  file,
  width: 400,
  height: 300,
  alt,
  credit: 'Ansa',
  licence: 'CC0 1.0',
  focus: { x: 0.5, y: 0.5 },
  cutOf: { file: `${SECRET}-whole`, x: 0, y: 0, width: 0.5, height: 1 },
});

/** A question with secrets in every field that is not for the audience before the key. */
export const question = (id: string, prompt: string, answer: AnswerContent): Question => ({
  ...blankQuestion(() => id),
  prompt,
  answer,
  picture: picture(`picture-of-${id}`, 'Something seen'),
  answerPicture: picture(`${SECRET}-key-of-${id}`, `${SECRET} seen with the key of ${id}`),
  notes: `${SECRET} notes of ${id}`,
  explanation: `${SECRET} explanation of ${id}`,
  onRight: `${SECRET} praise of ${id}`,
  onWrong: `${SECRET} comfort of ${id}`,
  credit: `${SECRET} credit of ${id}`,
});

const FORGIVING = { case: true, accents: true, articles: true, slips: false };
/** Options, the first with a picture. */
const some = (...texts: string[]) =>
  texts.map((text, i) => ({
    id: `k${i + 1}`,
    text,
    ...(i === 0 ? { picture: picture('picture-of-option', 'An option seen') } : {}),
  }));

/**
 * One question of every kind, each with a right and a wrong answer as a handset sends it while
 * nothing is shuffled; "order" and "reverse" are to be worked out from what is laid out.
 */
export function everyKind(): { answer: AnswerContent; right: unknown; wrong: unknown }[] {
  const options = some('Option 1', 'Option 2', 'Option 3');
  const pairs = [
    { id: 'k1', left: 'ebb', right: 'falls' },
    { id: 'k2', left: 'flood', right: 'rises' },
  ];
  return [
    { answer: { kind: 'choice', options, key: 'k2' }, right: { slot: 1 }, wrong: { slot: 0 } },
    {
      answer: { kind: 'many', options, keys: ['k1', 'k3'], marking: 'minus' },
      right: { slots: [2, 0] },
      wrong: { slots: [1] },
    },
    {
      answer: { kind: 'truefalse', key: false, words: { true: 'True', false: 'False' } },
      right: { slot: 1 },
      wrong: { slot: 0 },
    },
    {
      answer: { kind: 'text', accepted: [`${SECRET} neap`, 'neap'], forgive: FORGIVING },
      right: { text: 'a Neap' },
      wrong: { text: 'spring' },
    },
    {
      answer: {
        kind: 'number',
        key: 7314.5,
        marking: 'within',
        tolerance: 1,
        percent: true,
        unit: 'm',
        units: [{ name: 'km', factor: 1000 }],
      },
      right: { text: '7,3145 km' },
      wrong: { text: '12' },
    },
    { answer: { kind: 'order', options, marking: 'pairs' }, right: 'order', wrong: 'reverse' },
    { answer: { kind: 'match', pairs, extras: [], marking: 'pairs' }, right: 'order', wrong: 'reverse' },
    { answer: { kind: 'aloud', key: `${SECRET} figure of eight` }, right: null, wrong: null },
    { answer: { kind: 'opinion', options }, right: null, wrong: { slot: 1 } },
    {
      answer: { kind: 'scale', steps: 5, from: 1, low: 'Not at all', high: 'Completely' },
      right: null,
      wrong: { step: 4 },
    },
    { answer: { kind: 'words' }, right: null, wrong: { text: 'the cold' } },
    { answer: { kind: 'card' }, right: null, wrong: null },
  ];
}

/** The first round of a show, which is a board. */
export const boardOf = (show: Show): RoundOf<'board'> => show.rounds[0] as RoundOf<'board'>;

/** Where the question of the kind with this number lies: a column is no longer than a board may be. */
export const cellOfKind = (i: number): string => (i < ROWS ? `a:${i}` : `b:${i - ROWS}`);
const ROWS = 10;

/** A board with a question of every kind, worth 100 each. */
export function everyKindShow(rules: Partial<RoundRules> = {}): Show {
  const show = sampleShow(rules);
  const kinds = everyKind();
  show.questions = Object.fromEntries(
    kinds.map(({ answer }, i) => [`q${i}`, question(`q${i}`, `Prompt ${i}`, answer)]),
  );
  boardOf(show).content = {
    categories: [
      { id: 'a', name: 'Kinds' },
      { id: 'b', name: 'More kinds' },
    ],
    values: Array.from({ length: ROWS }, (_, i) => ({ id: `${i}`, points: 100 })),
    cells: Object.fromEntries(kinds.map((_, i) => [cellOfKind(i), { question: `q${i}`, value: null }])),
  };
  return show;
}

/** A board of 2 × 2: choice, typed text, said aloud, and a cell worth a negative value. */
export function sampleShow(rules: Partial<RoundRules> = {}, key = 'k2'): Show {
  const options = some('Option 1', 'Option 2', 'Option 3');
  return {
    title: 'Sample',
    teams: ['Bowline', 'Fairlead', 'Leeward'].map((name, i) => ({ id: `t${i}`, name, weave: weaveAt(i) })),
    devices: defaultDevices,
    doors: defaultDoors,
    rounds: [
      {
        id: 'r',
        format: 'board',
        title: 'Round one',
        rules: rulesWith({ penalty: 'full', ...rules }),
        content: {
          categories: [
            { id: 'a', name: 'Tides' },
            { id: 'b', name: 'Knots' },
          ],
          values: [
            { id: '1', points: 100 },
            { id: '2', points: 200 },
          ],
          cells: {
            'a:1': { question: 'q1', value: null },
            'a:2': { question: 'q2', value: null },
            'b:1': { question: 'q3', value: 150 },
            'b:2': { question: 'q4', value: -50 },
          },
        },
      },
    ],
    questions: {
      q1: question('q1', 'Choose', { kind: 'choice', options, key }),
      q2: question('q2', 'Type', {
        kind: 'text',
        accepted: [`${SECRET} neap tide`, 'neap'],
        forgive: FORGIVING,
      }),
      q3: question('q3', 'Say', { kind: 'aloud', key: `${SECRET} figure of eight` }),
      q4: question('q4', 'Choose again', { kind: 'choice', options, key }),
    },
  };
}

/** A sitting that is played by calling it; time and command ids are handed out in order. */
export class Table {
  sitting: Sitting = newSitting();
  now = 1_000_000;
  #count = 0;
  #receipts = new Map<string, string>();
  random = () => 0.3;
  /** What the server knows of networks, for buzzers and for who is waited for. */
  roundTrip = 0;
  window = 0;
  present: (seat: string) => boolean = () => true;
  unwanted: (text: string) => boolean = () => false;
  backAt: (seat: string) => number | null = () => null;

  constructor(show: Show = sampleShow()) {
    append(this.sitting, [openDoors(show, 'CDFGH', 'doors', this.now, HOST)]);
    show.teams.forEach((team, i) => {
      const seat = {
        type: 'takeSeat',
        seat: `s${i}`,
        token: `x${i}`,
        name: `Player ${i}`,
        team: team.id,
      } as const;
      this.send(seat, seatActor(`s${i}`));
    });
  }

  /** To be looked at: rules and views get it as everybody does, and whoever changes it fails. */
  get state() {
    return handedOut(this.sitting.state);
  }

  send(command: Command, actor: Actor = HOST, id = `c${this.#count++}`): LoggedEvent[] | Refusal {
    const { now, random, roundTrip, window, present, unwanted, backAt } = this;
    const receipt = (play: number) => this.#receiptOf(`${actor.id} ${play}`);
    const context = { now, random, actor, roundTrip, window, present, unwanted, backAt, receipt };
    const shown = { log: this.sitting.log, state: this.state };
    const result = decide(shown, id, command, context);
    if (!isRefusal(result)) append(this.sitting, result);
    return result;
  }

  /** The same each time for one who answers a question; a number tells of nobody. */
  #receiptOf(who: string): string {
    const known = this.#receipts.get(who) ?? `receipt-${this.#receipts.size}`;
    this.#receipts.set(who, known);
    return known;
  }

  /** Sends host commands in a row and fails on the first refusal. */
  do(...commands: (Command | Command['type'])[]): this {
    for (const one of commands) {
      const command = (typeof one === 'string' ? { type: one } : one) as Command;
      const result = this.send(command);
      if (isRefusal(result)) throw new Error(`${command.type}: ${result.says}`);
    }
    return this;
  }

  choose(ref: string): this {
    return this.do({ type: 'choose', ref });
  }

  /** An answer of `everyKind` as a handset sends it for the question that is laid out now. */
  wire(answer: unknown): unknown {
    if (answer !== 'order' && answer !== 'reverse') return answer;
    const { order } = this.state.question!;
    const slots = order.map((_, i) => order.indexOf(i));
    return { slots: answer === 'order' ? slots : slots.reverse() };
  }

  /** The slot in which the option with this text stands. */
  slot(text: string): number {
    const play = this.state.question!;
    const answer = this.state.show.questions[play.question]!.answer;
    if (answer.kind !== 'choice') throw new Error('no options here');
    return play.order.findIndex((i) => answer.options[i]!.text === text);
  }

  answer(seat: string, wire: unknown): LoggedEvent[] | Refusal {
    const play = this.state.question?.play ?? 0;
    return this.send({ type: 'answer', play, answer: wire }, seatActor(seat));
  }

  pick(seat: string, text: string): LoggedEvent[] | Refusal {
    return this.answer(seat, { slot: this.slot(text) });
  }

  get stage() {
    return stageView(this.state);
  }

  scores(): number[] {
    const { ledger, teams } = this.state;
    return teams.map((team) =>
      ledger.filter((entry) => entry.team === team.id).reduce((sum, entry) => sum + entry.amount, 0),
    );
  }
}
