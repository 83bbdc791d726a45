import { LOG_VERSION, readLog, replay } from '@distaff/core/sitting';
import { median, tell } from './house.ts';
import { longEvening } from './longLog.ts';

/*
 * How long the log of a large sitting takes to become its state again: a thousand players, a hundred
 * questions, all of them answered by everybody.
 */
const PLAYERS = 1000;
const QUESTIONS = 100;
const ROUNDS = 10;

const sitting = longEvening(PLAYERS, QUESTIONS);
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
