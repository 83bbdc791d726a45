import { expect } from '@jest/globals';
import { blankQuestion, type Question } from '@distaff/core/question';
import { defaultDoors, newRound, weaveAt, type Round, type Show } from '@distaff/core/show';
import {
  floors,
  formatNames,
  formatOf,
  rulesWith,
  type FormatName,
  type RoundRules,
} from '@distaff/core/formats';
import type { DeskView, HostCommand, SeatView } from '@distaff/core/sitting';
import { unique, type Host, type Visitor, type World } from './world.ts';

let n = 0;
const newId = () => `f${n++}`;
const TEAMS = ['Bowline', 'Fairlead', 'Leeward'];
const choice = (id: string): Question => ({
  ...blankQuestion(newId),
  id,
  prompt: `Prompt ${id}`,
  answer: {
    kind: 'choice',
    options: ['right', 'wrong', 'other'].map((text) => ({ id: text, text })),
    key: 'right',
  },
});

const polls = ({ format, content }: Round) => formatOf(format).polls(content) !== null;
/** The same, where nothing may be right or wrong. */
const opinion = (id: string): Question => {
  const { answer, ...one } = choice(id);
  return { ...one, answer: { kind: 'opinion', options: answer.kind === 'choice' ? answer.options : [] } };
};

/** Where a whole round would be long: what makes it short. */
const short: Partial<Record<FormatName, object>> = {
  counterweight: { covers: 3, most: 5 },
  climb: { climbs: 2 },
  claim: { rows: 3, columns: 3 },
  trail: { spaces: 8, specials: { 3: 'rest' }, target: 200 },
};

/** Every format in which something is asked, with every floor that it can have. */
export const matrix = formatNames.flatMap((format) => {
  const { asks, prescribes } = formatOf(format);
  if (!asks) return [];
  return (prescribes?.floor ? [prescribes.floor] : floors).map((floor) => ({ format, floor }));
});

/** A show with one round of a format, in which one team, whoever buzzes, or everyone answers three questions. */
export function showWith(format: FormatName, floor: RoundRules['floor']): Show {
  const ids = ['q0', 'q1', 'q2'];
  const round = newRound(format, newId) as Round;
  const afterWrong = { everyone: 'close', turn: 'handOn', buzz: 'buzz' } as const;
  round.rules = rulesWith({
    afterWrong: afterWrong[floor],
    penalty: 'full',
    ...formatOf(format).prescribes,
    floor,
    clock: null,
    lockout: 0,
    // Whoever is asked alone sees options of their own: here they stand as they were written.
    shuffleOptions: formatOf(format).alone({} as never) === null,
  });
  const content = { ...round.content, ...short[format] };
  round.content = formatOf(format).filled(content, ids) as Round['content'];
  return {
    title: format,
    teams: TEAMS.map((name, i) => ({ id: `t${i}`, name, weave: weaveAt(i) })),
    devices: { mode: 'team', score: 'teams', combine: 'mean' },
    doors: defaultDoors,
    rounds: [round],
    questions: Object.fromEntries(ids.map((id) => [id, polls(round) ? opinion(id) : choice(id)])),
  };
}

/** A sitting with its desk and a phone for each team. */
export interface Evening {
  host: Host;
  id: string;
  code: string;
  tokens: string[];
  desk: Visitor;
  seats: Visitor[];
}
export async function gather(world: World, host: Host, show: Show): Promise<Evening> {
  const { id, code } = await host.sitting(show);
  const desk = host.desk(id);
  const tokens = TEAMS.map(() => unique('token-token-token'));
  const seats = await Promise.all(
    tokens.map(async (token, i) => {
      const seat = world.connect({ as: 'handset', code });
      await seat.until(() => seat.last('view'));
      expect(await seat.join(`Of ${TEAMS[i]}`, `t${i}`, token)).toMatchObject({ ok: true });
      await seat.until(() => seat.last<SeatView>('seat'));
      return seat;
    }),
  );
  return { host, id, code, tokens, desk, seats };
}
/** Everybody comes back to the same sitting, on a server that has started again. */
export async function comeBack(world: World, evening: Evening): Promise<void> {
  const { id, code, tokens } = evening;
  evening.host = Object.assign(Object.create(Object.getPrototypeOf(evening.host)), evening.host, {
    world,
  }) as Host;
  evening.desk = evening.host.desk(id);
  evening.seats = tokens.map((token) => world.connect({ as: 'handset', code, token }));
  await evening.desk.until(() => evening.desk.last('view'));
  for (const seat of evening.seats) await seat.until(() => seat.last<SeatView>('seat'));
}
export const view = (desk: Visitor) => desk.last<DeskView>('view')!;

/** So often each is asked alone before the host ends it. */
const ENOUGH = 4;

