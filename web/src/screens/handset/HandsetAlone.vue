<script setup lang="ts">
import type { PublicView, SeatView } from '@distaff/core/sitting';
import { mdiCheckBold } from '@mdi/js';
import { useTimeoutFn } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import PictureFrame from '../../design/media/PictureFrame.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import { useReward } from '../../design/useReward.ts';
import { useVerdict, verdictIcon } from '../../design/verdict.ts';
import SewnLabel from '../../design/weave/SewnLabel.vue';
import { weaveBackground } from '../../design/weave/tile.ts';

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
const isGood = computed(() => verdict.value === 'right' || verdict.value === 'part');
const weave = computed(() => view.teams.find((team) => team.id === seat.team)?.weave ?? null);
const said = computed(() =>
  question.value.key ? reward(question.value.key, verdict.value === 'right', seat.earned) : '',
);
const keyText = computed(() => {
  const { key, options } = question.value;
  if (!key) return '';
  if (key.slots.length > 0 && options) return key.slots.map((slot) => options[slot]?.text ?? '').join(', ');
  return key.texts[0] ?? '';
});
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
    <div class="cloth" :class="{ bare: !isGood }" :style="isGood && weave ? weaveBackground(weave, 2) : {}">
      <SewnLabel class="label" role="status">
        <p><v-icon :icon="verdictIcon[verdict]" /> {{ told(verdict, seat.share) }}</p>
        <b>{{ change(seat.earned ?? 0) }}</b>
      </SewnLabel>
    </div>
    <p v-if="said">{{ said }}</p>
    <div v-if="keyText" class="key">
      <small>{{ t('handset.key') }}</small>
      <p><v-icon :icon="mdiCheckBold" /> <RichText inline :text="keyText" /></p>
    </div>
    <PictureFrame v-if="question.key?.picture" :picture="question.key.picture" size="small" />
    <RichText v-if="question.key?.explanation" :text="question.key.explanation" />
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
.cloth {
  flex: 1 0 180px;
  margin: -8px -16px 0;
  display: grid;
  place-content: center;
}
/* What was not won is bare threads. */
.bare {
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 20%, transparent) 0 1px,
    transparent 1px 8px
  );
}
.label {
  align-items: center;
  font-size: 20px;
  font-weight: 700;
}
.label b {
  font-size: 56px;
}
.key small,
dt {
  color: var(--dim);
  font-size: 15px;
}
.key p {
  font-size: 22px;
  font-weight: 700;
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
