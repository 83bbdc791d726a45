import {
  append,
  decide,
  LOG_VERSION,
  newSitting,
  openDoors,
  readLog,
  replay,
  type Actor,
  type Command,
} from '@distaff/core/sitting';
import { isRefusal } from '@distaff/core/refusal';
import { benchShow, median, tell } from './house.ts';

/*
 * How long the log of a large sitting takes to become its state again: a thousand players, a hundred
 * questions, all of them answered by everybody.
 */
const PLAYERS = 1000;
const QUESTIONS = 100;
const ROUNDS = 10;

const sitting = newSitting();
let n = 0;
const ask = (command: Command, actor: Actor = { role: 'host', id: 'host' }) => {
  const events = decide(sitting, `bench-${n++}`, command, { now: n, random: () => 0.5, actor });
  if (isRefusal(events)) throw new Error(`${command.type}: ${events.sentence}`);
  append(sitting, events);
};
const show = benchShow(QUESTIONS);
append(sitting, [openDoors(show, 'BENCH', 'open-doors', 0, { role: 'host', id: 'host' })].flat());
const seats = Array.from({ length: PLAYERS }, (_, i) => `seat-${i}`);
for (const [i, seat] of seats.entries())
  ask(
    { type: 'takeSeat', seat, token: seat, name: `Player ${i}`, team: show.teams[i % 2]!.id },
    { role: 'seat', id: seat },
  );
ask({ type: 'begin' });
for (let q = 0; q < QUESTIONS; q++) {
  ask({ type: 'choose', ref: String(q) });
  ask({ type: 'pose' });
  ask({ type: 'open' });
  const { play } = sitting.state.question!;
  for (const seat of seats)
    ask({ type: 'answer', play, answer: { text: 'neap' } }, { role: 'seat', id: seat });
  for (const type of ['showAnswers', 'showKey', 'settle', 'leave'] as const) ask({ type });
}
const times = [];
let same = true;
const scores = JSON.stringify([...sitting.state.scores]);
for (let i = 0; i < ROUNDS; i++) {
  const start = performance.now();
  const again = replay(sitting.log);
  times.push(performance.now() - start);
  same &&= JSON.stringify([...again.state.scores]) === scores;
}
tell('replay of a long log (ms)', median(times), { most: 500 }, { events: sitting.log.length, same });

/* The same from the store: every event through its schema. */
const stored = JSON.stringify(sitting.log);
const readings = [];
for (let i = 0; i < ROUNDS; i++) {
  const start = performance.now();
  readLog([{ version: LOG_VERSION, events: JSON.parse(stored) as unknown[] }]);
  readings.push(performance.now() - start);
}
tell('reading of a long log (ms)', median(readings), { most: 1500 }, { bytes: stored.length });