/** Each answers the question that was asked of them alone, and goes on; the first one never knows it. */
async function askedAlone(
  { desk, seats }: Pick<Evening, 'desk' | 'seats'>,
  tell: (visitor: Visitor, command: object) => Promise<unknown>,
): Promise<true> {
  const { lines } = view(desk).private.alone!;
  if (lines.every(({ answered }) => answered >= ENOUGH)) {
    await tell(desk, { type: 'endRound' });
    return true;
  }
  for (const [i, seat] of seats.entries()) {
    const { play } = lines[i]!;
    if (play === null) continue;
    await tell(seat, { type: 'answer', play, answer: { slot: i === 0 ? 1 : 0 } });
    await tell(seat, { type: 'goOn', play });
  }
  return true;
}

/** What is done next: an answer of everybody who may, a choice, else the step that Space would do. */
async function goOn(
  { desk, seats }: Evening,
  tell: (visitor: Visitor, command: object) => Promise<unknown>,
): Promise<boolean> {
  const { question, round, phase, turn, private: own } = view(desk);
  if (phase === 'closed') return false;
  if (own.next.code === 'askingAlone') return askedAlone({ desk, seats }, tell);
  // The first who has not tried it yet is the quickest.
  const quickest = question
    ? TEAMS.findIndex((_, i) => !question.tries.some((one) => one.team === `t${i}`))
    : -1;
  if (question?.step === 'open' && question.mode === 'buzz' && question.floor === null && quickest >= 0) {
    await tell(seats[quickest]!, { type: 'buzz', play: question.play, pressed: Date.now() });
    await desk.until(() => view(desk).question?.floor === `t${quickest}`);
  } else if (question?.step === 'open') {
    const slot = (text: string) => question.options!.findIndex((option) => option.text === text);
    // The first one never knows it, the others do.
    const wanted = (i: number) => ({ slot: slot(i === 0 ? 'wrong' : 'right') });
    const who =
      question.floor === null ? [0, 1, 2] : [TEAMS.indexOf(TEAMS[Number(question.floor.slice(1))]!)];
    for (const i of who) await tell(seats[i]!, { type: 'answer', play: question.play, answer: wanted(i) });
    if (question.floor === null) return true;
  } else if (!question && round?.format === 'counterweight' && round.choosing) {
    const cover = round.covers.findIndex((one) => one.team === null);
    await tell(seats[Number(round.choosing.slice(1))]!, {
      type: 'act',
      act: { do: 'lift', cover, team: round.choosing },
    });
  } else if (!question && round?.format === 'climb' && !round.on && own.next.code === 'pick') {
    const team = `t${round.done.length + 1}`;
    await tell(desk, { type: 'act', act: { do: 'climber', team } });
  } else if (own.next.command) await tell(desk, own.next.command);
  else if (round?.format === 'board') {
    const cell = round.rows.flatMap((row) => row.cells).find((one) => one.state === 'open');
    await tell(desk, cell ? { type: 'choose', ref: cell.id } : ({ type: 'close' } satisfies HostCommand));
  } else if (round?.format === 'trail') {
    // To the start it can go at any time: a real die shows one.
    const done = round.pieces.some(({ lap }) => lap > 0);
    await tell(
      done ? desk : seats[Number(turn.slice(1))]!,
      done ? { type: 'close' } : { type: 'act', act: { do: 'roll', face: 1 } },
    );
  } else if (round?.format === 'claim') {
    const ref = round.squares.findIndex(({ isThere, group }) => isThere && group === null);
    await tell(seats[Number(turn.slice(1))]!, { type: 'choose', ref: String(ref) });
  } else throw new Error(`Nothing to do at ${question?.step ?? turn}: ${own.next.code}`);
  return true;
}
/** Plays an evening to its close. @returns who has what, and stands where. */
export async function playOut(
  evening: Evening,
  tell: (visitor: Visitor, command: object) => Promise<unknown>,
  each: () => Promise<void> = async () => {},
): Promise<{ team: string; score: number; place: number }[]> {
  await evening.desk.until(() => evening.desk.last('view'));
  for (let step = 0; step < 80; step++) {
    const { desk } = evening;
    const { seq, question } = view(desk);
    if (!(await goOn(evening, tell))) break;
    await desk.until(() => view(desk).seq > seq);
    // Small changes are gathered: what three of them did must have come.
    if (question?.step === 'open' || view(desk).timer?.alone === 'on')
      await new Promise((resolve) => setTimeout(resolve, 150));
    await each();
  }
  expect(view(evening.desk).phase).toBe('closed');
  return view(evening.desk).teams.map(({ id, score, place }) => ({ team: id, score, place }));
}
/** Who is out answers for honour, and may find the answers closed once those who count are done. */
export const once = async (visitor: Visitor, command: object) => {
  const told = await visitor.sendOn(command);
  if (told.refused !== 'late') expect([command, told]).toMatchObject([{}, { ok: true }]);
};
