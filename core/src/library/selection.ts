import * as v from 'valibot';
import { kindNames } from '../question/kinds/index.ts';
import { difficulties } from '../question/question.ts';
import { shuffledOrder, type Random } from '../random/shuffle.ts';
import { Id, line, whole } from '../text/schemas.ts';

export const MOST_SELECTED = 200;

/**
 * Whether a question that was played before may come again: always, not before this group, or never; or nothing but what
 * this group missed and should see again by now.
 */
export const repeats = ['always', 'notForGroup', 'never', 'due'] as const;

/** A rule by which questions are taken from the library: "12 from *Tides*, medium, unused with this group". */
export const Selection = v.object({
  /** The sets from which; none for the whole library. */
  sets: v.pipe(v.array(Id), v.maxLength(50, 'At most 50 sets.')),
  /** One of these; none for any. */
  tags: v.pipe(v.array(line(40)), v.maxLength(20, 'At most 20 tags.')),
  kinds: v.array(v.picklist(kindNames)),
  difficulty: v.nullable(v.picklist(difficulties)),
  count: whole(1, MOST_SELECTED),
  repeat: v.picklist(repeats),
  /** Drawn by chance; else in the order of the sets. */
  shuffle: v.boolean(),
  /** Taken anew each time the doors open. */
  anew: v.boolean(),
});
export type Selection = v.InferOutput<typeof Selection>;

export const blankSelection = (): Selection => ({
  sets: [],
  tags: [],
  kinds: [],
  difficulty: null,
  count: 12,
  repeat: 'notForGroup',
  shuffle: true,
  anew: false,
});

/** What of a question of the library bears on whether it is taken. */
export interface Candidate {
  id: string;
  unfinished: boolean;
  /** Played at all, and with the group in question. */
  played: boolean;
  playedByGroup: boolean;
  /** Whether the group missed it, and should see it again by now. */
  due: boolean;
}

/** What a rule led to. */
export interface Selected {
  ids: string[];
  /** How many could have been taken. */
  fitting: number;
  /** How many were passed over, and why. */
  unfinished: number;
  repeated: number;
}

/**
 * Takes questions by a rule. `candidates` are those that its sets, tags, kinds and difficulty let
 * through, in the order of their sets; `taken` are ids that the show has already.
 */
export function select(
  rule: Pick<Selection, 'count' | 'repeat' | 'shuffle'>,
  candidates: readonly Candidate[],
  taken: ReadonlySet<string>,
  random: Random,
): Selected {
  const fresh = candidates.filter((one) => !taken.has(one.id));
  const finished = fresh.filter((one) => !one.unfinished);
  const again = (one: Candidate) =>
    (rule.repeat === 'never' && one.played) ||
    (rule.repeat === 'notForGroup' && one.playedByGroup) ||
    (rule.repeat === 'due' && !one.due);
  const fitting = finished.filter((one) => !again(one));
  const order = rule.shuffle ? shuffledOrder(fitting.length, random) : fitting.map((_, i) => i);
  return {
    ids: order.slice(0, rule.count).map((i) => fitting[i]!.id),
    fitting: fitting.length,
    unfinished: fresh.length - finished.length,
    repeated: finished.length - fitting.length,
  };
}
