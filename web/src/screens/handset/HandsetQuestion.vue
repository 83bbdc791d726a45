<script setup lang="ts">
import { computed } from 'vue';
import type { PublicQuestion, SeatView, TeamView } from '@distaff/core';
import { mdiCheckBold, mdiCloseThick, mdiMinusThick } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import { useFormat } from '../../design/useFormat.ts';

/** A question as somebody sees it who cannot answer it now: waiting, having answered, or at the key. */
const { question, seat, teams } = defineProps<{
  question: PublicQuestion;
  seat: SeatView;
  teams: readonly TeamView[];
}>();
const { t } = useI18n();
const { change } = useFormat();

const name = (team: string) => teams.find((one) => one.id === team)?.name ?? '';
const onFloor = computed(() => question.floor === seat.team);
const live = computed(() => question.step === 'open');
const before = computed(() => question.step === 'picked' || question.step === 'posed');
const ownTry = computed(() => question.tries.find((one) => one.team === seat.team));
const verdict = computed(() => ownTry.value?.verdict ?? null);
const verdictIcon = { right: mdiCheckBold, wrong: mdiCloseThick, none: mdiMinusThick } as const;
const verdictWord = { right: 'common.right', wrong: 'common.wrong', none: 'common.noAnswer' } as const;
const gains = computed(() => question.result?.filter((one) => one.amount !== 0) ?? []);
</script>

<template>
  <div class="question">
    <p v-if="before">{{ t('handset.openSoon') }}</p>
    <p v-else-if="live && !onFloor" class="other">
      {{ t('handset.withOther', { team: name(question.floor) }) }}
    </p>
    <p v-else-if="live && question.kind === 'aloud'" class="other">{{ t('handset.sayIt') }}</p>

    <ol v-if="question.options && (live || question.key)" class="options">
      <li
        v-for="(option, i) in question.options"
        :key="i"
        :class="{
          key: question.key?.slots.includes(i),
          gone: question.key && !question.key.slots.includes(i),
          out: question.ruledOut.includes(i),
        }"
      >
        <span class="eyelet">{{ letterOf(i) }}</span> <span class="grow">{{ option }}</span>
        <v-icon v-if="question.key?.slots.includes(i)" :icon="mdiCheckBold" :aria-label="t('handset.key')" />
      </li>
    </ol>
    <p v-else-if="question.key" class="keyText">
      <v-icon :icon="mdiCheckBold" /> {{ t('handset.key') }}: {{ question.key.texts[0] }}
    </p>

    <div v-if="seat.given" class="given">
      <p class="small">{{ t('handset.given') }}</p>
      <p class="answerText">
        <span v-if="seat.given.answer?.slot != null" class="eyelet">{{
          letterOf(seat.given.answer.slot)
        }}</span>
        {{ seat.given.answer?.text }}
      </p>
      <p class="small">
        {{ seat.given.mine ? t('handset.givenMine') : t('handset.givenBy', { name: seat.given.by }) }}
      </p>
    </div>
    <p v-else-if="onFloor && !live && !before && !question.key && question.kind !== 'aloud'">
      {{ t('handset.lockedNone') }}
    </p>

    <p v-if="verdict" class="verdict" :class="verdict">
      <v-icon :icon="verdictIcon[verdict]" /> {{ t(verdictWord[verdict]) }}
    </p>
    <p v-if="question.key?.explanation">{{ question.key.explanation }}</p>
    <template v-if="question.result">
      <p v-for="one in gains" :key="one.team" class="gain">
        {{ t('handset.gets', { team: name(one.team), amount: change(one.amount) }) }}
      </p>
      <p v-if="gains.length === 0">{{ t('handset.nobody') }}</p>
    </template>
  </div>
</template>

<style scoped>
.question {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
p {
  margin: 0;
}
.other {
  color: var(--dim);
}
.options {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.options li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 8px 12px;
  border: 1px solid #3b4f48;
  border-radius: 8px;
  background: var(--panel);
}
.options .key {
  background: var(--light);
  color: #14211d;
  font-weight: 700;
}
.options .gone,
.options .out {
  border-style: dashed;
  background: none;
  color: var(--dim);
}
.options .out .grow {
  text-decoration: line-through;
}
.eyelet {
  flex: none;
  display: inline-grid;
  place-content: center;
  width: 28px;
  height: 28px;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font-weight: 700;
  font-size: 15px;
}
.keyText {
  padding: 10px 14px;
  border-radius: 8px;
  background: var(--light);
  color: #14211d;
  font-weight: 700;
  font-size: 20px;
}
.given {
  padding: 12px 14px;
  border: 2px solid var(--accent);
  border-radius: 8px;
}
.small {
  color: var(--dim);
  font-size: 15px;
}
.answerText {
  font-size: 20px;
  font-weight: 700;
}
.verdict {
  font-size: 22px;
  font-weight: 700;
  padding: 8px 14px;
  border-radius: 8px;
  border: 2px solid var(--light);
}
.verdict.wrong,
.verdict.none {
  border-style: dashed;
  color: var(--dim);
}
.gain {
  color: var(--accent);
  font-weight: 700;
  font-size: 20px;
}
</style>
