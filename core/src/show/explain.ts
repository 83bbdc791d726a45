import { asksAs, formatOf, type Asks, type FormatName, type Polling } from '../formats/index.ts';
import type { RoundRules } from '../formats/rules.ts';
import type { Round } from './show.ts';

/** The rules of a round as everybody may know them: told before anything is asked. */
export type RulesView = Pick<
  RoundRules,
  | 'floor'
  | 'afterWrong'
  | 'passShare'
  | 'penalty'
  | 'penaltyShare'
  | 'lowest'
  | 'turns'
  | 'chosenBy'
  | 'speed'
  | 'change'
  | 'pace'
  | 'steps'
  | 'roundClock'
  | 'turnsEach'
  | 'tries'
  | 'retryShare'
> & {
  /** Whether boosts are sold in it. */
  sells: boolean;
  /** Whether teams are on one after the other. */
  inTurns: boolean;
  /** Whether anything is asked in it, and whether whose turn it is chooses what. */
  asks: Asks;
  chosen: boolean;
  /** How its answers are taken, where they are nobody's gain; null where they are. */
  polls: Polling | null;
  /** What it brings to the show, where that is not simply the points of its questions. */
  brings: { what: RoundRules['brings']; points: number; format: FormatName } | null;
};

export const rulesView = (
  { format, content }: { format: FormatName; content: unknown },
  rules: RoundRules,
): RulesView => ({
  floor: rules.floor,
  afterWrong: rules.afterWrong,
  passShare: rules.passShare,
  penalty: rules.penalty,
  penaltyShare: rules.penaltyShare,
  speed: rules.speed,
  change: rules.change,
  lowest: rules.lowest,
  turns: rules.turns,
  chosenBy: rules.chosenBy,
  pace: rules.pace,
  steps: rules.steps,
  roundClock: rules.roundClock,
  turnsEach: rules.turnsEach,
  tries: rules.tries,
  retryShare: rules.retryShare,
  sells: formatOf(format).sells && rules.boosts !== null,
  inTurns: formatOf(format).inTurns,
  asks: asksAs({ format, content }),
  chosen: formatOf(format).chosen,
  polls: formatOf(format).polls(content),
  brings: bringsView(format, rules),
});

function bringsView(format: FormatName, rules: RoundRules): RulesView['brings'] {
  const { brings: what, placePoints, lifePoints } = rules;
  const { asks, ranksOtherwise, prescribes } = formatOf(format);
  // That it brings nothing is said where it could be otherwise.
  if (prescribes.brings !== undefined) return null;
  if (!asks || (what === 'counted' && !ranksOtherwise)) return null;
  return { what, points: what === 'counted' ? lifePoints : placePoints, format };
}

/** What there is to say of how a round is played; the sentences belong to the interface. */
export interface Explained {
  format: FormatName;
  title: string;
  rules: RulesView;
  /** Seconds for a question; null for no clock. */
  clock: number | null;
  /** Numbers of the format's own, by name. */
  facts: Record<string, number>;
}

export function explainRound({ format: name, title, rules, content }: Round): Explained {
  const format = formatOf(name);
  const inForce = { ...rules, ...format.prescribes };
  const clock = inForce.clockFor === 'all' ? inForce.clock : null;
  return {
    format: name,
    title,
    rules: rulesView({ format: name, content }, inForce),
    clock,
    facts: format.facts(content),
  };
}
