import type { LoggedEvent } from './events.ts';
import type { SittingState } from './state.ts';

/** Books of the spinner: that it is on, what came up, and whom it has drawn. */
export function evolveSpinner(state: SittingState, event: LoggedEvent): void {
  switch (event.type) {
    case 'spinnerShown': {
      const { what, team, fields } = event;
      state.spinner = { what, team, fields, field: null, passes: 0, spunAt: null };
      state.standings = false;
      return;
    }
    case 'spun': {
      const { spinner } = state;
      if (spinner) Object.assign(spinner, { field: event.field, passes: event.passes, spunAt: event.at });
      return;
    }
    case 'spinnerClosed': {
      const { spinner } = state;
      const ref = spinner?.field == null ? undefined : spinner.fields[spinner.field]?.ref;
      if (spinner && ref !== undefined)
        state.drawn.set(spinner.what, new Set([...(state.drawn.get(spinner.what) ?? []), ref]));
      state.spinner = null;
      return;
    }
    case 'roundBegan':
    case 'closed':
    case 'picked':
      state.spinner = null;
      return;
    default:
  }
}
