/** Samples a second. Enough for soft tones, and half the weight of a CD's. */
export const RATE = 22_050;

/** Numbers that look random and are the same at each build, 0 … 1. */
export function seeded(seed) {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Frequency (Hz) of a note given in semitones from A4 = 440 Hz, equal temperament. */
export const pitch = (semitones) => 440 * 2 ** (semitones / 12);

/** Silence of so many seconds. */
export const silence = (seconds) => new Float32Array(Math.round(seconds * RATE));

/**
 * Adds a tone to `track` at `at` seconds: partials as [multiple of the frequency, loudness], which fade
 * the faster the higher they are. `attack` and `fade` in seconds; what runs over the end comes in again
 * at the beginning where `around`, so that a loop has no seam.
 */
export function tone(
  track,
  { at, hz, length, gain, attack = 0.006, fade = 3, partials = [[1, 1]], around = false },
) {
  const first = Math.round(at * RATE);
  const count = Math.round(length * RATE);
  for (let i = 0; i < count; i++) {
    const place = first + i;
    if (place >= track.length && !around) break;
    const t = i / RATE;
    const rise = Math.min(1, t / attack);
    const close = Math.min(1, (count - i) / (0.02 * RATE));
    let sum = 0;
    for (const [multiple, loudness] of partials)
      sum += loudness * Math.exp(-t * fade * Math.sqrt(multiple)) * Math.sin(2 * Math.PI * hz * multiple * t);
    track[place % track.length] += sum * gain * rise * close;
  }
}

/** Adds a short burst of noise, the darker the smaller `bright` (0 … 1). */
export function hiss(track, { at, length, gain, bright, random }) {
  const first = Math.round(at * RATE);
  const count = Math.round(length * RATE);
  let smooth = 0;
  for (let i = 0; i < count && first + i < track.length; i++) {
    smooth += bright * (random() * 2 - 1 - smooth);
    track[first + i] += smooth * gain * Math.exp((-5 * i) / count);
  }
}

/** A RIFF/WAVE file, 16-bit PCM, one channel (IBM and Microsoft, "Multimedia Programming Interface", 1991), its loudest sample at `peak`. */
export function wav(track, peak = 0.7) {
  const loudest = track.reduce((most, one) => Math.max(most, Math.abs(one)), 1e-9);
  const file = Buffer.alloc(44 + track.length * 2);
  file.write('RIFF', 0);
  file.writeUInt32LE(36 + track.length * 2, 4);
  file.write('WAVEfmt ', 8);
  file.writeUInt32LE(16, 16);
  file.writeUInt16LE(1, 20);
  file.writeUInt16LE(1, 22);
  file.writeUInt32LE(RATE, 24);
  file.writeUInt32LE(RATE * 2, 28);
  file.writeUInt16LE(2, 32);
  file.writeUInt16LE(16, 34);
  file.write('data', 36);
  file.writeUInt32LE(track.length * 2, 40);
  track.forEach((one, i) => file.writeInt16LE(Math.round((one / loudest) * peak * 32_767), 44 + i * 2));
  return file;
}
