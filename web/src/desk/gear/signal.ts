/**
 * What a buzzer sends, as text that names it again: a button of a game controller, a key, or a button of the page
 * with virtual ones.
 */
export type Signal = string;

/** One press, and when it was made: ms since this page began, as the device says (`performance.now`). */
export interface Press {
  signal: Signal;
  at: number;
}

/** The part of a game controller that is read (W3C Gamepad). */
export interface PadState {
  index: number;
  id: string;
  /** When it changed last (ms since this page began); 0 where the browser does not say. */
  timestamp: number;
  buttons: readonly { pressed: boolean }[];
}

const nameOf = (pad: PadState, button: number): Signal => `pad ${pad.index} ${button}`;
export const keySignal = (code: string): Signal => `key ${code}`;
export const virtualSignal = (button: number): Signal => `virtual ${button}`;

/**
 * The buttons that went down since the last look. `held` are those that were down then; it is brought up to date.
 * @param now ms since this page began, for controllers that tell no time.
 */
export function pressesOf(pads: readonly (PadState | null)[], held: Set<Signal>, now: number): Press[] {
  const presses: Press[] = [];
  const down = new Set<Signal>();
  for (const pad of pads)
    pad?.buttons.forEach(({ pressed }, button) => {
      if (!pressed) return;
      const signal = nameOf(pad, button);
      down.add(signal);
      // A device that is ahead of the page, or says nothing, is taken at the time of the look.
      const at = pad.timestamp > 0 && pad.timestamp <= now ? pad.timestamp : now;
      if (!held.has(signal)) presses.push({ signal, at });
    });
  held.clear();
  for (const signal of down) held.add(signal);
  return presses;
}

/** Keys that lead through the page, or that every page has: none of them can be a buzzer. */
const ITS_OWN = new Set(['Escape', 'Tab', 'Space', 'Enter', 'PageUp', 'PageDown', 'F5']);
export const mayBeBuzzer = ({ code, ctrlKey, metaKey, altKey }: KeyboardEvent): boolean =>
  code !== '' &&
  !ITS_OWN.has(code) &&
  !ctrlKey &&
  !metaKey &&
  !altKey &&
  !/^(?:Shift|Control|Alt|Meta)/.test(code);
