import type { FormatName } from '@distaff/core/formats';
import type { Component } from 'vue';
import BoardHandset from './board/BoardHandset.vue';
import CounterweightHandset from './counterweight/CounterweightHandset.vue';
import InterludeHandset from './interlude/InterludeHandset.vue';
import KnockoutHandset from './knockout/KnockoutHandset.vue';
import { whenNeeded } from '../design/whenNeeded.ts';
import ListHandset from './list/ListHandset.vue';

/** What stands on a handset between two questions (`HandsetPart`). */
export const handsetParts: Record<FormatName, Component> = {
  board: BoardHandset,
  quiz: ListHandset,
  knockout: KnockoutHandset,
  counterweight: CounterweightHandset,
  climb: whenNeeded(() => import('./climb/ClimbHandset.vue')),
  ownPace: whenNeeded(() => import('./ownPace/OwnPaceHandset.vue')),
  interlude: InterludeHandset,
};

/** What whoever has the floor may do beside answering, where a format has something of its own; may emit `act`. */
export const handsetHelps: Partial<Record<FormatName, Component>> = {
  climb: whenNeeded(() => import('./climb/ClimbHelp.vue')),
};
