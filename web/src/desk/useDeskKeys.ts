import { onMounted, onUnmounted } from 'vue';
import type { Action } from './actions.ts';
import { useDesk } from './useDesk.ts';

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;
/** A focused button or link keeps Space and Enter for itself, as everywhere. */
const pressable = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('button, a, [role="menuitem"]') !== null;

/** The keys of the desk. They keep still while somebody types or a dialog is open. */
export function useDeskKeys(actions: Action[]): void {
  const desk = useDesk();
  function press(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
    if (typing(event.target) || desk.dialog !== null || desk.adjusting !== null || desk.person !== null)
      return;
    if (event.key === ' ' && pressable(event.target)) return;
    if (/^[1-9]$/.test(event.key)) {
      const team = desk.view.teams[Number(event.key) - 1];
      if (team && desk.buzzing) desk.buzzFor(team.id);
      else if (team) desk.pick(team.id);
      return;
    }
    const key = event.key === '−' ? '-' : event.key.toLowerCase();
    const action = actions.find((one) => one.key === key);
    if (!action) return;
    event.preventDefault();
    action.do();
  }
  onMounted(() => window.addEventListener('keydown', press));
  onUnmounted(() => window.removeEventListener('keydown', press));
}
