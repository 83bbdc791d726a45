import { kindOf } from '../question/kinds/index.ts';
import { wordsOfOption } from '../question/kinds/options.ts';
import type { Question } from '../question/question.ts';
import { wholePercentages } from '../rank/percentages.ts';
import { foldText } from '../text/fold.ts';
import { wilson, type Interval } from './figures/interval.ts';
import { correlation, mean, quartiles } from './figures/spread.ts';
import type { Cell, Sheet } from './sheet.ts';

/** How often an option was chosen; where several may be chosen, percent are of those who answered. */
export interface OptionPicks {
  text: string;
  isKey: boolean;
  count: number;
  percent: number;
}

/** What several people wrote alike, and one of them by whom it can be accepted for all. */
export interface Said {
  text: string;
  count: number;
  is: Cell['is'];
  play: number;
  who: string;
}

/** What deserves a look: something about the question, not about people. What may be a wrong key comes first. */
export const flags = ['contrary', 'tempting', 'nobody', 'silent', 'everybody'] as const;
export type Flag = (typeof flags)[number];

/** What a question told of those who were asked it. */
export interface ItemFigures {
  asked: number;
  answered: number;
  /** The mean share of the marks of all who were asked, 0 … 1, and where it lies for others like them; null of too few. */
  share: number | null;
  interval: Interval | null;
  /** Seconds: a quarter took no longer than `low`, half than `middle`, three quarters than `high`. */
  seconds: { low: number; middle: number; high: number } | null;
  /** By options in the order as written; null where there are none to choose from. */
  picks: OptionPicks[] | null;
  /** The wrong option that was chosen most, or the wrong answer that was typed most, and by how many of those who answered. */
  lure: { text: string; percent: number } | null;
  /** What was typed, the most frequent first; null where nothing is. */
  said: Said[] | null;
  /** How it goes with the other questions (item-rest correlation), −1 … 1; null of fewer than five people. */
  discrimination: number | null;
  flags: Flag[];
}

/** Of fewer people nothing is said. */
const FEW = 5;
/** A question is only called contrary when so many were asked: of fewer it is chance too often. */
const ENOUGH = 10;

/** What fewer than so many of all knew was missed: it is worth asking again. */
const KNOWN = 0.7;
export const wasMissed = ({ share }: Pick<ItemFigures, 'share'>): boolean => share !== null && share < KNOWN;

/** How often each option was chosen by those who answered. */
function picksOf({ answer }: Question, cells: readonly Cell[]): OptionPicks[] | null {
  const kind = kindOf(answer.kind);
  const { type } = kind.control(answer);
  if (type !== 'one' && type !== 'many') return null;
  const order = kind.asWritten(answer);
  const options = kind.options(answer, order);
  const keys = new Set(kind.key(answer, order).slots);
  const counts = options.map(() => 0);
  let of = 0;
  for (const { response } of cells) {
    if (!response?.answer) continue;
    of++;
    for (const slot of kind.show(answer, order, response.answer).slots) counts[slot]!++;
  }
  const percents =
    type === 'one' ? wholePercentages(counts) : counts.map((one) => (of ? Math.round((100 * one) / of) : 0));
  return options.map((option, i) => ({
    text: wordsOfOption(option),
    isKey: keys.has(i),
    count: counts[i]!,
    percent: percents[i] ?? 0,
  }));
}

/** What was typed, equal spellings together. */
function saidIn({ answer }: Question, cells: readonly Cell[]): Said[] | null {
  const kind = kindOf(answer.kind);
  const { type } = kind.control(answer);
  if (type !== 'text' && type !== 'number') return null;
  const order = kind.asWritten(answer);
  const found = new Map<string, Said>();
  // Many wrote the same.
  const folded = new Map<string, string>();
  for (const { response, is, play } of cells) {
    if (!response?.answer || response.held) continue;
    const { text } = kind.show(answer, order, response.answer);
    const fold = folded.get(text) ?? foldText(text);
    folded.set(text, fold);
    const key = `${fold} ${is}`;
    const known = found.get(key);
    if (known) known.count++;
    else found.set(key, { text, count: 1, is, play, who: response.who });
  }
  return [...found.values()].sort((a, b) => b.count - a.count);
}

