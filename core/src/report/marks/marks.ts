import { turnout, type Report } from '../report.ts';
import { shareAt } from '../shareAt.ts';
import type { MarkRule } from './rule.ts';
import { letterFor, onRange, roundMark } from './scale.ts';

/** One person's mark, or that of a team which answers as one, with what it comes from. */
export interface Mark {
  id: string;
  name: string;
  team: string;
  /** How many of the questions that count they answered, of those they were asked. */
  answered: number;
  asked: number;
  /** Percent or points, as the rule says, before anything is added; null where nothing that counts was asked. */
  raw: number | null;
  extra: number;
  mark: number | string | null;
  /** Null where the rule knows no passing. */
  hasPassed: boolean | null;
}

/** What of a report marks are worked out from. */
export interface MarkSheet extends Pick<Report, 'rows' | 'parts'> {
  /** `keeps`: what a late attempt keeps of its marks, 0 … 1; all of them where nothing is said. */
  knowers: readonly (Pick<Report['knowers'][number], 'id' | 'name' | 'team' | 'score'> & {
    keeps?: number;
  })[];
  items: readonly Pick<Report['items'][number], 'number' | 'value' | 'counts'>[];
}

/** The percent somebody has of the questions that count, each weighed as the rule says. */
function percentOf(
  report: MarkSheet,
  row: number,
  counting: readonly number[],
  { weight }: MarkRule,
): number | null {
  let [sum, of] = [0, 0];
  for (const column of counting) {
    const share = shareAt(report, row, column);
    if (share === null) continue;
    const weighs = weight === 'value' ? Math.abs(report.items[column]!.value) : 1;
    sum += weighs * share;
    of += weighs;
  }
  return of === 0 ? null : (100 * sum) / of;
}

/**
 * What is added for the best: place by place. Whoever shares a place shares what these places bring together, so that a
 * tie at the top costs nobody anything.
 */
function extrasOf(raws: readonly (number | null)[], extra: readonly number[]): number[] {
  const added = raws.map(() => 0);
  const order = raws.flatMap((raw, i) => (raw === null ? [] : [i])).sort((a, b) => raws[b]! - raws[a]!);
  for (let from = 0; from < order.length && from < extra.length;) {
    let to = from + 1;
    while (to < order.length && raws[order[to]!] === raws[order[from]!]) to++;
    const pot = extra.slice(from, to).reduce((sum, one) => sum + one, 0);
    for (let i = from; i < to; i++) added[order[i]!] = pot / (to - from);
    from = to;
  }
  return added;
}

function markFor(value: number, full: number, rule: MarkRule): Mark['mark'] {
  const { scale, from } = rule;
  if (scale.kind === 'raw') return roundMark(value, rule);
  const percent = from === 'share' ? value : full > 0 ? (100 * value) / full : 0;
  return scale.kind === 'letters' ? letterFor(percent, scale) : roundMark(onRange(percent, scale), rule);
}

function passed(mark: Mark['mark'], { scale }: MarkRule): boolean | null {
  if (scale.kind !== 'range' || !scale.pass || typeof mark !== 'number') return null;
  return scale.best >= scale.worst ? mark >= scale.pass.mark : mark <= scale.pass.mark;
}

/** The mark of whoever was not there, or gave no answer. */
export function absentMark(rule: MarkRule): Mark['mark'] {
  if (rule.absent === 'empty') return null;
  return markFor(0, 1, rule);
}

type Raw = Pick<Mark, 'id' | 'name' | 'team' | 'asked' | 'answered' | 'raw'>;

/** What marks come from: percent or points as the rule says, null for whoever gave no answer that counts. */
export function rawOf(report: MarkSheet, rule: MarkRule, leftOut: ReadonlySet<number> = new Set()): Raw[] {
  const counting = report.items.flatMap(({ number }, column) => (leftOut.has(number) ? [] : [column]));
  return report.knowers.map(({ id, name, team, score, keeps = 1 }, row) => {
    const { asked, answered } = turnout(counting.map((column) => report.rows[row]![column]!));
    const raw = rule.from === 'points' ? score : percentOf(report, row, counting, rule);
    return { id, name, team, asked, answered, raw: answered === 0 || raw === null ? null : raw * keeps };
  });
}

/** Gives each of them a mark: what is added for the best and what counts as all of the points is said by all together. */
export function markEach(told: readonly Raw[], rule: MarkRule): Mark[] {
  const raws = told.map(({ raw }) => raw);
  const extras = extrasOf(raws, rule.extra);
  const full = rule.full ?? Math.max(0, ...raws.flatMap((raw) => raw ?? []));
  return told.map((one, i) => {
    const mark = one.raw === null ? absentMark(rule) : markFor(one.raw + extras[i]!, full, rule);
    return { ...one, extra: extras[i]!, mark, hasPassed: passed(mark, rule) };
  });
}

/**
 * Gives marks by a rule.
 * @param leftOut numbers of questions that do not count.
 */
export const marksOf = (
  report: MarkSheet,
  rule: MarkRule,
  leftOut: ReadonlySet<number> = new Set(),
): Mark[] => markEach(rawOf(report, rule, leftOut), rule);
