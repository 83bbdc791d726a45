let down = false;
const ends = ['pointerup', 'pointercancel'] as const;
window.addEventListener('pointerdown', () => (down = true), true);
for (const end of ends) window.addEventListener(end, () => (down = false), true);

/**
 * Waits while a mouse button or finger is down. What comes by itself (an answer of the server) and
 * moves the page must not do so between press and release: the click would go nowhere.
 * @returns after the click, or at once.
 */
export function pointerUp(): Promise<void> {
  if (!down) return Promise.resolve();
  return new Promise((resolve) => {
    const ended = () => {
      for (const end of ends) window.removeEventListener(end, ended, true);
      setTimeout(resolve);
    };
    for (const end of ends) window.addEventListener(end, ended, true);
  });
}
