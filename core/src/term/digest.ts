import type { Difficulty } from '../question/question.ts';
import type { Weave } from '../show/weave.ts';
import { writtenQuestion } from '../sitting/read/inPlay.ts';
import { playOf, type SittingState } from '../sitting/state.ts';
import { foldText } from '../text/fold.ts';
import type { MarkSheet } from '../report/marks/marks.ts';
import type { Report } from '../report/report.ts';
import type { Results } from '../report/results.ts';

/** A question as it did in one game or practice. */
export interface DigestItem {
  number: number;
  /** The same whenever it is asked: the library's id, or what stands for one where it never was in a library. */
  id: string;
  /** Whether that is an id of the library. */
  isKept: boolean;
  prompt: string;
  tags: string[];
  difficulty: Difficulty | null;
  value: number;
  counts: Report['items'][number]['counts'];
  /** The middle of the times it took (s), and the wrong answer that was given most; null where nobody knows. */
  seconds: number | null;
  lure: string | null;
}

/** What is remembered of one game or practice, for everything that is worked out over many. */
export interface Digest extends MarkSheet {
  kind: 'game' | 'practice';
  title: string;
  /** The group with whom it was played; empty where nobody said. */
  group: string;
  /** When it was over (server ms). */
  at: number;
  by: Report['by'];
  knowers: { id: string; name: string; team: string; share: number | null; score: number }[];
  items: DigestItem[];
  /** How the teams came out. */
  teams: { name: string; weave: Weave; place: number; score: number }[];
}

/** By what a question that never was in a library is known again: its id in the show, and its words. */
export const ownId = (id: string, prompt: string): string => `own:${id}:${foldText(prompt).slice(0, 60)}`;

/** The digest of a game that is over, from what was worked out of it. */
export function digestOf(state: SittingState, report: Report, results: Results): Digest {
  return {
    kind: 'game',
    title: results.title,
    group: report.group,
    at: state.closedAt ?? 0,
    by: report.by,
    knowers: report.knowers.map(({ id, name, team, share, score }) => ({ id, name, team, share, score })),
    items: report.items.map(({ number, play, value, counts, figures }): DigestItem => {
      const { id, origin, prompt, tags, difficulty } = writtenQuestion(state, playOf(state, play)!);
      return {
        number,
        id: origin?.id ?? ownId(id, prompt),
        isKept: origin !== null,
        prompt,
        tags,
        difficulty,
        value,
        counts,
        seconds: figures.seconds?.middle ?? null,
        lure: figures.lure?.text ?? null,
      };
    }),
    rows: report.rows,
    parts: report.parts,
    teams: results.standings.map(({ team, weave, place, score }) => ({ name: team, weave, place, score })),
  };
}

/** One of many: with the id under which it is found, and whether nobody in it has a name any more. */
export interface Dated extends Digest {
  sitting: string;
  isAnonymous: boolean;
}

/** A question and its copies are one: `originals` says of what each copy is one. Changes the digests, and gives them back. */
export function asOriginals(digests: Dated[], originals: ReadonlyMap<string, string>): Dated[] {
  const STEPS = 20;
  for (const { items } of digests)
    for (const item of items)
      for (let to = originals.get(item.id), steps = 0; to && steps < STEPS; to = originals.get(to), steps++)
        item.id = to;
  return digests;
}
