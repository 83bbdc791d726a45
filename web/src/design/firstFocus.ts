import type { Directive } from 'vue';

const FRAMES = 30;
const fields = 'input, textarea, select, [contenteditable]';
/** The dialogs that are open; those on top of others are always their own. */
const modals = () => [...document.querySelectorAll('.v-dialog.v-overlay--active')].slice(-1);

/**
 * `v-first-focus` puts the caret into a field as its dialog opens – once, and only while no other
 * field of the dialog has it. Vuetify's own autofocus comes a moment later whatever the person has
 * done by then, so that the first letters typed elsewhere land in the wrong field.
 * Give it `false` to leave the field alone.
 */
export const vFirstFocus: Directive<HTMLElement, boolean | undefined> = {
  mounted(root, { value = true }) {
    if (!value) return;
    const field = root.matches(fields) ? root : root.querySelector<HTMLElement>(fields);
    // A dialog is invisible for its first frames, and takes no focus until it is seen.
    const attempt = (left: number) => {
      if (!field?.isConnected) return;
      const active = document.activeElement;
      const scope = field.closest('[role="dialog"]') ?? document.body;
      if (active !== field && active?.matches(fields) && scope.contains(active)) return;
      // What came late, after a dialog had opened over it, takes nothing away from that dialog.
      if (modals().some((dialog) => !dialog.contains(field))) return;
      field.focus();
      if (document.activeElement !== field && left > 0) requestAnimationFrame(() => attempt(left - 1));
    };
    attempt(FRAMES);
  },
};
