import { formatOf } from '../formats/index.ts';
import { newRound } from './newRound.ts';
import type { RoundRules } from '../formats/rules.ts';
import type { Round, Show } from './show.ts';

/** What suits the room rather than the format: a new round takes it from those that are there. */
const ofTheRoom = [
  'clock',
  'pace',
  'change',
  'picks',
  'optionsWith',
  'shuffleBySeat',
  'steps',
] as const satisfies readonly (keyof RoundRules)[];

/**
 * A new, empty round for a show that has rounds already: it plays as they do.
 * A round of the same format lends all its rules, another scored one those of the room;
 * without phones it takes what suits answers that are said aloud.
 */
export function newRoundIn(show: Show, format: Round['format'], newId: () => string): Round {
  const round = newRound(format, newId);
  const alike = show.rounds.findLast((one) => one.format === format);
  if (alike) return { ...round, rules: { ...alike.rules } };
  const other = show.rounds.findLast((one) => formatOf(one.format).asks);
  const room = Object.fromEntries(ofTheRoom.flatMap((name) => (other ? [[name, other.rules[name]]] : [])));
  const aloud = show.devices.mode === 'none' ? formatOf(format).suits.aloud : {};
  const { suits, prescribes } = formatOf(format);
  return { ...round, rules: { ...round.rules, ...room, ...aloud, ...suits.always, ...prescribes } };
}
