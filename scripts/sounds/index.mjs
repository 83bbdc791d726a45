import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { hiss, pitch, seeded, silence, tone, wav } from './synth.mjs';

const pluck = [
  [1, 1],
  [2, 0.4],
  [3, 0.25],
  [4, 0.1],
];
const wood = [
  [1, 1],
  [3.9, 0.3],
  [9.2, 0.08],
];
const horn = [
  [1, 1],
  [2, 0.7],
  [3, 0.5],
  [4, 0.3],
  [5, 0.2],
  [6, 0.1],
];

/** Warp and weft: a low thread every half second, a walk over a scale of five notes above it. */
function theme() {
  const track = silence(9.6);
  const beat = 0.3;
  const scale = [-9, -7, -5, -2, 0, 3, 5, 7];
  const walk = [
    0, 2, 4, 3, 5, 4, 2, 1, 0, 2, 3, 5, 6, 4, 3, 2, 4, 5, 7, 6, 4, 5, 3, 1, 2, 4, 3, 1, 0, 1, 2, 0,
  ];
  walk.forEach((step, i) => {
    const at = i * beat;
    if (i % 8 !== 7)
      tone(track, { at, hz: pitch(scale[step]), length: 1.4, gain: 0.5, partials: pluck, around: true });
    if (i % 4 === 0) {
      const low = [-33, -33, -28, -26][Math.floor(i / 8)];
      tone(track, { at, hz: pitch(low), length: 1.8, gain: 0.8, fade: 1.6, partials: pluck, around: true });
    }
  });
  return track;
}

/** A wooden block that walks to and fro; calm enough to think. */
function thinking() {
  const track = silence(8);
  const steps = [-12, -5, -9, -5, -12, -4, -9, -4];
  for (let i = 0; i < 16; i++) {
    const sound = { at: i * 0.5, length: 0.7, fade: 7, partials: wood, around: true };
    tone(track, { ...sound, hz: pitch(steps[i % 8]), gain: 0.6 });
    if (i % 8 === 6) tone(track, { ...sound, at: sound.at + 0.25, hz: pitch(0), gain: 0.3 });
  }
  return track;
}

/** The batten strikes once. */
function lock() {
  const track = silence(0.5);
  hiss(track, { at: 0, length: 0.08, gain: 1, bright: 0.5, random: seeded(5) });
  tone(track, { at: 0, hz: 95, length: 0.4, gain: 0.9, fade: 11, partials: wood });
  return track;
}

function right() {
  const track = silence(1.5);
  [0, 4, 7, 12].forEach((step, i) =>
    tone(track, { at: i * 0.09, hz: pitch(step), length: 1.2, gain: 0.5, fade: 3.5, partials: pluck }),
  );
  return track;
}

/** Low and soft: nobody is laughed at. */
function wrong() {
  const track = silence(1);
  [-16, -19].forEach((step, i) =>
    tone(track, {
      at: i * 0.22,
      hz: pitch(step),
      length: 0.7,
      gain: 0.6,
      attack: 0.03,
      fade: 4,
      partials: wood,
    }),
  );
  return track;
}

/** Many hands: claps of thirty people who begin together and tire one by one. */
function applause() {
  const track = silence(4);
  const random = seeded(11);
  for (let person = 0; person < 30; person++) {
    const pause = 0.17 + random() * 0.1;
    const until = 2.2 + random() * 1.6;
    const bright = 0.25 + random() * 0.35;
    for (let at = random() * 0.5; at < until; at += pause * (0.9 + random() * 0.2)) {
      const tired = Math.min(1, 0.3 + at) * Math.min(1, (until - at) / 0.8);
      hiss(track, { at, length: 0.05, gain: tired * (0.5 + random() * 0.5), bright, random });
    }
  }
  return track;
}

function fanfare() {
  const track = silence(3);
  const notes = [
    [0, -5, 0.16],
    [0.18, -5, 0.16],
    [0.36, 0, 0.16],
    [0.54, 4, 0.5],
    [1.08, 2, 0.2],
    [1.3, 7, 1.6],
  ];
  for (const [at, step, length] of notes)
    for (const [under, gain] of [
      [0, 0.6],
      [-12, 0.4],
      [-8, step === 7 ? 0.35 : 0],
    ])
      tone(track, { at, hz: pitch(step + under), length, gain, attack: 0.03, fade: 0.7, partials: horn });
  return track;
}

/** Three steps down, each softer: nobody is laughed at here either. */
function ohNo() {
  const track = silence(2.2);
  [
    [0, -3, 0.5],
    [0.42, -4, 0.5],
    [0.84, -8, 1.3],
  ].forEach(([at, step, length], i) =>
    tone(track, {
      at,
      hz: pitch(step - 12),
      length,
      gain: 0.6 - i * 0.08,
      attack: 0.05,
      fade: i === 2 ? 1.2 : 1.8,
      partials: horn,
    }),
  );
  return track;
}

/** Two sticks on a skin, faster and louder, and the stroke that ends it. */
function drumRoll() {
  const track = silence(3.6);
  const random = seeded(23);
  const end = 2.8;
  let at = 0;
  while (at < end) {
    const far = at / end;
    hiss(track, { at, length: 0.07, gain: 0.25 + 0.5 * far, bright: 0.35, random });
    tone(track, { at, hz: 180, length: 0.08, gain: 0.12 + 0.2 * far, fade: 30 });
    at += 0.06 - 0.022 * far;
  }
  hiss(track, { at: end, length: 0.7, gain: 1, bright: 0.8, random });
  tone(track, { at: end, hz: 90, length: 0.6, gain: 0.9, fade: 8, partials: wood });
  return track;
}

const sounds = { theme, thinking, lock, right, wrong, applause, fanfare, ohNo, drumRoll };

/** Writes the sounds of the house, all made here, as `<name>.wav`. */
export function writeSounds(folder) {
  mkdirSync(folder, { recursive: true });
  for (const [name, make] of Object.entries(sounds))
    writeFileSync(path.join(folder, `${name}.wav`), wav(make()));
}
