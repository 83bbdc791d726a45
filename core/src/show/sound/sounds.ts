import * as v from 'valibot';
import { Sound } from '../../media/media.ts';
import { whole } from '../../text/schemas.ts';

/** When a sound is heard: at the doors, while people think, and at what happens. */
export const soundNames = [
  'theme',
  'thinking',
  'lock',
  'right',
  'wrong',
  'applause',
  'fanfare',
  'ohNo',
  'drumRoll',
  'own1',
  'own2',
  'own3',
] as const;
export type SoundName = (typeof soundNames)[number];

/** Of these the house has none: they are heard where the host has put a file. */
export const ownOnly: ReadonlySet<SoundName> = new Set(['own1', 'own2', 'own3']);
/** What the host has under a button at the desk, to be heard at any moment. */
export const atTheDesk = [
  'theme',
  'applause',
  'ohNo',
  'fanfare',
  'drumRoll',
  'own1',
  'own2',
  'own3',
] as const satisfies readonly SoundName[];

/** Heard again and again until something else happens; the others once. */
export const loops: ReadonlySet<SoundName> = new Set(['theme', 'thinking']);

/** Loudness in percent. */
const Level = whole(0, 100);
export const defaultLevel = 70;

/** The sounds of a show on the stage; what nobody said is as the house has it. */
export const Sounds = v.object({
  off: v.optional(v.boolean()),
  /** Of all together. */
  level: v.optional(Level),
  each: v.optional(
    v.record(
      v.picklist(soundNames),
      v.object({
        level: v.optional(Level),
        /** Instead of the house's own. */
        own: v.optional(v.nullable(Sound)),
      }),
    ),
  ),
});
export type Sounds = v.InferOutput<typeof Sounds>;

/** One sound as the stage plays it: a file of the media library or (null) the house's own; loudness 0 … 1. */
export interface SoundView {
  file: string | null;
  level: number;
}
export interface SoundsView {
  muted: boolean;
  each: Record<SoundName, SoundView>;
}

/** Where levels of two sliders meet: 100 % of 100 % is 1. */
export function soundView(sounds: Sounds | undefined, name: SoundName): SoundView {
  const one = sounds?.each?.[name];
  return {
    file: one?.own?.file ?? null,
    level: ((sounds?.level ?? defaultLevel) / 100) * ((one?.level ?? 100) / 100),
  };
}

/** A sound under a button at the desk; `label` is what the host wrote of an own one, empty where the name says it. */
export interface SoundButton {
  name: SoundName;
  label: string;
}

/** The sounds that the host has at hand; null where the show has no sounds. */
export function soundButtons(sounds: Sounds | undefined): SoundButton[] | null {
  if (sounds?.off) return null;
  return atTheDesk.flatMap((name) => {
    const own = sounds?.each?.[name]?.own;
    return ownOnly.has(name) && !own ? [] : [{ name, label: own?.alt ?? '' }];
  });
}

/** What the stage may play; null where the show has no sounds. */
export function soundsView(sounds: Sounds | undefined, muted: boolean): SoundsView | null {
  if (sounds?.off) return null;
  const each = Object.fromEntries(soundNames.map((name) => [name, soundView(sounds, name)]));
  return { muted, each: each as SoundsView['each'] };
}
