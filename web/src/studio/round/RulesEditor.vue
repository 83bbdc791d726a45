<script setup lang="ts">
import { asksAs, brought, choosers, floors, formatOf, formats, turnOrders } from '@distaff/core/formats';
import { canChooseTogether, rulesView } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOwnKey } from '../../design/useOwnKey.ts';
import { useRules } from '../../design/useRules.ts';
import { useEditor } from '../editor.ts';
import BoostEditor from './BoostEditor.vue';
import NumberField from '../question/NumberField.vue';

/** The rules of the round, in words that say what they do; only those that apply. */
const { t, te } = useI18n();
const ownKey = useOwnKey();
const { told } = useRules();
const editor = useEditor();
const rules = computed(() => editor.round.rules);
const prescribed = computed(() => formats[editor.round.format].prescribes);
/** Whether a rule is the host's to set: the format may prescribe it. */
const free = (rule: keyof typeof rules.value) => !(rule in prescribed.value);
const inForce = computed(() => ({ ...rules.value, ...prescribed.value }));
/** Whether all have the same question at the same time. */
const together = computed(() => asksAs(editor.round) === 'together');
/** Whether teams are on one after the other, by the rules of the round. */
const hasTurns = computed(() => {
  const { inTurns, chosen } = formatOf(editor.round.format);
  return together.value && inTurns && (inForce.value.floor === 'turn' || chosen);
});
const oneByOne = computed(() => inForce.value.floor !== 'everyone');
/** Whether members of a team, each with a phone, may choose together. */
const membersChoose = computed(() => canChooseTogether(editor.round, editor.show!.devices));
/** What one of what it counts brings, where it counts something else than points. */
const countedPoints = computed(() => `editors.${editor.round.format}.countedPoints`);
function bringsWord(what: (typeof brought)[number]): string {
  const general = `studio.bringsWhat.${what}`;
  return t(what === 'counted' ? ownKey(`editors.${editor.round.format}.counted`, general) : general);
}
const speed = computed({
  get: () => rules.value.speed !== null,
  set: (on: boolean) => (rules.value.speed = on ? { keep: 50, grace: 0 } : null),
});
const lowest = computed({
  get: () => rules.value.lowest !== null,
  set: (on: boolean) => (rules.value.lowest = on ? 0 : null),
});
const pace = computed({
  get: () => rules.value.pace !== null,
  set: (on: boolean) => (rules.value.pace = on ? 6 : null),
});
</script>

