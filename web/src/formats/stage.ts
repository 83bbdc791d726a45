import type { FormatName } from '@distaff/core/formats';
import type { Component } from 'vue';
import BoardStage from './board/BoardStage.vue';
import ClaimStage from './claim/ClaimStage.vue';
import ClimbHem from './climb/ClimbHem.vue';
import ClimbStage from './climb/ClimbStage.vue';
import CounterweightStage from './counterweight/CounterweightStage.vue';
import InterludeStage from './interlude/InterludeStage.vue';
import KnockoutStage from './knockout/KnockoutStage.vue';
import OwnPaceStage from './ownPace/OwnPaceStage.vue';
import TrailStage from './trail/TrailStage.vue';
import ListStage from './list/ListStage.vue';

/** What stands on the stage between two questions (`StagePart`). */
export const stageParts: Record<FormatName, Component> = {
  board: BoardStage,
  quiz: ListStage,
  knockout: KnockoutStage,
  counterweight: CounterweightStage,
  climb: ClimbStage,
  claim: ClaimStage,
  trail: TrailStage,
  survey: ListStage,
  ownPace: OwnPaceStage,
  interlude: InterludeStage,
};

/** Formats in which no side can win: teams stand nowhere in them. */
export const withoutTeams: ReadonlySet<FormatName> = new Set<FormatName>(['survey']);

/** Formats that name those who play in their own part: nothing of them stands below it. */
export const namesTeams: ReadonlySet<FormatName> = new Set<FormatName>(['claim', 'trail']);

/** What stands under a question of a format in place of the teams, where it has something of its own. */
export const stageHems: Partial<Record<FormatName, Component>> = { climb: ClimbHem };
