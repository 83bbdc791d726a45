import * as v from 'valibot';
import { Id, line, whole } from '../../text/schemas.ts';

const finite = (least: number, most: number) => v.pipe(v.number(), v.minValue(least), v.maxValue(most));

/** What decides between two with as many points: nothing, the games between them, the better places, the last game. */
export const tieRules = ['shared', 'headToHead', 'places', 'last'] as const;

/** How points of a league are counted. */
export const LeagueRule = v.object({
  /** By the place in a game, by its score, or both together. */
  from: v.picklist(['place', 'score', 'both']),
  /** What the first, the second … has; who comes after the last of them has nothing. */
  byPlace: v.pipe(v.array(finite(0, 1000)), v.maxLength(50)),
  /** Points of the league for a hundred of the game's. */
  perHundred: finite(0, 1000),
  /** So many of the worst games of each are left out; one that was missed is the worst. */
  drop: whole(0, 50),
  ties: v.picklist(tieRules),
});
export type LeagueRule = v.InferOutput<typeof LeagueRule>;

export const usualLeague: LeagueRule = {
  from: 'place',
  byPlace: [10, 8, 6, 5, 4, 3, 2, 1],
  perHundred: 1,
  drop: 0,
  ties: 'shared',
};

/** A league as it is kept. */
export const League = v.object({
  title: v.pipe(line(80), v.trim(), v.minLength(1)),
  rule: LeagueRule,
  /** Its games, by their ids; those of these shows come in by themselves. */
  games: v.pipe(v.array(Id), v.maxLength(300)),
  shows: v.pipe(v.array(Id), v.maxLength(100)),
  /** What the host said of names: one team's, or two teams'. */
  said: v.pipe(v.array(v.object({ a: line(120), b: line(120), same: v.boolean() })), v.maxLength(500)),
  /** Whether the page for everybody has names, or only weaves and numbers. */
  isNamed: v.boolean(),
});
export type League = v.InferOutput<typeof League>;
