import { say } from './say.mjs';

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
/** The first wait before something is started again, and the longest one (ms). */
const FIRST = 300;
const LONGEST = 15_000;
/** Whoever ran for so long (ms) is started again without a wait, however often it ended before. */
const STEADY = 60_000;

/**
 * Starts again what ended unexpectedly, until it runs: a class waits in front of the screen, and what
 * could not start a moment ago – a full disk, a database that is not back yet – can in the next.
 * The waits grow while it ends again and again.
 *
 * @param what its name in sentences
 * @param start begins it; rejects while it cannot
 * @param over whether all is being ended on purpose
 * @returns what to call at each end; it answers when it runs again
 */
export function reviver(what, start, over, { wait = pause, now = Date.now, tell = say } = {}) {
  let delay = FIRST;
  let since = now();
  let told = '';
  return async () => {
    if (now() - since > STEADY) delay = FIRST;
    if (!over()) tell(`${what} ended unexpectedly: starting it again.`);
    while (!over()) {
      await wait(delay);
      if (over()) return;
      try {
        await start();
        since = now();
        if (told) tell(`${what} is back.`);
        told = '';
        delay = Math.min(delay * 2, LONGEST);
        return;
      } catch (error) {
        if (error.message !== told) tell(`${error.message}\nTrying again until it works.`);
        told = error.message;
        delay = Math.min(delay * 2, LONGEST);
      }
    }
  };
}