/** What is wrong and was chosen or typed most; null where nobody was wrong in such a way. */
function lureOf(
  picks: readonly OptionPicks[] | null,
  said: readonly Said[] | null,
  answered: number,
): ItemFigures['lure'] {
  const wrong = (picks ?? []).filter(({ isKey, count }) => !isKey && count > 0);
  const [first] = wrong.sort((a, b) => b.count - a.count);
  if (first) return { text: first.text, percent: first.percent };
  const typed = said?.find(({ is }) => is === 'wrong');
  return typed ? { text: typed.text, percent: Math.round((100 * typed.count) / answered) } : null;
}

/** What somebody has in all that counts: the sum of the shares of marks, and of how many questions. */
export interface Total {
  sum: number;
  count: number;
}
export const totalsOf = ({ cells, items }: Sheet): Total[] =>
  cells.map((row) => {
    const total = { sum: 0, count: 0 };
    row.forEach((cell, i) => {
      if (!cell || items[i]!.counts !== 'asPlayed') return;
      total.sum += cell.share;
      total.count++;
    });
    return total;
  });

/**
 * Whether those who did well otherwise did well here: the correlation with the mean share of the marks in all the other
 * questions that count.
 */
function discriminationOf({ cells, items }: Sheet, column: number, totals: readonly Total[]): number | null {
  const counts = items[column]!.counts === 'asPlayed';
  const pairs: [number, number][] = [];
  cells.forEach((row, i) => {
    const own = row[column];
    if (!own) return;
    const { sum, count } = totals[i]!;
    const [rest, of] = counts ? [sum - own.share, count - 1] : [sum, count];
    if (of > 0) pairs.push([own.share, rest / of]);
  });
  return pairs.length < FEW ? null : correlation(pairs);
}

function flagsOf(figures: Omit<ItemFigures, 'flags'>): Flag[] {
  const { asked, answered, share, discrimination, picks, lure } = figures;
  const keyed = Math.max(0, ...(picks ?? []).filter(({ isKey }) => isKey).map(({ percent }) => percent));
  const holds: Record<Flag, boolean> = {
    contrary: asked >= ENOUGH && discrimination !== null && discrimination < 0,
    tempting: answered >= FEW && picks !== null && lure !== null && lure.percent > keyed,
    nobody: asked >= FEW && share === 0,
    silent: asked >= FEW && answered * 2 < asked,
    everybody: asked >= FEW && share === 1,
  };
  return flags.filter((flag) => holds[flag]);
}

/** What the question in this column of the sheet told; `written` is the question itself, `totals` are those of the sheet. */
export function itemFigures(
  sheet: Sheet,
  column: number,
  written: Question,
  totals: readonly Total[],
): ItemFigures {
  const cells = sheet.cells.map((row) => row[column]!).filter((cell) => cell !== null);
  const shares = cells.map(({ share }) => share);
  const seconds = cells.map((cell) => cell.seconds).filter((one) => one !== null);
  const picks = picksOf(written, cells);
  const said = saidIn(written, cells);
  const answered = cells.filter(({ is }) => is !== 'none').length;
  const figures = {
    asked: cells.length,
    answered,
    share: mean(shares),
    // Of so few an interval says nothing that their number does not.
    interval:
      shares.length < FEW
        ? null
        : wilson(
            shares.reduce((sum, one) => sum + one, 0),
            shares.length,
          ),
    seconds: quartiles(seconds),
    picks,
    lure: lureOf(picks, said, answered),
    said,
    discrimination: discriminationOf(sheet, column, totals),
  };
  return { ...figures, flags: flagsOf(figures) };
}
