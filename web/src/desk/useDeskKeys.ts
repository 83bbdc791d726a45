import { onMounted, onUnmounted } from 'vue';
import type { Action } from './actions.ts';
import { useDesk } from './useDesk.ts';

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;
/** A focused button keeps Space for itself, as everywhere; a link is not pressed by it anyway. */
const pressable = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('button, [role="menuitem"]') !== null;
/**
 * What was pressed by the mouse lets go of the focus: whoever opened the stage or showed the standings
 * so, and goes on by Space, means the next step.
 */
function letGo(event: MouseEvent): void {
  const control = event.target instanceof HTMLElement ? event.target.closest<HTMLElement>('button, a') : null;
  const byPointer = event.detail > 0;
  if (!control || !byPointer || control.matches('[aria-haspopup]') || control.closest('[role="dialog"]'))
    return;
  if (document.activeElement === control) control.blur();
}

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
  onMounted(() => {
    window.addEventListener('keydown', press);
    window.addEventListener('click', letGo);
  });
  onUnmounted(() => {
    window.removeEventListener('keydown', press);
    window.removeEventListener('click', letGo);
  });
}
