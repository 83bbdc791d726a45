import { newcombe, wilson, type Interval } from '../report/figures/interval.ts';
import { mean } from '../report/figures/spread.ts';
import { turnout } from '../report/report.ts';
import { shareAt } from '../report/shareAt.ts';
import type { Dated, Digest } from './digest.ts';
import { linkPeople, type Doubt, type Linked, type SaidSame } from './people.ts';
import { spacingOf, type Asked } from './spaced.ts';

/** A share of the marks with how much it can be trusted. */
export interface Told {
  /** Null where nothing was asked. */
  share: number | null;
  interval: Interval | null;
  /** From so many answers that were asked for. */
  of: number;
}
/** What came later beside what came first; null where one of them is too little. */
export interface Progress extends Interval {
  change: number;
}

export interface GroupGame {
  sitting: string;
  kind: Digest['kind'];
  title: string;
  at: number;
  by: Digest['by'];
  people: number;
  items: number;
  share: number | null;
}
export interface GroupPerson extends Linked, Told {
  /** For each game the share of the marks; null where nothing was answered or they were not there. */
  shares: (number | null)[];
  attended: number;
  progress: Progress | null;
}
export interface GroupTag extends Told {
  tag: string;
  shares: (number | null)[];
  progress: Progress | null;
}
export interface GroupQuestion {
  id: string;
  isKept: boolean;
  prompt: string;
  asked: Asked[];
  missed: number;
  /** The share the last time. */
  share: number;
  /** When it should come back (ms), or null. */
  due: number | null;
}

/** A group over all its games and practices, the first one first. */
export interface GroupTerm {
  games: GroupGame[];
  people: GroupPerson[];
  tags: GroupTag[];
  /** What was missed at least once: what is due first, then what was missed most. */
  missed: GroupQuestion[];
  doubts: Doubt[];
}

/** A sum of shares of the marks, and of how many. */
interface Sum {
  sum: number;
  of: number;
}
const none = (): Sum => ({ sum: 0, of: 0 });

/** Of fewer answers an interval or progress says nothing. */
const FEW = 5;

function told({ sum, of }: Sum): Told {
  return { share: of === 0 ? null : sum / of, interval: of < FEW ? null : wilson(sum, of), of };
}

/** The later half of the games beside the earlier one; what stands in the middle of an odd number is left out. */
function progressOf(sums: readonly (Sum | null)[]): Progress | null {
  const there = sums.flatMap((one) => (one && one.of > 0 ? [one] : []));
  const half = Math.floor(there.length / 2);
  const total = (some: readonly Sum[]) =>
    some.reduce((all, one) => ({ sum: all.sum + one.sum, of: all.of + one.of }), none());
  const [before, after] = [total(there.slice(0, half)), total(there.slice(there.length - half))];
  if (half === 0 || before.of < FEW || after.of < FEW) return null;
  const [a, b] = [
    { count: after.sum, of: after.of },
    { count: before.sum, of: before.of },
  ];
  return { change: a.count / a.of - b.count / b.of, ...newcombe(a, b)! };
}

