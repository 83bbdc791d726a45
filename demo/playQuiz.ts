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
import { isRefusal } from '@distaff/core/refusal';
import { kindOf } from '@distaff/core/question';
import type { Random } from '@distaff/core/random';
import type { Show } from '@distaff/core/show';

/** Somebody in a room in which each has a phone. */
export interface Player {
  name: string;
  team: string;
  /** How likely they know a question, 0 … 1, by its id. */
  knows: (question: string) => number;
}

/** Plays a quiz in which everybody answers, by the real engine, and returns its log. */
export function playQuiz(
  show: Show,
  players: readonly Player[],
  { code, start, hostId, random }: { code: string; start: number; hostId: string; random: Random },
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
  const actor = (i: number): Actor => ({ role: 'seat', id: `seat-${i}` });

  players.forEach(({ name, team }, i) => {
    wait(1, 8);
    send({ type: 'takeSeat', seat: `seat-${i}`, token: `demo-${code}-${i}`, name, team }, actor(i));
  });
  wait(20, 60);
  send({ type: 'begin' });

  /** Everybody who gives an answer does so, the quicker the surer they are. */
  const answers = () => {
    const { question, play, order } = sitting.state.question!;
    const { answer } = show.questions[question]!;
    const kind = kindOf(answer.kind);
    const { slots, texts } = kind.key(answer, order);
    const wrong = kind
      .options(answer, order)
      .map((_, slot) => slot)
      .filter((slot) => !slots.includes(slot));
    const given = players
      .map((player, i) => ({ i, right: random() < player.knows(question), after: 3 + 20 * random() ** 2 }))
      .filter(() => random() < 0.97)
      .sort((a, b) => a.after - b.after);
    const opened = now;
    for (const { i, right, after } of given) {
      now = opened + Math.round(after * 1000);
      // The first wrong option tempts more than the others.
      const slot = right ? slots[0] : wrong[Math.floor(random() ** 1.6 * wrong.length)];
      const own = slot === undefined ? { text: right ? texts[0] : 'no idea' } : { slot };
      if (sitting.state.question?.play === play && sitting.state.question.step === 'open')
        send({ type: 'answer', play, answer: own }, actor(i));
    }
  };

  /** The play that was answered last. */
  let done = 0;
  for (let steps = 0; sitting.state.phase === 'round'; steps++) {
    if (steps > 2000) throw new Error('The quiz does not come to an end.');
    const { question } = sitting.state;
    if (question?.step === 'open' && question.play !== done) {
      done = question.play;
      answers();
      continue;
    }
    wait(2, 6);
    const { code: step, command } = nextStep(sitting.state);
    if (!command) throw new Error(`The quiz stands still at ${step}.`);
    send(command);
  }
  return sitting.log;
}
