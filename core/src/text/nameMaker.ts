import type { Random } from '../random/shuffle.ts';

/** Words of our own coast, for those who should not play under their own name: 24 × 24 names. */
const first =
  'Amber Brisk Calm Copper Early Foggy Gentle Golden Grey Happy Hazy Humble Jolly Lucky Merry Quick Quiet Rusty Salty Silver Steady Sunny Tall Windy'.split(
    ' ',
  );
const second =
  'Anchor Beacon Buoy Cockle Crab Dinghy Ferry Gannet Harbour Heron Lantern Limpet Mussel Oar Otter Petrel Pilot Plover Puffin Rudder Sail Seal Tern Wave'.split(
    ' ',
  );

const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)]!;

/** A made-up name, as "Brisk Heron"; with a number where both words are taken. */
export const makeName = (random: Random): string => `${pick(first, random)} ${pick(second, random)}`;

/** Whether a name is one that the maker makes, with a number behind it or without. */
export function isMadeName(name: string): boolean {
  const [a = '', b = '', n = '1', ...more] = name.trim().split(/\s+/);
  return first.includes(a) && second.includes(b) && /^\d{1,3}$/.test(n) && more.length === 0;
}
