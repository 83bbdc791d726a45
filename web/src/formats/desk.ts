import type { FormatName } from '@distaff/core/formats';
import type { Component } from 'vue';
import BoardDesk from './board/BoardDesk.vue';
import CounterweightDesk from './counterweight/CounterweightDesk.vue';
import InterludeDesk from './interlude/InterludeDesk.vue';
import KnockoutDesk from './knockout/KnockoutDesk.vue';
import OwnPaceDesk from './ownPace/OwnPaceDesk.vue';
import ListDesk from './list/ListDesk.vue';

/** What stands at the desk between two questions (`DeskPart`). */
export const deskParts: Record<FormatName, Component> = {
  board: BoardDesk,
  quiz: ListDesk,
  knockout: KnockoutDesk,
  counterweight: CounterweightDesk,
  ownPace: OwnPaceDesk,
  interlude: InterludeDesk,
};