/** Adds up what a group did over its games. `list` are the names of the group. */
export function groupTerm(
  digests: readonly Dated[],
  list: readonly string[],
  said: readonly SaidSame[],
): GroupTerm {
  const games = [...digests].sort((a, b) => a.at - b.at || (a.sitting < b.sitting ? -1 : 1));
  // Where a team answers as one nobody's own knowledge is seen.
  const names = games.map(({ by, isAnonymous, knowers }) =>
    knowers.map(({ name }) => (by === 'people' && !isAnonymous ? name : '')),
  );
  const { people, of, doubts } = linkPeople(names, list, said);
  const own = people.map(() => games.map((): Sum | null => null));
  const there = people.map(() => 0);
  const tags = new Map<string, Sum[]>();
  const questions = new Map<string, GroupQuestion>();
  games.forEach((game, g) => {
    const columns = game.items.map(none);
    game.knowers.forEach((_, row) => {
      const { answered } = turnout(game.rows[row]!);
      const person = of[g]![row]!;
      const sum = none();
      game.items.forEach((_item, column) => {
        const share = shareAt(game, row, column);
        if (share === null) return;
        sum.sum += share;
        sum.of++;
        columns[column]!.sum += share;
        columns[column]!.of++;
      });
      if (person < 0) return;
      there[person]!++;
      // Who came and said nothing was there, and showed nothing.
      if (answered > 0) own[person]![g] = sum;
    });
    game.items.forEach(({ tags: named }, column) => {
      for (const tag of named) {
        const sums = tags.get(tag) ?? games.map(none);
        tags.set(tag, sums);
        sums[g]!.sum += columns[column]!.sum;
        sums[g]!.of += columns[column]!.of;
      }
    });
    game.items.forEach(({ id, isKept, prompt, counts }, column) => {
      const { sum, of: count } = columns[column]!;
      if (count === 0 || counts !== 'asPlayed') return;
      const known = questions.get(id) ?? { id, isKept, prompt, asked: [], missed: 0, share: 0, due: null };
      questions.set(id, { ...known, prompt, asked: [...known.asked, { at: game.at, share: sum / count }] });
    });
  });
  const total = (sums: readonly (Sum | null)[]) =>
    sums.reduce<Sum>((all, one) => ({ sum: all.sum + (one?.sum ?? 0), of: all.of + (one?.of ?? 0) }), none());
  const shareOf = (sum: Sum | null) => (sum && sum.of > 0 ? sum.sum / sum.of : null);
  return {
    games: games.map((game) => ({
      sitting: game.sitting,
      kind: game.kind,
      title: game.title,
      at: game.at,
      by: game.by,
      people: game.knowers.length,
      items: game.items.length,
      share: mean(
        game.knowers.flatMap(({ share }, row) =>
          turnout(game.rows[row]!).answered > 0 ? (share ?? []) : [],
        ),
      ),
    })),
    people: people.map((person, i) => ({
      ...person,
      ...told(total(own[i]!)),
      shares: own[i]!.map(shareOf),
      attended: there[i]!,
      progress: progressOf(own[i]!),
    })),
    tags: [...tags]
      .map(([tag, sums]) => ({
        tag,
        ...told(total(sums)),
        shares: sums.map(shareOf),
        progress: progressOf(sums),
      }))
      .sort((a, b) => (a.share ?? 2) - (b.share ?? 2)),
    missed: [...questions.values()]
      .map((one) => {
        const { due, missed } = spacingOf(one.asked);
        return { ...one, due, missed, share: one.asked.at(-1)!.share };
      })
      .filter(({ missed }) => missed > 0)
      .sort((a, b) => (a.due ?? Infinity) - (b.due ?? Infinity) || b.missed - a.missed || a.share - b.share),
    doubts,
  };
}

/** A group in a few figures. */
export interface GroupSummary {
  practices: number;
  /** The mean of all games and that of the last one, 0 … 1; null where nothing is known. */
  share: number | null;
  last: number | null;
  /** Games in which each answered for themselves, and how many of the people were there each time. */
  ownGames: number;
  always: number;
}
export function groupSummary({ games, people }: Pick<GroupTerm, 'games' | 'people'>): GroupSummary {
  const shares = games.flatMap(({ share }) => share ?? []);
  const ownGames = games.filter(({ by }) => by === 'people').length;
  return {
    practices: games.filter(({ kind }) => kind === 'practice').length,
    share: mean(shares),
    last: shares.at(-1) ?? null,
    ownGames,
    always: people.filter(({ attended }) => ownGames > 0 && attended === ownGames).length,
  };
}

/** What should be asked again by now. */
export const dueNow = ({ missed }: Pick<GroupTerm, 'missed'>, now: number): GroupQuestion[] =>
  missed.filter(({ due }) => due !== null && due <= now);

/** Those of them that the library has, what is due longest first. */
export const dueBy = (term: Pick<GroupTerm, 'missed'>, now: number): string[] =>
  dueNow(term, now).flatMap(({ id, isKept }) => (isKept ? [id] : []));
