import type { Show } from '../show/show.ts';
import type { Length } from '../practice/summary.ts';
import { mean } from '../report/figures/spread.ts';
import type { CellSign } from '../report/report.ts';
import { ownId, type Digest, type DigestItem } from './digest.ts';

/** Somebody who took a practice, with the attempt that counts; null where they have finished none. */
export interface Taker {
  id: string;
  name: string;
  lengths: readonly Length[] | null;
  score: number;
  /** What the attempt keeps of its marks, 0 … 1: less where it was late. */
  keeps: number;
}

/** The digest of a practice: everybody beside all of its questions, as in a game in which each answers. */
export function practiceDigest(
  { title, group, show, at }: { title: string; group: string; show: Show; at: number },
  takers: readonly Taker[],
): Digest {
  const items = Object.values(show.questions).map((question, i): DigestItem => ({
    number: i + 1,
    id: question.origin?.id ?? ownId(question.id, question.prompt),
    isKept: question.origin !== null,
    prompt: question.prompt,
    tags: question.tags,
    difficulty: question.difficulty,
    value: 1,
    counts: 'asPlayed',
    seconds: null,
    lure: null,
  }));
  const columnOf = new Map(Object.keys(show.questions).map((id, i) => [id, i]));
  const came = takers.flatMap(({ lengths, ...who }) => (lengths ? [{ ...who, lengths }] : []));
  const parts: Record<string, number> = {};
  const rows = came.map(({ lengths }, row) => {
    const signs: CellSign[] = items.map(() => 'u');
    for (const { question, share } of lengths) {
      const column = columnOf.get(question);
      if (column === undefined) continue;
      signs[column] = share === 1 ? 'r' : share === 0 ? 'w' : 'p';
      if (signs[column] === 'p') parts[`${row} ${column}`] = share;
    }
    return signs.join('');
  });
  return {
    kind: 'practice',
    title,
    group,
    at,
    by: 'people',
    knowers: came.map(({ id, name, lengths, score, keeps }) => ({
      id,
      name,
      team: '',
      share: mean(lengths.map((one) => one.share)),
      score,
      ...(keeps < 1 ? { keeps } : {}),
    })),
    items,
    rows,
    parts,
    teams: [],
  };
}
