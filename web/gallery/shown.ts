import type { PublicView, SeatView, StageView } from '@distaff/core/sitting';
import type { Complaint } from './measure.ts';

/** One screen with a view, as the engine makes it: the real components with nothing around them. */
export type Shown =
  | { on: 'stage'; view: StageView }
  | { on: 'overlay'; view: PublicView }
  | { on: 'handset'; view: PublicView; seat: SeatView };

declare global {
  interface Window {
    /** Shows a screen, waits until it is drawn, and tells what is wrong with it. */
    show(shown: Shown): Promise<Complaint[]>;
  }
}
