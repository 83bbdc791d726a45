import { clockOffset, type TimeSample } from '@distaff/core/time';
import { promiseTimeout } from '@vueuse/core';
import { ref } from 'vue';

/** So many samples are kept, and taken at once after a connection. */
const SAMPLES = 8;
/** Between two of them (ms). */
const APART = 60;

/** The server's clock as far as this device knows it. `ask` brings its time (ms); rejects where no answer came. */
export function serverClock(ask: () => Promise<number>) {
  const offset = ref(0);
  let samples: TimeSample[] = [];

  /** Forgets what an earlier connection measured. */
  const begin = () => (samples = []);

  async function sample(count = SAMPLES): Promise<void> {
    for (let i = 0; i < count; i++) {
      const sent = Date.now();
      const server = await ask().catch(() => null);
      if (server === null) return;
      samples = [...samples, { sent, server, received: Date.now() }].slice(-SAMPLES);
      offset.value = clockOffset(samples)?.offset ?? 0;
      if (count > 1) await promiseTimeout(APART);
    }
  }

  return { now: () => Date.now() + offset.value, begin, sample };
}
