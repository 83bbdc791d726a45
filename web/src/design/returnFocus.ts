/**
 * Whoever closes a dialog goes on where they were: the focus returns to what had it before. Most dialogs are
 * opened by a state and not by a button that they know, so it is seen to here, once for all of them.
 */
export function returnFocus(): void {
  let before: HTMLElement | null = null;
  let open = false;
  const inOverlay = (element: Element | null) => element?.closest('.v-overlay-container') != null;
  document.addEventListener('focusin', ({ target }) => {
    if (target instanceof HTMLElement && !inOverlay(target)) before = target;
  });
  const look = () => {
    const now = document.querySelector('.v-dialog.v-overlay--active') !== null;
    const at = document.activeElement;
    if (open && !now && (at === document.body || inOverlay(at))) before?.focus({ preventScroll: true });
    open = now;
  };
  const observer = new MutationObserver(look);
  // Overlays are drawn in a place of their own, which comes with the first of them.
  new MutationObserver((_, own) => {
    const place = document.querySelector('.v-overlay-container');
    if (!place) return;
    observer.observe(place, { subtree: true, attributeFilter: ['class'] });
    look();
    own.disconnect();
  }).observe(document.body, { childList: true });
}
