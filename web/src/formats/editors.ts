import type { FormatName } from '@distaff/core/formats';
import type { Component } from 'vue';
import BoardEditor from './board/editor/BoardEditor.vue';
import ClaimEditor from './claim/ClaimEditor.vue';
import ClimbEditor from './climb/ClimbEditor.vue';
import CounterweightEditor from './counterweight/CounterweightEditor.vue';
import InterludeEditor from './interlude/InterludeEditor.vue';
import KnockoutEditor from './knockout/KnockoutEditor.vue';
import OwnPaceEditor from './ownPace/OwnPaceEditor.vue';
import TrailEditor from './trail/TrailEditor.vue';
import SurveyEditor from './survey/SurveyEditor.vue';
import ListEditor from './list/ListEditor.vue';

/** Where a round is written; `v-model:place` is the place that is chosen in it, by its id. */
export const editors: Record<FormatName, Component> = {
  board: BoardEditor,
  quiz: ListEditor,
  knockout: KnockoutEditor,
  counterweight: CounterweightEditor,
  climb: ClimbEditor,
  claim: ClaimEditor,
  trail: TrailEditor,
  survey: SurveyEditor,
  ownPace: OwnPaceEditor,
  interlude: InterludeEditor,
};
