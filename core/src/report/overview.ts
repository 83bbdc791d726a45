import { countedShare } from './counted.ts';
import { reliability, type Reliability } from './figures/reliability.ts';
import { deviation, mean } from './figures/spread.ts';
import type { ItemFigures } from './item.ts';
import type { Cell, Sheet } from './sheet.ts';

/** A sitting in a minute. */
export interface Overview {
  /** How many of those who came answered anything. */
  tookPart: number;
  knowers: number;
  items: number;
  /** The mean share of the marks of those who took part, and how far people are apart (standard deviation), 0 … 1. */
  share: number | null;
  spread: number | null;
  /** Answers that the host marked by hand. */
  marked: number;
  /** Questions by their columns: the three that most missed, the worst first, and up to three that everybody knew. */
  missed: number[];
  known: number[];
  reliability: Reliability | null;
}

/** So many questions are named of each sort. */
const NAMED = 3;
/** Of fewer it is not said that everybody knew it. */
const FEW = 3;
/** A question counts for reliability where so many of all were asked it. */
const MOST_ASKED = 0.8;

/** The share of the marks somebody has of all that was asked of them and counts; null where nothing does. */
export function shareOf(row: readonly (Cell | null)[], items: Sheet['items']): number | null {
  let [sum, count] = [0, 0];
  row.forEach((cell, column) => {
    const share = cell && countedShare(items[column]!.counts, cell.share);
    if (share === null) return;
    sum += share;
    count++;
  });
  return count === 0 ? null : sum / count;
}

/** Marks for the questions that nearly all were asked, of the people who were asked all of these. */
function commonMarks({ cells, items, knowers }: Sheet): number[][] {
  const columns = items.flatMap((_, i) => {
    const asked = cells.filter((row) => row[i] !== null).length;
    return items[i]!.counts === 'asPlayed' && asked >= knowers.length * MOST_ASKED ? [i] : [];
  });
  return cells
    .filter((row) => columns.every((i) => row[i] !== null))
    .map((row) => columns.map((i) => row[i]!.share));
}

/** Adds a sheet up; `figures` are those of its questions, by column. */
export function overviewOf(sheet: Sheet, figures: readonly ItemFigures[]): Overview {
  const answering = sheet.cells.filter((row) => row.some((cell) => cell && cell.is !== 'none'));
  const shares = answering.flatMap((row) => shareOf(row, sheet.items) ?? []);
  const byShare = figures
    .flatMap(({ share, asked }, column) =>
      share === null || sheet.items[column]!.counts !== 'asPlayed' ? [] : [{ column, share, asked }],
    )
    .sort((a, b) => a.share - b.share || b.asked - a.asked);
  return {
    tookPart: answering.length,
    knowers: sheet.knowers.length,
    items: sheet.items.length,
    share: mean(shares),
    spread: deviation(shares),
    marked: sheet.cells.reduce(
      (sum, row) => sum + row.filter((cell) => cell?.response?.by === 'host').length,
      0,
    ),
    missed: byShare
      .filter(({ share }) => share < 1)
      .slice(0, NAMED)
      .map(({ column }) => column),
    known: byShare
      .filter(({ share, asked }) => share === 1 && asked >= FEW)
      .slice(-NAMED)
      .map(({ column }) => column),
    reliability: reliability(commonMarks(sheet)),
  };
}
