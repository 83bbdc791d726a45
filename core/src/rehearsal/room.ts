import * as v from 'valibot';
import type { Random } from '../random/shuffle.ts';
import type { Show } from '../show/show.ts';
import { MAX_SEATS } from '../sitting/decide/people.ts';
import { line, whole } from '../text/schemas.ts';

export const skills = ['weak', 'mixed', 'strong'] as const;
export const speeds = ['slow', 'usual', 'quick'] as const;
export const connections = ['good', 'mixed', 'poor'] as const;

/** What kind of people stand in for a room. */
export const Room = v.object({
  /** Stand-ins in all; without handsets one speaks for each team. */
  count: whole(2, MAX_SEATS),
  skill: v.picklist(skills),
  speed: v.picklist(speeds),
  connection: v.picklist(connections),
  /** Percent of them who come only after the show has begun. */
  late: whole(0, 50),
  /** Whether one of them drops out in the middle and comes back no more. */
  dropsOut: v.boolean(),
  /** From which everything follows, so that it can be had again; empty for another room each time. */
  seed: line(40),
});
export type Room = v.InferOutput<typeof Room>;

export const usualRoom: Room = {
  count: 12,
  skill: 'mixed',
  speed: 'usual',
  connection: 'good',
  late: 0,
  dropsOut: false,
  seed: '',
};

/** Somebody who is not there: how much they know, how fast they are, when they come and go. */
export interface StandIn {
  seat: string;
  name: string;
  /** The team that they choose; empty where people do not choose one. */
  team: string;
  /** The chance to be right on a question of middling difficulty, 0 … 1. */
  skill: number;
  /** Times as long as usual until the answer. */
  slowness: number;
  /** Milliseconds for a message there and back. */
  roundTrip: number;
  /** Comes after this many questions; 0 for before the first. */
  from: number;
  /** Leaves after this many questions; null for staying. */
  until: number | null;
}

/** Names of our own, to be told apart at a glance; more than there are get a number. */
const NAMES =
  'Ansa Tamsin Jory Wenna Dorrit Elowen Perran Kerra Merryn Talan Senara Hedra Gwenna Davith Lowen Morwen Rewan Tegen Ysella Zennor'.split(
    ' ',
  );
const SKILL = { weak: [0.3, 0.2], mixed: [0.55, 0.3], strong: [0.8, 0.15] } as const;
const SPEED = { slow: 1.5, usual: 1, quick: 0.6 };
const ROUND_TRIP = { good: [20, 40], mixed: [20, 400], poor: [300, 1500] } as const;
/** Questions after which latecomers come and one drops out. */
const LATE_AFTER = 2;
const DROPS_AFTER = 3;

const between = ([low, high]: readonly [number, number], random: Random) => low + (high - low) * random();

/** Fills a room with stand-ins for a show, evenly over its teams. */
export function fillRoom(room: Room, show: Show, random: Random): StandIn[] {
  const { devices, doors, teams, rounds } = show;
  // Without handsets a team has one voice, and nobody takes a seat.
  const voices = devices.mode === 'none' ? teams.length : room.count;
  const lateOnes = doors.late && rounds.length > 0 ? Math.floor((voices * room.late) / 100) : 0;
  const [mean, spread] = SKILL[room.skill];
  return Array.from({ length: voices }, (_, i): StandIn => {
    const again = Math.floor(i / NAMES.length);
    const listed = doors.roster[i];
    return {
      seat: `stand-in-${i + 1}`,
      name: listed ?? `${NAMES[i % NAMES.length]!}${again > 0 ? ` ${again + 1}` : ''}`,
      team:
        devices.score === 'players' || (doors.teams !== 'choose' && devices.mode !== 'none')
          ? ''
          : (teams[i % Math.max(1, teams.length)]?.id ?? ''),
      skill: Math.min(0.98, Math.max(0.05, mean + spread * (2 * random() - 1))),
      slowness: SPEED[room.speed] * (0.7 + 0.6 * random()),
      roundTrip: between(ROUND_TRIP[room.connection], random),
      from: i >= voices - lateOnes && devices.mode !== 'none' ? LATE_AFTER : 0,
      until: room.dropsOut && i === 1 && devices.mode !== 'none' ? DROPS_AFTER : null,
    };
  });
}
