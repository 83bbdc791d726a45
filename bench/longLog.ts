import {
  append,
  decide,
  newSitting,
  openDoors,
  type Actor,
  type Command,
  type Sitting,
} from '@distaff/core/sitting';
import { isRefusal } from '@distaff/core/refusal';
import { seeded } from '@distaff/core/random';
import { benchShow } from './house.ts';

/** An evening of so many players and questions, all of them answered by everybody, the weaker players and harder questions wrong more often. */
export function longEvening(players: number, questions: number, { close = false } = {}): Sitting {
  const sitting = newSitting();
  const random = seeded(`${players} × ${questions}`);
  let n = 0;
  const ask = (command: Command, actor: Actor = { role: 'host', id: 'host' }) => {
    const events = decide(sitting, `bench-${n++}`, command, { now: n, random: () => 0.5, actor });
    if (isRefusal(events)) throw new Error(`${command.type}: ${events.says}`);
    append(sitting, events);
  };
  const show = benchShow(questions);
  append(sitting, [openDoors(show, 'BENCH', 'open-doors', 0, { role: 'host', id: 'host' })].flat());
  const seats = Array.from({ length: players }, (_, i) => ({ id: `seat-${i}`, knows: random() }));
  for (const [i, { id }] of seats.entries())
    ask(
      { type: 'takeSeat', seat: id, token: id, name: `Player ${i}`, team: show.teams[i % 2]!.id },
      { role: 'seat', id },
    );
  ask({ type: 'begin' });
  for (let q = 0; q < questions; q++) {
    ask({ type: 'choose', ref: String(q) });
    ask({ type: 'pose' });
    ask({ type: 'open' });
    const { play } = sitting.state.question!;
    const hard = random();
    for (const { id, knows } of seats) {
      const text =
        random() < (1 + knows - hard) / 2 ? 'neap' : ['spring', 'ebb', 'flood'][Math.floor(random() * 3)]!;
      ask({ type: 'answer', play, answer: { text } }, { role: 'seat', id });
    }
    for (const type of ['showAnswers', 'showKey', 'settle', 'leave'] as const) ask({ type });
  }
  if (close) ask({ type: 'close' });
  return sitting;
}
