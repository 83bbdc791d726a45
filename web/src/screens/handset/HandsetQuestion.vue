<script setup lang="ts">
import { computed } from 'vue';
import type { PublicQuestion, PublicView, SeatView } from '@distaff/core/sitting';
import { mdiCheckBold } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { letterAt, type Lettered } from '../../design/letters.ts';
import PictureFrame from '../../design/media/PictureFrame.vue';
import GivenAnswer from '../../design/rich/GivenAnswer.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import { useReward } from '../../design/useReward.ts';
import { useVerdict, verdictIcon } from '../../design/verdict.ts';
import PollOutcome from '../../design/poll/PollOutcome.vue';
import HandsetOptions from './HandsetOptions.vue';
import { useOwnWords } from './useOwnWords.ts';

/** A question as somebody sees it who cannot answer it now: waiting, having answered, or at the key. */
const { question, seat, view } = defineProps<{
  question: PublicQuestion & Lettered;
  seat: SeatView;
  view: PublicView;
}>();
const { t } = useI18n();
const { change } = useFormat();
const reward = useReward();
const { told } = useVerdict();
const { own } = useOwnWords();

const name = (team: string | null) => view.teams.find((one) => one.id === team)?.name ?? '';
const onFloor = computed(() => question.mode === 'everyone' || question.floor === seat.team);
const memberwise = computed(() => view.devices.mode === 'each' && question.mode === 'everyone');
const live = computed(() => question.step === 'open');
const before = computed(() => question.step === 'picked' || question.step === 'posed');
const verdict = computed(() => seat.verdict);
const opinion = computed(() => question.poll !== null);
const outcome = computed(() => question.poll?.outcome ?? null);
const nameless = computed(() => question.poll?.anonymous === true);
/** What the author has to say to those who were right and to those who were not. */
const said = computed(() => {
  if (!question.key || !verdict.value) return '';
  const mine = gains.value.find((one) => one.team === seat.team)?.amount ?? 0;
  // Where questions are worth nothing by themselves there are no points to tell of.
  const brought = question.result && question.points !== 0 ? mine : null;
  return reward(question.key, verdict.value === 'right', brought);
});
/** The signs of what was picked; an order or pairs are told by their text. */
const signs = computed(() => {
  const type = question.control?.type;
  return type === 'one' || type === 'many'
    ? (seat.given?.answer?.slots.map((slot) => letterAt(question, slot)) ?? [])
    : [];
});
/** What the question brought: the own points, and where one team at a time had the floor everybody's. */
const gains = computed(() => {
  const all = question.result?.filter((one) => one.amount !== 0) ?? [];
  return question.mode === 'everyone' ? all.filter((one) => one.team === seat.team) : all;
});
</script>

<template>
  <div class="question">
    <p v-if="!seat.counts && live" class="other">{{ t('handset.forHonour') }}</p>
    <p v-if="before">{{ t(question.kind === 'card' ? 'handset.card' : 'handset.openSoon') }}</p>
    <p v-else-if="live && seat.buzzedBy" class="other">
      {{ t('handset.buzzedBy', { name: seat.buzzedBy }) }}
    </p>
    <p v-else-if="live && !onFloor" class="other">
      {{
        question.floor === null
          ? t('handset.anybodyMayBuzz')
          : t('handset.withOther', { team: name(question.floor) })
      }}
    </p>
    <p v-else-if="opinion && !question.result" class="other">{{ t('handset.opinion') }}</p>
    <p v-else-if="live && question.kind === 'aloud'" class="other">{{ t('handset.sayIt') }}</p>

    <template v-if="outcome">
      <PollOutcome
        class="outcome"
        :outcome="outcome"
        :options="question.options ?? []"
        :control="question.control"
        :before="question.poll?.before ?? null"
        :own="seat.given?.answer?.slots ?? []"
      />
      <p class="small">
        {{ t('common.poll.answers', outcome.of, { named: { n: outcome.of } }) }}
      </p>
    </template>
    <HandsetOptions
      v-else-if="question.options?.length && (live || question.key || opinion)"
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
      <p v-if="nameless" class="small">{{ t('handset.onlyThisPhone') }}</p>
      <p v-else class="small">{{ memberwise ? t('handset.alone.given') : own(view, 'given') }}</p>
      <p class="answerText">
        <span v-for="sign in signs" :key="sign" class="eyelet">{{ sign }}</span>
        <GivenAnswer
          v-if="seat.given.answer?.text"
          :text="seat.given.answer.text"
          :control="question.control?.type ?? null"
        />
        <template v-else>{{ t(nameless ? 'handset.answeredBefore' : 'handset.answerHeld') }}</template>
      </p>
      <p v-if="!memberwise && !nameless" class="small">
        {{ seat.given.mine ? t('handset.givenMine') : t('handset.givenBy', { name: seat.given.by }) }}
      </p>
    </div>
    <p
      v-else-if="
        onFloor &&
        !live &&
        !before &&
        !question.key &&
        question.kind !== 'aloud' &&
        view.devices.mode !== 'none' &&
        !nameless
      "
    >
      {{ own(view, 'lockedNone') }}
    </p>

    <p v-if="verdict" class="verdict" :class="verdict">
      <v-icon :icon="verdictIcon[verdict]" />
      {{ told(verdict, seat.share) }}
    </p>
    <p v-if="said">{{ said }}</p>
    <RichText v-if="question.key?.explanation" :text="question.key.explanation" />
    <template v-if="question.result && question.keyed">
      <p v-for="one in gains" :key="one.team" class="gain">
        {{ t('handset.gets', { team: name(one.team), amount: change(one.amount) }) }}
      </p>
      <p v-if="gains.length === 0 && question.points !== 0 && question.mode !== 'everyone'">
        {{ t('handset.nobody') }}
      </p>
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
  color: var(--ground);
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
.outcome {
  --u: 5px;
  --thread: 2px;
  font-size: 15px;
}
.small {
  color: var(--dim);
  font-size: 15px;
}
.answerText {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 0.4em;
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
