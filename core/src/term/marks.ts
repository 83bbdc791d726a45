import { markEach, rawOf, type Mark, type MarkRule } from '../report/marks/index.ts';
import { counted } from '../practice/summary.ts';
import type { countingAttempts } from '../practice/settings.ts';
import type { Dated } from './digest.ts';
import { linkPeople, type SaidSame } from './people.ts';

/** Which of several games counts: the best, the last, or their mean. */
export type Several = (typeof countingAttempts)[number];

/** A mark over several games. `parts`: what each game brought, null where somebody was absent. */
export interface TermMark extends Mark {
  parts: (number | null)[];
}

/**
 * Marks over several games by one rule, the first game first. Absent is absent where the rule leaves such a mark empty,
 * and nothing of the marks where it gives the worst.
 * @param leftOut numbers of questions that do not count, by game.
 */
export function termMarks(
  digests: readonly Dated[],
  list: readonly string[],
  said: readonly SaidSame[],
  rule: MarkRule,
  several: Several,
  leftOut: Readonly<Record<string, readonly number[]>> = {},
): TermMark[] {
  const games = digests.filter(({ by, isAnonymous }) => by === 'people' && !isAnonymous);
  const { people, of } = linkPeople(
    games.map(({ knowers }) => knowers.map(({ name }) => name)),
    list,
    said,
  );
  const raws = games.map((game) => rawOf(game, rule, new Set(leftOut[game.sitting] ?? [])));
  const told = people.map(({ key, name }, i) => {
    const own = of.map((row, g) => {
      const at = row.indexOf(i);
      return at < 0 ? null : raws[g]![at]!;
    });
    const parts = own.map((one) => one?.raw ?? null);
    const counting = parts.flatMap((raw) => raw ?? (rule.absent === 'worst' ? 0 : []));
    const there = parts.some((raw) => raw !== null);
    const sum = (of_: 'asked' | 'answered') => own.reduce((all, one) => all + (one?.[of_] ?? 0), 0);
    return {
      mark: {
        id: key,
        name,
        team: '',
        asked: sum('asked'),
        answered: sum('answered'),
        raw: there ? counted(counting, several) : null,
      },
      parts,
    };
  });
  return markEach(
    told.map(({ mark }) => mark),
    rule,
  ).map((mark, i) => ({ ...mark, parts: told[i]!.parts }));
}
