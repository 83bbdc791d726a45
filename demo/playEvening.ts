import {
  append,
  decide,
  nextStep,
  openDoors,
  replay,
  type Actor,
  type Command,
  type LoggedEvent,
} from '@distaff/core/sitting';
import { formatOf, type BoardView } from '@distaff/core/formats';
import { isRefusal } from '@distaff/core/refusal';
import { kindOf } from '@distaff/core/question';
import type { Random } from '@distaff/core/random';
import type { Show } from '@distaff/core/show';

const players = [
  ['Ansa', 'Corin', 'Merrit'],
  ['Tamsin', 'Oduya', 'Lowen'],
  ['Jory', 'Perrin', 'Sefa'],
  ['Wenna', 'Halim', 'Brisa'],
  ['Dorrit', 'Casimir', 'Nolwen'],
  ['Elowen', 'Rafe', 'Inka'],
];
/** Share of the easiest and of the hardest questions that each team knows. */
const skill = [
  [0.95, 0.6],
  [0.85, 0.35],
  [0.9, 0.5],
  [0.75, 0.3],
  [0.8, 0.45],
  [0.9, 0.25],
];

/**
 * Plays a whole show by the real engine with people who know some things and not others, and
 * returns its log. The same `random` plays the same evening.
 */
export function playEvening(
  show: Show,
  code: string,
  start: number,
  hostId: string,
  random: Random,
): LoggedEvent[] {
  const host: Actor = { role: 'host', id: hostId };
  const sitting = replay([openDoors(show, code, 'demo-doors', start, host)]);
  let now = start;
  let count = 0;
  const send = (command: Command, actor: Actor = host) => {
    const result = decide(sitting, `demo-${count++}`, command, { now, random, actor });
    if (isRefusal(result)) throw new Error(`${command.type}: ${result.says}`);
    append(sitting, result);
  };
  const wait = (from: number, to: number) => (now += Math.round((from + random() * (to - from)) * 1000));

  show.teams.forEach((team, t) =>
    (players[t] ?? []).forEach((name, p) => {
      wait(2, 20);
      const seat = `seat-${t}-${p}`;
      send(
        { type: 'takeSeat', seat, token: `demo-${seat}`, name, team: team.id },
        { role: 'seat', id: seat },
      );
    }),
  );
  wait(30, 60);
  send({ type: 'begin' });

  /** The team on the floor answers, rightly or not, by handset or aloud; sometimes nobody does. */
  const answer = () => {
    const play = sitting.state.question!;
    const floor = play.floor!;
    const team = show.teams.findIndex((one) => one.id === floor);
    const [easy, hard] = skill[team]!;
    const knows = random() < easy! + ((hard! - easy!) * (play.points - 100)) / 400;
    const written = show.questions[play.question]!;
    const kind = kindOf(written.answer.kind);
    wait(3, 14);
    if (kind.given !== 'handset')
      return send({ type: 'rule', team: floor, verdict: knows ? 'right' : 'wrong' });
    if (!knows && random() < 0.15) return send({ type: 'lock' });
    const seat = `seat-${team}-${Math.floor(random() * 3)}`;
    const { slots, texts } = kind.key(written.answer, play.order);
    const wrong = kind
      .options(written.answer, play.order)
      .map((_, slot) => slot)
      .filter((slot) => !slots.includes(slot) && !tried().includes(slot));
    const isChoice = written.answer.kind === 'choice';
    // Where every wrong option was tried, nobody says the last one for sport.
    if (isChoice && !knows && wrong.length === 0) return send({ type: 'lock' });
    const slot = knows ? slots[0] : wrong[Math.floor(random() * wrong.length)];
    const wire = slot === undefined ? { text: knows ? texts[0] : 'no idea' } : { slot };
    send({ type: 'answer', play: play.play, answer: wire }, { role: 'seat', id: seat });
  };
  const tried = () => {
    const play = sitting.state.question!;
    const content = show.questions[play.question]!.answer;
    return play.responses.flatMap((one) =>
      one.answer ? kindOf(content.kind).show(content, play.order, one.answer).slots : [],
    );
  };

  while (sitting.state.phase === 'round') {
    const { state } = sitting;
    const next = nextStep(state);
    if (next.code === 'pick') {
      const board = formatOf(state.round!.format).view(state.round!.state) as BoardView;
      const open = board.rows.flatMap((row) => row.cells.filter((cell) => cell.state === 'open').slice(0, 1));
      wait(4, 12);
      send({ type: 'choose', ref: open[Math.floor(random() * open.length)]!.id });
    } else if (next.code === 'lock') answer();
    else {
      wait(3, 9);
      if (next.code === 'close')
        send({ type: 'adjust', team: show.teams[3]!.id, amount: 50, reason: 'For the song in the break' });
      if (next.command) send(next.command);
      else throw new Error(`The evening stands still at ${next.code}.`);
    }
  }
  return sitting.log;
}