<template>
  <section class="rules">
    <h1>
      {{ t('rules.rulesOf', { title: editor.round.title || t(`formats.${editor.round.format}.name`) }) }}
    </h1>
    <v-text-field v-model="editor.round.title" :label="t('rules.roundTitle')" maxlength="80" />
    <p v-if="!formatOf(editor.round.format).asks" class="muted">{{ t('rules.noRules') }}</p>
    <template v-else>
      <v-radio-group v-if="free('floor')" v-model="rules.floor" :label="t('rules.floor')">
        <v-radio v-for="one in floors" :key="one" :value="one" :label="t(`rules.floors.${one}`)" />
      </v-radio-group>
      <v-radio-group
        v-if="oneByOne && free('afterWrong')"
        v-model="rules.afterWrong"
        :label="t('rules.afterWrong')"
      >
        <v-radio v-if="inForce.floor === 'turn'" value="handOn" :label="t('rules.handOn')" />
        <v-radio value="buzz" :label="t('rules.openByBuzz')" />
        <v-radio value="close" :label="t('rules.closeQuestion')" />
      </v-radio-group>
      <NumberField
        v-if="oneByOne && rules.afterWrong !== 'close' && free('passShare')"
        v-model="rules.passShare"
        class="short"
        :min="0"
        :max="100"
        :label="t('rules.passShare')"
      />
      <v-radio-group v-if="free('penalty')" v-model="rules.penalty" :label="t('rules.penalty')">
        <v-radio value="none" :label="t('rules.penaltyNone')" />
        <v-radio value="part" :label="t('rules.penaltyPart')" />
        <v-radio value="full" :label="t('rules.penaltyFull')" />
      </v-radio-group>
      <NumberField
        v-if="free('penalty') && rules.penalty === 'part'"
        v-model="rules.penaltyShare"
        class="short"
        :min="1"
        :max="99"
        :label="t('rules.penaltyShare')"
      />
      <v-switch
        v-if="free('penalty') && rules.penalty !== 'none'"
        v-model="rules.penaltyClosest"
        :label="t('studio.penaltyClosest')"
      />
      <v-radio-group v-if="hasTurns" v-model="rules.turns" :label="t('rules.turns')">
        <v-radio v-for="one in turnOrders" :key="one" :value="one" :label="t(`rules.turnOrders.${one}`)" />
      </v-radio-group>
      <v-radio-group v-if="membersChoose" v-model="rules.chosenBy" :label="t('rules.chosenBy')">
        <v-radio v-for="one in choosers" :key="one" :value="one" :label="t(`rules.choosers.${one}`)" />
      </v-radio-group>
      <NumberField
        v-model="rules.clock"
        class="clock"
        empty
        :min="3"
        :max="600"
        :label="t('rules.roundClock')"
        :hint="t('rules.roundClockHint')"
        :problem="t('form.clockWrong')"
      />
      <NumberField
        v-if="hasTurns"
        v-model="rules.turnsEach"
        class="clock"
        empty
        :min="1"
        :max="100"
        :label="t('rules.turnsEach')"
        :hint="t('rules.turnsEachHint')"
      />
      <NumberField
        v-model="rules.roundClock"
        class="clock"
        empty
        :min="30"
        :max="7200"
        :label="t('rules.wholeClock')"
        :hint="t('rules.wholeClockHint')"
      />
      <v-radio-group v-if="together" v-model="rules.clockFor" :label="t('rules.clockFor')">
        <v-radio value="all" :label="t('rules.clockForAll')" />
        <v-radio value="host" :label="t('rules.clockForHost')" />
      </v-radio-group>
      <template v-if="free('speed')">
        <v-switch v-model="speed" :label="t('rules.speed')" />
        <div v-if="rules.speed" class="row">
          <NumberField v-model="rules.speed.keep" :min="0" :max="100" :label="t('rules.speedKeep')" />
          <NumberField v-model="rules.speed.grace" :min="0" :max="60" :label="t('rules.speedGrace')" />
        </div>
      </template>
      <template v-if="free('lowest')">
        <v-switch v-model="lowest" :label="t('rules.lowest')" />
        <NumberField
          v-if="rules.lowest !== null"
          v-model="rules.lowest"
          class="short"
          :min="-1000000"
          :max="1000000"
          :label="t('rules.lowestScore')"
        />
      </template>
      <NumberField
        v-if="inForce.floor === 'buzz' || inForce.afterWrong === 'buzz'"
        v-model="rules.lockout"
        class="short"
        :min="0"
        :max="10"
        :label="t('rules.lockout')"
      />
      <NumberField
        v-if="inForce.floor === 'buzz' || inForce.afterWrong === 'buzz'"
        v-model="rules.mostDelay"
        class="short"
        :min="0"
        :max="1000"
        :label="t('studio.mostDelay')"
      />
      <v-radio-group
        v-if="together && inForce.floor === 'everyone' && free('named')"
        v-model="rules.named"
        :label="t('studio.named')"
      >
        <v-radio
          v-for="one in ['all', 'right', 'counts'] as const"
          :key="one"
          :value="one"
          :label="t(`studio.namedWho.${one}`)"
        />
      </v-radio-group>
      <v-switch
        v-if="inForce.floor === 'everyone' && free('change')"
        v-model="rules.change"
        :label="t('rules.mayChange')"
      />
      <v-switch
        v-if="together"
        :model-value="rules.optionsWith === 'prompt'"
        :label="t('rules.optionsWithPrompt')"
        @update:model-value="rules.optionsWith = $event ? 'prompt' : 'open'"
      />
      <v-switch
        v-if="together && free('picks')"
        :model-value="rules.picks === 'before'"
        :label="t('rules.picksBefore')"
        @update:model-value="rules.picks = $event ? 'before' : 'with'"
      />
      <v-switch v-if="free('shuffleOptions')" v-model="rules.shuffleOptions" :label="t('rules.shuffle')" />
      <v-switch
        v-if="inForce.shuffleOptions && free('shuffleBySeat')"
        v-model="rules.shuffleBySeat"
        :label="t('rules.shuffleBySeat')"
      />
      <v-switch
        v-if="together"
        :model-value="rules.steps === 'joined'"
        :label="t('studio.joinSteps')"
        @update:model-value="rules.steps = $event ? 'joined' : 'single'"
      />
      <BoostEditor v-if="formatOf(editor.round.format).pays" />
      <v-text-field
        v-if="free('onRight')"
        v-model="rules.onRight"
        :label="t('rules.onRight')"
        :hint="t('rules.onRightHint', { points: '{points}' })"
        persistent-hint
        maxlength="200"
      />
      <v-text-field
        v-if="free('onWrong')"
        v-model="rules.onWrong"
        :label="t('rules.onWrong')"
        maxlength="200"
      />
      <v-switch v-if="free('pace')" v-model="pace" :label="t('rules.pace')" />
      <NumberField
        v-if="free('pace') && rules.pace !== null"
        v-model="rules.pace"
        class="short"
        :min="2"
        :max="120"
        :label="t('rules.paceSeconds')"
      />
      <v-radio-group v-if="free('brings')" v-model="rules.brings" :label="t('studio.brings')">
        <v-radio v-for="one in brought" :key="one" :value="one" :label="bringsWord(one)" />
      </v-radio-group>
      <NumberField
        v-if="inForce.brings === 'places'"
        v-model="rules.placePoints"
        class="short"
        :min="0"
        :max="100000"
        :label="t('studio.placePoints')"
      />
      <NumberField
        v-if="inForce.brings === 'counted' && te(countedPoints)"
        v-model="rules.lifePoints"
        class="short"
        :min="0"
        :max="100000"
        :label="t(countedPoints)"
      />
      <v-switch
        v-if="editor.index > 0 && free('scores')"
        :model-value="rules.scores === 'anew'"
        :label="t('rules.scoresAnew')"
        @update:model-value="rules.scores = $event ? 'anew' : 'carry'"
      />
      <aside class="told">
        <h2>{{ t('rules.toldToPlayers') }}</h2>
        <ul>
          <li v-for="one in told(rulesView(editor.round, inForce), editor.show!.devices)" :key="one">
            {{ one }}
          </li>
        </ul>
      </aside>
    </template>
  </section>
</template>

<style scoped>
.rules {
  display: flex;
  flex-direction: column;
  gap: 20px;
}
.clock {
  max-width: 420px;
}
.short {
  max-width: 260px;
}
.told {
  padding: 12px 16px;
  border-left: 4px solid var(--woad);
  background: var(--paper);
}
ul {
  margin: 6px 0 0;
  padding-left: 1.2em;
}
</style>
