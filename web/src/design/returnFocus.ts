/**
 * Whoever closes a dialog goes on where they were: the focus returns to what had it before. Most dialogs are
 * opened by a state and not by a button that they know, so it is seen to here, once for all of them. While
 * one is open the focus stays in it, also when the button that had it is switched off by its own press.
 */
export function returnFocus(): void {
  let before: HTMLElement | null = null;
  let open = false;
  const inOverlay = (element: Element | null) => element?.closest('.v-overlay-container') != null;
  document.addEventListener('focusin', ({ target }) => {
    if (target instanceof HTMLElement && !inOverlay(target)) before = target;
  });
  const look = () => {
    const front = [...document.querySelectorAll('.v-dialog.v-overlay--active')].at(-1);
    const at = document.activeElement;
    if (!front && open && (at === document.body || inOverlay(at))) before?.focus({ preventScroll: true });
    if (front && at === document.body)
      front.querySelector<HTMLElement>('.v-overlay__content')?.focus({ preventScroll: true });
    open = front !== undefined;
  };
  const observer = new MutationObserver(look);
  // Overlays are drawn in a place of their own, which comes with the first of them.
  new MutationObserver((_, own) => {
    const place = document.querySelector('.v-overlay-container');
    if (!place) return;
    observer.observe(place, { subtree: true, childList: true, attributeFilter: ['class', 'disabled'] });
    look();
    own.disconnect();
  }).observe(document.body, { childList: true });
}
