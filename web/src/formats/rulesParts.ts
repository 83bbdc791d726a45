import type { FormatName } from '@distaff/core/formats';
import type { Component } from 'vue';
import ClaimRules from './claim/ClaimRules.vue';
import KnockoutRules from './knockout/KnockoutRules.vue';

/** Rules of a format's own, among those of the round; `v-model` are the rules. */
export const rulesParts: Record<FormatName, Component | null> = {
  board: null,
  quiz: null,
  knockout: KnockoutRules,
  counterweight: null,
  climb: null,
  claim: ClaimRules,
  trail: null,
  ownPace: null,
  interlude: null,
};
