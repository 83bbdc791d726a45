<script setup lang="ts">
import type { PublicView, SeatView } from '@distaff/core/sitting';
import { useTimeoutFn } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import HowItEnded from '../../handset/HowItEnded.vue';
import { useFormat } from '../../design/useFormat.ts';
import { useReward } from '../../design/useReward.ts';
import { useVerdict } from '../../design/verdict.ts';

/** Between two questions of one's own: how the last one ended, what one has, and on to the next; or a pause. */
const { view, seat, paused, sending } = defineProps<{
  view: PublicView;
  seat: SeatView;
  paused: boolean;
  sending: boolean;
}>();
const emit = defineEmits<{ goOn: [] }>();
const { t } = useI18n();
const { points, change, place } = useFormat();
const reward = useReward();
const { told } = useVerdict();
const question = computed(() => seat.asked!);
const over = computed(() => question.value.step === 'settled');
const verdict = computed(() => seat.verdict ?? 'none');
const weave = computed(() => view.teams.find((team) => team.id === seat.team)?.weave ?? null);
const said = computed(() =>
  question.value.key ? reward(question.value.key, verdict.value === 'right', seat.earned) : '',
);
/** What there is to read is not taken away; else it goes on by itself (ms). */
const SHOWN = 4000;
const { start, stop } = useTimeoutFn(() => emit('goOn'), SHOWN, { immediate: false });
watch(
  () => over.value && !paused && !question.value.key?.explanation && !question.value.key?.picture,
  (byItself) => (byItself ? start() : stop()),
  { immediate: true },
);
</script>

<template>
  <section v-if="paused" class="alone">
    <h1>{{ t('handset.alone.pausedTitle') }}</h1>
    <p v-if="seat.track">{{ t('handset.alone.soFar', { ...seat.track }) }}</p>
  </section>
  <section v-else class="alone">
    <HowItEnded
      :question="question"
      :verdict="verdict"
      :word="told(verdict, seat.share)"
      :brought="change(seat.earned ?? 0)"
      :weave="weave"
      :said="said"
      :key-label="t('handset.key')"
    />
    <dl v-if="seat.standing">
      <div>
        <dt>{{ t('handset.alone.points') }}</dt>
        <dd>{{ points(seat.standing.score) }}</dd>
      </div>
      <div v-if="seat.standing.of > 1">
        <dt>{{ t('handset.alone.place') }}</dt>
        <dd>{{ place(seat.standing.place) }}</dd>
      </div>
    </dl>
    <v-btn class="next" color="primary" size="x-large" block :disabled="sending" @click="emit('goOn')">{{
      t('handset.alone.goOn')
    }}</v-btn>
  </section>
</template>

<style scoped>
.alone {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
/* As wide as the page, not as high. */
.next {
  flex: none;
}
h1 {
  margin: auto 0 0;
  font-size: 30px;
}
h1 + p {
  margin-bottom: auto;
  color: var(--dim);
}
p {
  margin: 0;
}
dt {
  color: var(--dim);
  font-size: 15px;
}
dl {
  margin: auto 0 0;
  display: flex;
  gap: 48px;
}
dd {
  margin: 0;
  font-family: var(--display);
  font-size: 32px;
  font-weight: 700;
}
</style>
