<script setup lang="ts">
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import PictureFrame from '../design/media/PictureFrame.vue';
import RichText from '../design/rich/RichText.vue';
import { useReward } from '../design/useReward.ts';
import { verdictIcon } from '../design/verdict.ts';
import SewnLabel from '../design/weave/SewnLabel.vue';
import { weaveBackground } from '../design/weave/tile.ts';
import { marks } from '../design/marks.ts';
import { useRun } from './useRun.ts';

/** How a question ended: right or not, what was right, and why. */
const { t } = useI18n();
const reward = useReward();
const { practice, now, seat, summary, weave, question } = useRun();
const length = computed(() => summary.value.lengths.at(-1) ?? null);
const verdict = computed(() => seat.value.verdict ?? 'none');
const good = computed(() => verdict.value === 'right' || verdict.value === 'part');
const word = computed(() => {
  const second = length.value?.again === true && verdict.value === 'right';
  return t(`practice.result.${second ? 'second' : verdict.value}`);
});
const key = computed(() => {
  const { key: own, options } = question.value!;
  if (!own) return '';
  if (own.slots.length > 0 && options)
    return own.slots.map((slot) => options[slot]?.text || options[slot]?.picture?.alt || '').join(', ');
  return own.texts[0] ?? '';
});
const said = computed(() =>
  question.value?.key ? reward(question.value.key, verdict.value === 'right', seat.value.earned) : '',
);
const isLast = computed(
  () => summary.value.lengths.length >= summary.value.of && now.value.view.view.round?.format !== 'ownPace',
);
</script>

<template>
  <section v-if="question" class="looking">
    <div class="cloth" :class="{ bare: !good }" :style="good ? weaveBackground(weave, 2) : {}">
      <SewnLabel class="label" role="status">
        <p><v-icon :icon="verdictIcon[verdict]" /> {{ word }}</p>
        <b v-if="length">{{ marks(length.share) }}</b>
      </SewnLabel>
    </div>
    <p v-if="said">{{ said }}</p>
    <div v-if="key" class="key">
      <small>{{ t('practice.correctAnswer') }}</small>
      <p><v-icon :icon="mdiCheckBold" /> <RichText inline :text="key" /></p>
    </div>
    <PictureFrame v-if="question.key?.picture" :picture="question.key.picture" size="small" />
    <RichText v-if="question.key?.explanation" :text="question.key.explanation" />
    <v-btn
      class="next"
      color="primary"
      size="x-large"
      block
      :aria-disabled="practice.busy"
      @click="practice.send({ type: 'goOn', play: question.play })"
      >{{ t(isLast ? 'practice.toEnd' : 'practice.next') }}</v-btn
    >
  </section>
</template>

<style scoped>
.looking {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
p {
  margin: 0;
}
.cloth {
  flex: 1 0 200px;
  margin: -8px -16px 0;
  display: grid;
  place-content: center;
}
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
.key small {
  color: var(--dim);
  font-size: 15px;
}
.key p {
  font-size: 22px;
  font-weight: 700;
}
.next {
  flex: none;
  margin-top: auto;
}
</style>
