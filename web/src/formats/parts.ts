import type { DeskView, PublicView, SeatView, StageView } from '@distaff/core/sitting';

/** What the part of a format on the stage gets, between two questions; it may emit `choose` and `act`. */
export interface StagePart {
  view: StageView;
  now: number;
  canChoose: boolean;
}
/** What the part of a format on a handset gets; it may emit `act` and `choose`. Below it stand rules and standings. */
export interface HandsetPart {
  view: PublicView;
  seat: SeatView;
}
/** What the part of a format at the desk gets; it may emit `choose` and `act`, and expose `focus`. */
export interface DeskPart {
  view: DeskView;
}
/** What all formats tell whose questions come one after the other. */
export interface ListView {
  played: number;
  of: number;
}
