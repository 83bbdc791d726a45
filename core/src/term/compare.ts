import { meanDifference, type Difference } from '../report/figures/difference.ts';
import { newcombe, type Interval } from '../report/figures/interval.ts';
import { mean } from '../report/figures/spread.ts';
import type { Dated } from './digest.ts';
import { shareAt } from '../report/shareAt.ts';
import { linkPeople, type SaidSame } from './people.ts';

/** A question that both were asked. */
export interface ComparedQuestion extends Interval {
  id: string;
  prompt: string;
  first: { count: number; of: number };
  second: { count: number; of: number };
  /** The first less the second. */
  difference: number;
}

/** Two groups, or two games, on the questions that both were asked. */
export interface Comparison {
  questions: ComparedQuestion[];
  people: { first: number; second: number };
  /** Who was there both times, and whether they were enough for the gain of each to be compared. */
  both: number;
  isPaired: boolean;
  /** The mean share of the marks on these questions; null where nobody was asked any. */
  shares: { first: number | null; second: number | null };
  /** Null where too few were asked to say anything. */
  difference: Difference | null;
}

interface Side {
  prompts: Map<string, string>;
  byQuestion: Map<string, { count: number; of: number }>;
  /** The shares of each, by question: the first time that it was asked. */
  people: Map<number, Map<string, number>>;
}

function sideOf(games: readonly Dated[], of: readonly (readonly number[])[]): Side {
  const side: Side = { prompts: new Map(), byQuestion: new Map(), people: new Map() };
  let nameless = -1;
  games.forEach((game, g) => {
    game.knowers.forEach((_, row) => {
      const person = of[g]![row]! >= 0 ? of[g]![row]! : nameless--;
      const own = side.people.get(person) ?? new Map<string, number>();
      side.people.set(person, own);
      game.items.forEach(({ id, prompt }, column) => {
        const share = shareAt(game, row, column);
        if (share === null || own.has(id)) return;
        own.set(id, share);
        side.prompts.set(id, prompt);
        const { count, of: n } = side.byQuestion.get(id) ?? { count: 0, of: 0 };
        side.byQuestion.set(id, { count: count + share, of: n + 1 });
      });
    });
  });
  return side;
}

/** From so many who were there both times on, their own gains tell more than the two means. */
const PAIRED = 6;

/** Compares two lots of games on the questions that both were asked, each person's first answer to a question counting. */
export function compare(
  first: readonly Dated[],
  second: readonly Dated[],
  said: readonly SaidSame[],
): Comparison {
  const all = [...first, ...second];
  const names = all.map(({ by, isAnonymous, knowers }) =>
    knowers.map(({ name }) => (by === 'people' && !isAnonymous ? name : '')),
  );
  const { of } = linkPeople(names, [], said);
  const [a, b] = [sideOf(first, of.slice(0, first.length)), sideOf(second, of.slice(first.length))];
  const common = [...a.byQuestion.keys()].filter((id) => b.byQuestion.has(id));
  const shares = ({ people }: Side) =>
    new Map(
      [...people].flatMap(([person, own]): [number, number][] => {
        const share = mean(common.flatMap((id) => own.get(id) ?? []));
        return share === null ? [] : [[person, share]];
      }),
    );
  const [one, other] = [shares(a), shares(b)];
  const pairs = [...one].flatMap(([person, share]): [number, number][] =>
    person >= 0 && other.has(person) ? [[share, other.get(person)!]] : [],
  );
  return {
    questions: common
      .map((id): ComparedQuestion => {
        const [x, y] = [a.byQuestion.get(id)!, b.byQuestion.get(id)!];
        return {
          id,
          prompt: a.prompts.get(id)!,
          first: x,
          second: y,
          difference: x.count / x.of - y.count / y.of,
          ...newcombe(x, y)!,
        };
      })
      .sort((x, y) => Math.abs(y.difference) - Math.abs(x.difference)),
    people: { first: one.size, second: other.size },
    both: pairs.length,
    isPaired: pairs.length >= PAIRED,
    shares: { first: mean([...one.values()]), second: mean([...other.values()]) },
    difference:
      pairs.length >= PAIRED
        ? meanDifference({ pairs })
        : meanDifference({ first: [...one.values()], second: [...other.values()] }),
  };
}
