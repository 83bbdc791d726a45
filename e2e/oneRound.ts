import {
  defaultDoors,
  newRound,
  weaveAt,
  type Devices,
  type Round,
  type RoundOf,
  type Show,
} from '@distaff/core/show';
import { rulesWith, type FormatName, type RoundRules } from '@distaff/core/formats';
import { choice } from './app.ts';
import type { Question } from '@distaff/core/question';

let n = 0;
const newId = () => `one-round-${n++}`;

/** A show of one round of a format, which is played with choices of which "right" is the key. */
export function oneRound<F extends Exclude<FormatName, 'board' | 'interlude'>>(
  format: F,
  devices: Devices,
  own: {
    questions: number;
    teams?: string[];
    rules?: Partial<RoundRules>;
    content?: (ids: string[]) => Partial<RoundOf<F>['content']>;
    /** What differs from a plain choice. */
    each?: (question: Question) => Question;
  },
): Show {
  const round = newRound(format, newId);
  const plain = Array.from({ length: own.questions }, (_, i) => choice(`Ask ${i}`, newId()));
  const questions = plain.map((one) => own.each?.(one) ?? one);
  const items = questions.map(({ id }) => ({ id, points: null }));
  const more = own.content?.(items.map(({ id }) => id)) ?? {};
  return {
    title: 'One round',
    teams: (own.teams ?? ['Bowline', 'Fairlead']).map((name, i) => ({
      id: `t${i}`,
      name,
      weave: weaveAt(i),
    })),
    devices,
    doors: { ...defaultDoors, late: true },
    rounds: [
      {
        ...round,
        rules: rulesWith({ ...round.rules, picks: 'with', ...own.rules }),
        content: { ...round.content, items, ...more },
      } as Round,
    ],
    questions: Object.fromEntries(questions.map((one) => [one.id, one])),
  };
}
