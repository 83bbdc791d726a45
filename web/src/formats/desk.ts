import type { FormatName } from '@distaff/core/formats';
import type { Component } from 'vue';
import BoardDesk from './board/BoardDesk.vue';
import ClaimDesk from './claim/ClaimDesk.vue';
import ClimbDesk from './climb/ClimbDesk.vue';
import ClimbDeskHelp from './climb/ClimbDeskHelp.vue';
import CounterweightDesk from './counterweight/CounterweightDesk.vue';
import InterludeDesk from './interlude/InterludeDesk.vue';
import KnockoutDesk from './knockout/KnockoutDesk.vue';
import OwnPaceDesk from './ownPace/OwnPaceDesk.vue';
import TrailDesk from './trail/TrailDesk.vue';
import SurveyDeskHelp from './survey/SurveyDeskHelp.vue';
import ListDesk from './list/ListDesk.vue';

/** What stands at the desk between two questions (`DeskPart`); it may emit `ask` for any command of the host. */
export const deskParts: Record<FormatName, Component> = {
  board: BoardDesk,
  quiz: ListDesk,
  knockout: KnockoutDesk,
  counterweight: CounterweightDesk,
  climb: ClimbDesk,
  claim: ClaimDesk,
  trail: TrailDesk,
  survey: ListDesk,
  ownPace: OwnPaceDesk,
  interlude: InterludeDesk,
};

/** What stands beside a question of a format, where it has something of its own; may emit `act` and `ask`. */
export const deskHelps: Partial<Record<FormatName, Component>> = {
  climb: ClimbDeskHelp,
  survey: SurveyDeskHelp,
};
