import { expect, test } from '@jest/globals';
import { certificatesFor, filledIn } from './certificates.ts';
import type { Results } from './results.ts';

const standings = [
  { id: 'a', team: 'Bowline', place: 1, score: 300, players: ['Ansa', 'Jory'] },
  { id: 'b', team: 'Leeward', place: 2, score: 200, players: [] },
  { id: 'c', team: 'Halyard', place: 2, score: 200, players: ['Ansa'] },
  { id: 'd', team: 'Fairlead', place: 4, score: 0, players: ['Wenna'] },
] as unknown as Results['standings'];
const names = (who: 'teams' | 'people', places: number | null) =>
  certificatesFor(standings, { who, places }).map(({ name, place }) => `${place} ${name}`);

test('a sheet for each of so many places, shared ones as well; people come with the place of their team', () => {
  expect(names('teams', 1)).toEqual(['1 Bowline']);
  expect(names('teams', 3)).toEqual(['1 Bowline', '2 Leeward', '2 Halyard']);
  expect(names('people', null)).toEqual(['1 Ansa', '1 Jory', '2 Ansa', '4 Wenna']);
  // Two of the same name are two sheets.
  const ids = certificatesFor(standings, { who: 'people', places: null }).map(({ id }) => id);
  expect(new Set(ids).size).toBe(4);
});

test('what the text names is put in, whatever stands in it; other braces stay', () => {
  expect(filledIn('{name}: {place}, {nobody} {', { name: '{place} $&', place: '1st' })).toBe(
    '{place} $&: 1st, {nobody} {',
  );
});
