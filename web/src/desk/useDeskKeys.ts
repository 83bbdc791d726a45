import { useEventListener } from '@vueuse/core';
import type { Action } from './actions.ts';
import { useDesk } from './useDesk.ts';

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;
/** A focused button keeps Space for itself, as everywhere; a link is not pressed by it anyway. */
const pressable = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('button, [role="menuitem"]') !== null;
/** Keys by which somebody goes from button to button, and means the one they came to. */
const walks = new Set(['Tab', 'ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End', 'Enter']);
/** The keys of the desk. They keep still while somebody types or a dialog is open. */
export function useDeskKeys(actions: Action[]): void {
  const desk = useDesk();
  /** Whether mouse or finger brought the focus to where it is. */
  let byPointer = false;
  function press(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
    if (typing(event.target) || desk.dialog !== null || desk.adjusting !== null || desk.person !== null)
      return;
    // Whoever pressed something by the mouse, a menu or the standings, and goes on by Space, means the next step.
    if (event.key === ' ' && pressable(event.target)) {
      if (!byPointer) return;
      (event.target as HTMLElement).blur();
    } else if (walks.has(event.key)) byPointer = false;
    if (/^[1-9]$/.test(event.key)) {
      const team = desk.view.teams[Number(event.key) - 1];
      if (team && desk.buzzing) desk.buzzFor(team.id);
      else if (team) desk.pick(team.id);
      return;
    }
    const key = event.key === '−' ? '-' : event.key.toLowerCase();
    const action = actions.find((one) => one.key === key || one.clicker === event.key);
    if (!action) return;
    event.preventDefault();
    action.do();
  }
  useEventListener(window, 'keydown', press);
  useEventListener(window, 'pointerdown', () => (byPointer = true), { capture: true });
}
