<script setup lang="ts">
import type { Control } from '@distaff/core/question';
import type { DeskResponse } from '@distaff/core/sitting';
import { mdiEyeOffOutline, mdiProjectorScreenOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import GivenAnswer from '../../design/rich/GivenAnswer.vue';
import { useVerdict, verdictIcon } from '../../design/verdict.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { useDesk } from '../useDesk.ts';

/** One answer with its time, its ruling and the ways to change that. */
const { response, control, play, canRule, keyed, onStage } = defineProps<{
  response: DeskResponse;
  control: Control['type'] | null;
  /** The question meant; null for the one in play. */
  play: number | null;
  canRule: boolean;
  keyed: boolean;
  /** The response that is on the stage by itself; undefined where none can be put there. */
  onStage?: string | null | undefined;
}>();
const { t } = useI18n();
const desk = useDesk();
const { told } = useVerdict();
const HALF = 0.5;
const verdicts = [
  { verdict: 'right', word: 'desk.ruleRight' },
  { verdict: 'part', word: 'desk.rulePart' },
  { verdict: 'wrong', word: 'desk.ruleWrong' },
] as const;
const isSo = (response: DeskResponse, verdict: (typeof verdicts)[number]['verdict']) =>
  response.verdict === verdict && (verdict !== 'part' || response.share === HALF);

const whose = computed(() => response.player ?? teamOf(response.team)?.name ?? '');
const teamOf = (id: string) => desk.view.teams.find((team) => team.id === id);
const verdictOf = ({ verdict, share, by }: DeskResponse) => {
  if (verdict === null) return keyed ? t('desk.unmarked') : '';
  return `${told(verdict, share)} – ${t(by === 'key' ? 'desk.ruledByKey' : 'desk.ruledByHost')}`;
};
/** The signs of what was picked; an order or pairs are told by their text. */
const signsOf = ({ answer }: DeskResponse) =>
  control === 'one' || control === 'many' ? (answer?.slots ?? []).map(letterOf).join(', ') : '';
/** What people typed may be right in another spelling, for all who gave it. */
const maySpell = ({ verdict, answer }: DeskResponse) =>
  answer !== null && verdict !== null && verdict !== 'right' && (control === 'text' || control === null);
const accept = (response: DeskResponse) =>
  desk.askAndTell({
    type: 'acceptAnswer',
    play: response.play ?? play ?? desk.question!.play,
    who: response.who,
  });
const letThrough = () =>
  desk.ask({ type: 'letThrough', play: play ?? desk.question!.play, who: response.who });
</script>

<template>
  <div class="answer">
    <WeaveSwatch v-if="teamOf(response.team)" :weave="teamOf(response.team)!.weave" />
    <div class="grow">
      <p class="who">
        <b>{{ teamOf(response.team)?.name }}</b>
        <span v-if="desk.view.devices.score === 'teams'">{{ response.player ?? t('desk.aloud') }}</span>
        <span v-if="response.after !== null" class="mono">{{
          t('desk.after', { n: (response.after / 1000).toFixed(1) })
        }}</span>
      </p>
      <p class="given">
        <b v-if="signsOf(response)">{{ signsOf(response) }}</b>
        <GivenAnswer v-if="response.answer" :text="response.answer.text" :control="control" />
        <span :class="response.verdict">
          <v-icon v-if="response.verdict" :icon="verdictIcon[response.verdict]" size="16" />
          {{ verdictOf(response) }}
        </span>
      </p>
    </div>
    <span v-if="response.held" class="held">
      <v-icon :icon="mdiEyeOffOutline" size="16" />
      {{ t('desk.answerHeld') }}
      <v-btn size="small" variant="outlined" @click="letThrough">{{ t('desk.letThrough') }}</v-btn>
    </span>
    <v-btn
      v-if="onStage !== undefined && response.answer && !response.held"
      size="small"
      :variant="onStage === response.who ? 'flat' : 'text'"
      :icon="mdiProjectorScreenOutline"
      :aria-label="t('desk.putOnStage')"
      :aria-pressed="onStage === response.who"
      :title="t('desk.putOnStage')"
      @click="desk.ask({ type: 'showResponse', who: onStage === response.who ? null : response.who })"
    />
    <template v-if="canRule">
      <v-btn
        v-if="maySpell(response)"
        size="small"
        variant="outlined"
        :aria-label="`${t('desk.acceptForAll')} – ${whose}`"
        @click="accept(response)"
        >{{ t('desk.acceptForAll') }}</v-btn
      >
      <v-btn
        v-for="{ verdict, word } in verdicts"
        :key="verdict"
        size="small"
        variant="outlined"
        :disabled="isSo(response, verdict)"
        :aria-label="`${t(word)} – ${whose}`"
        @click="desk.ruleOn(response, verdict, play)"
        >{{ t(word) }}</v-btn
      >
    </template>
  </div>
</template>

<style scoped>
.answer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.grow {
  min-width: 230px;
}
p {
  margin: 0;
}
.who {
  display: flex;
  gap: 10px;
}
.who span {
  color: var(--stone);
}
.held {
  display: flex;
  align-items: center;
  gap: 8px;
  padding-left: 8px;
  border-left: 4px solid var(--weld);
}
.given {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 0.4em;
  font-size: 18px;
}
.right,
.part {
  color: var(--moss);
  font-weight: 700;
}
.wrong {
  color: var(--madder);
  font-weight: 700;
}
</style>
