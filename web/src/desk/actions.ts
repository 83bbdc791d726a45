import { useDesk } from './useDesk.ts';

export interface Action {
  /** The key at the desk, as `KeyboardEvent.key`. */
  key: string;
  /** The key by which a presenter's clicker does the same. */
  clicker?: string;
  /** The word's key under `desk`. */
  word: string;
  do: () => void;
}

/** Every act of the desk that has a key: for the keyboard, the palette and the list of keys alike. */
export function deskActions(next: () => void): Action[] {
  const desk = useDesk();
  return [
    { key: ' ', clicker: 'PageDown', word: 'keyList.space', do: next },
    { key: '+', word: 'keyList.plus', do: () => desk.award() },
    { key: '-', word: 'keyList.minus', do: () => desk.takeAway() },
    { key: 'n', word: 'keyList.n', do: () => desk.handOn() },
    { key: 'k', word: 'keyList.k', do: () => void desk.ask({ type: 'showKey' }) },
    { key: 'l', word: 'keyList.l', do: () => void desk.ask({ type: 'lock' }) },
    { key: 'c', word: 'keyList.c', do: () => desk.toggleClock() },
    { key: ',', word: 'keyList.comma', do: () => void desk.ask({ type: 'addTime', seconds: -5 }) },
    { key: '.', word: 'keyList.period', do: () => void desk.ask({ type: 'addTime', seconds: 5 }) },
    { key: 's', word: 'keyList.s', do: () => desk.toggleStandings() },
    { key: 'm', word: 'keyList.m', do: () => desk.toggleSound() },
    { key: 'u', clicker: 'PageUp', word: 'keyList.u', do: () => void desk.ask({ type: 'takeBack' }) },
    { key: 'f', word: 'keyList.f', do: () => void desk.ask({ type: 'forward' }) },
    { key: 'e', word: 'keyList.e', do: () => (desk.dialog = 'earlier') },
    { key: 'a', word: 'keyList.a', do: () => desk.mayEnter && (desk.dialog = 'enter') },
    { key: 'p', word: 'keyList.p', do: () => desk.showPeople() },
    { key: '/', word: 'keyList.slash', do: () => (desk.dialog = 'palette') },
    { key: '?', word: 'keyList.question', do: () => (desk.dialog = 'keys') },
  ];
}

/** How a key is written for people. */
export const keyName = (key: string): string =>
  ({ ' ': 'Space', '-': '−', PageDown: 'Page ↓', PageUp: 'Page ↑' })[key] ?? key.toUpperCase();
