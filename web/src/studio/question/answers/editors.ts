import type { KindName } from '@distaff/core/question';
import type { Component } from 'vue';
import AcceptedEditor from './AcceptedEditor.vue';
import AloudEditor from './AloudEditor.vue';
import NumberEditor from './NumberEditor.vue';
import OptionsEditor from './OptionsEditor.vue';
import PairsEditor from './PairsEditor.vue';
import ScaleEditor from './ScaleEditor.vue';
import TrueFalseEditor from './TrueFalseEditor.vue';

/** Where the answer of each kind is written; null where there is none. `v-model` is its content. */
export const answerEditors: Record<KindName, Component | null> = {
  choice: OptionsEditor,
  many: OptionsEditor,
  truefalse: TrueFalseEditor,
  text: AcceptedEditor,
  number: NumberEditor,
  order: OptionsEditor,
  match: PairsEditor,
  aloud: AloudEditor,
  opinion: OptionsEditor,
  scale: ScaleEditor,
  words: null,
  card: null,
};
