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
  ownPace: whenNeeded(() => import('./ownPace/OwnPaceHandset.vue')),
  interlude: InterludeHandset,
};
