<script setup lang="ts">
import { computed } from 'vue';
import type { PublicQuestion, SeatView, TeamView } from '@distaff/core';
import { mdiCheckBold } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import PictureFrame from '../../design/media/PictureFrame.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import { useVerdict, verdictIcon } from '../../design/verdict.ts';
import HandsetOptions from './HandsetOptions.vue';

/** A question as somebody sees it who cannot answer it now: waiting, having answered, or at the key. */
const { question, seat, teams } = defineProps<{
  question: PublicQuestion;
  seat: SeatView;
  teams: readonly TeamView[];
}>();
const { t } = useI18n();
const { change } = useFormat();
const { told } = useVerdict();

const name = (team: string) => teams.find((one) => one.id === team)?.name ?? '';
const onFloor = computed(() => question.floor === seat.team);
const live = computed(() => question.step === 'open');
const before = computed(() => question.step === 'picked' || question.step === 'posed');
const ownTry = computed(() => question.tries.find((one) => one.team === seat.team));
const verdict = computed(() => ownTry.value?.verdict ?? null);
const opinion = computed(() => question.kind === 'opinion');
/** What the author has to say to those who were right and to those who were not. */
const said = computed(() => {
  if (!question.key || !verdict.value) return '';
  return verdict.value === 'right' ? question.key.onRight : question.key.onWrong;
});
/** The signs of what was picked; an order or pairs are told by their text. */
const signs = computed(() => {
  const type = question.control?.type;
  return type === 'one' || type === 'many' ? (seat.given?.answer?.slots.map(letterOf) ?? []) : [];
});
const gains = computed(() => question.result?.filter((one) => one.amount !== 0) ?? []);
</script>

<template>
  <div class="question">
    <p v-if="before">{{ t(question.kind === 'card' ? 'handset.card' : 'handset.openSoon') }}</p>
    <p v-else-if="live && !onFloor" class="other">
      {{ t('handset.withOther', { team: name(question.floor) }) }}
    </p>
    <p v-else-if="opinion && !question.result" class="other">{{ t('handset.opinion') }}</p>
    <p v-else-if="live && question.kind === 'aloud'" class="other">{{ t('handset.sayIt') }}</p>

    <HandsetOptions
      v-if="question.options?.length && (live || question.key || opinion)"
      :question="question"
    />
    <p v-else-if="question.key?.texts.length" class="keyText">
      <v-icon :icon="mdiCheckBold" /> {{ t('handset.key') }}:
      <RichText inline :text="question.key.texts[0]!" />
    </p>

    <PictureFrame
      v-if="question.key?.picture"
      class="keyPicture"
      :picture="question.key.picture"
      size="small"
    />

    <div v-if="seat.given" class="given">
      <p class="small">{{ t('handset.given') }}</p>
      <p class="answerText">
        <span v-for="sign in signs" :key="sign" class="eyelet">{{ sign }}</span>
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
      <v-icon :icon="verdictIcon[verdict]" />
      {{ told(verdict, ownTry?.share ?? null) }}
    </p>
    <p v-if="said">{{ said }}</p>
    <RichText v-if="question.key?.explanation" :text="question.key.explanation" />
    <template v-if="question.result && question.keyed">
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
.keyPicture {
  align-self: center;
  max-height: 32vh;
  width: auto;
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
