import { Handset } from './handset.ts';
import { benchShow, House, median, startChild, tell } from './house.ts';

/*
 * Fifty sittings of twenty handsets on one server, each playing without a rest: a host who takes a step
 * every half second, twenty people who all answer within a second, thirteen questions a minute. Is one
 * sitting disturbed by the others? The one is played here, alone and with the others in turn; the others
 * are played by a process of their own (this file with the words it was given), so that what is
 * measured is how late the server is, not how busy the load is. All have come in before it is
 * measured; how a crowd comes in is measured by answers.ts.
 */
const SITTINGS = 50;
const HANDSETS = 20;
const QUESTIONS = 5;
/** More than the others can play while one is measured. */
const MANY = 40;
const ROUNDS = Number(process.env.ROUNDS ?? 7);
/** The answers of a room come over this long, and this long passes before each step of the host (ms). */
const ANSWERING = 1000;
const STEP = 500;
/** Until the others have all come in and play (ms). */
const WARM = 6000;
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Plays one sitting to the end. @returns the time to each acknowledgement, in ms. */
async function playOne(
  house: House,
  show: string,
  questions: number,
  startsAfter: number,
): Promise<number[]> {
  const desk = await house.sit(show);
  const handsets = Array.from(
    { length: HANDSETS },
    () => new Handset(house.url, { as: 'handset', code: desk.code }),
  );
  await Promise.all(handsets.map((one) => one.joined));
  const team = benchShow().teams[0]!.id;
  await Promise.all(
    handsets.map((one, i) =>
      one.ask('join', {
        id: `join-${desk.code}-${i}`,
        token: `token-${desk.code}-${i}`.padEnd(30, 'x'),
        name: `P${i}`,
        team,
      }),
    ),
  );
  await pause(startsAfter);
  await desk.send({ type: 'begin' });
  const times: number[] = [];
  for (let q = 0; q < questions; q++) {
    for (const command of [{ type: 'choose', ref: String(q) }, { type: 'pose' }, { type: 'open' }]) {
      await pause(STEP);
      await desk.send(command);
    }
    const play = await desk.play();
    await Promise.all(
      handsets.map(async (one, i) => {
        await pause((i / HANDSETS) * ANSWERING);
        const start = performance.now();
        const answer = await one.ask<{ ok?: true }>('command', {
          id: `answer-${desk.code}-${q}-${i}`,
          command: { type: 'answer', play, answer: { text: 'neap' } },
        });
        if (answer.ok !== true) throw new Error(JSON.stringify(answer));
        times.push(performance.now() - start);
      }),
    );
    for (const type of ['showAnswers', 'showKey', 'settle', 'leave']) {
      await pause(STEP);
      await desk.send({ type });
    }
  }
  for (const one of handsets) one.leave();
  desk.leave();
  return times;
}
const p99 = (times: number[]) => times.sort((a, b) => a - b)[Math.floor(times.length * 0.99)]!;

/** Plays all the other sittings, each a little later than the one before, until killed. */
async function playOthers(url: string, cookie: string, show: string): Promise<void> {
  const house = House.visit(url, cookie);
  process.send!('ready');
  const keepPlaying = async (i: number) => {
    await pause((i / SITTINGS) * WARM * 0.8);
    await playOne(house, show, MANY, 500);
  };
  await Promise.all(Array.from({ length: SITTINGS - 1 }, (_, i) => keepPlaying(i)));
}

async function measure(): Promise<void> {
  const house = new House();
  try {
    await house.open();
    const { id: show } = await house.post('/api/shows', { show: benchShow(MANY) });
    await playOne(house, show, QUESTIONS, 0);
    const alone: number[] = [];
    const together: number[] = [];
    for (let round = 0; round < ROUNDS; round++) {
      alone.push(p99(await playOne(house, show, QUESTIONS, 0)));
      const others = startChild('sittings.ts', house.url, house.cookie, show);
      await new Promise((ready) => others.once('message', ready));
      await pause(WARM);
      together.push(p99(await playOne(house, show, QUESTIONS, 0)));
      others.kill();
      await pause(2000);
    }
    // The median of rounds: what else the machine does must not decide.
    tell(
      '50 sittings at once: p99 of one, to one alone',
      median(together.map((ms, i) => ms / alone[i]!)),
      { most: 2 },
      { handsets: SITTINGS * HANDSETS, rounds: ROUNDS, ms: median(together), aloneMs: median(alone) },
    );
  } finally {
    await house.close();
  }
}

const [url, cookie, show] = process.argv.slice(2);
if (url && cookie && show) await playOthers(url, cookie, show);
else await measure();
