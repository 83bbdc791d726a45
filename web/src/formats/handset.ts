import type { FormatName } from '@distaff/core/formats';
import type { Component } from 'vue';
import BoardHandset from './board/BoardHandset.vue';
import ClaimHandset from './claim/ClaimHandset.vue';
import ClimbHandset from './climb/ClimbHandset.vue';
import ClimbHelp from './climb/ClimbHelp.vue';
import CounterweightHandset from './counterweight/CounterweightHandset.vue';
import InterludeHandset from './interlude/InterludeHandset.vue';
import KnockoutHandset from './knockout/KnockoutHandset.vue';
import OwnPaceHandset from './ownPace/OwnPaceHandset.vue';
import TrailHandset from './trail/TrailHandset.vue';
import ListHandset from './list/ListHandset.vue';

/** What stands on a handset between two questions (`HandsetPart`). */
export const handsetParts: Record<FormatName, Component> = {
  board: BoardHandset,
  quiz: ListHandset,
  knockout: KnockoutHandset,
  counterweight: CounterweightHandset,
  climb: ClimbHandset,
  claim: ClaimHandset,
  trail: TrailHandset,
  survey: ListHandset,
  ownPace: OwnPaceHandset,
  interlude: InterludeHandset,
};

/** What whoever has the floor may do beside answering, where a format has something of its own; may emit `act`. */
export const handsetHelps: Partial<Record<FormatName, Component>> = {
  climb: ClimbHelp,
};
