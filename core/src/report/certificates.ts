import type { Weave } from '../show/weave.ts';
import type { Results } from './results.ts';

/** One sheet: for whom, their place and score. */
export interface Certificate {
  id: string;
  name: string;
  weave: Weave;
  place: number;
  score: number;
}

/** For whom certificates are made: teams, or everybody in them; of all places, or of the first few. */
export interface ForWhom {
  who: 'teams' | 'people';
  /** The last place that has one; null for all. */
  places: number | null;
}

/** A sheet for each of those who have one, in the order of their places. Members have the weave and place of their team. */
export function certificatesFor(standings: Results['standings'], { who, places }: ForWhom): Certificate[] {
  return standings
    .filter(({ place }) => places === null || place <= places)
    .flatMap(({ id, team, weave, place, score, players }): Certificate[] =>
      who === 'teams'
        ? [{ id, name: team, weave, place, score }]
        : players.map((name, i) => ({ id: `${id} ${i}`, name, weave, place, score })),
    );
}

/** The host's own text with what it names put in; an unknown word in braces stays as it is written. */
export const filledIn = (text: string, values: Readonly<Record<string, string>>): string =>
  text.replace(/\{(\w+)\}/g, (whole, name: string) => values[name] ?? whole);
