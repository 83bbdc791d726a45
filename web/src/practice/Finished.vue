<script setup lang="ts">
import { mdiImageOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { saveFile } from '../design/saveFile.ts';
import { useFormat } from '../design/useFormat.ts';
import { clothOfRun } from './clothOfRun.ts';
import { marks } from '../design/marks.ts';
import RunAnswers from './RunAnswers.vue';
import RunCloth from './RunCloth.vue';
import { useRun } from './useRun.ts';

/** A run that is over: its cloth with what is still open in it, and the ways on. */
const { t } = useI18n();
const { list } = useFormat();
const { practice, now, summary, weave } = useRun();
const showsAll = ref(false);
const run = computed(() => now.value.run);
const missed = computed(() => now.value.view.missed);
const kind = computed(() => run.value.kind);
const title = computed(() => practice.head!.title);
const attempt = computed(() => {
  const { attempt: n } = run.value;
  const of = practice.head!.settings.attempts;
  return of === null ? t('practice.attemptFree', { n }) : t('practice.attempt', { n, of });
});
const woven = computed(() => summary.value.lengths.filter(({ share }) => share > 0).length);
const result = computed(() => marks(summary.value.points));
const next = computed(() => (practice.me?.runs.filter((one) => one.kind === 'counted').length ?? 0) + 1);
const unanswered = computed(() => Math.max(0, summary.value.of - summary.value.lengths.length));
const open = computed(() => {
  const n = missed.value.questions.length;
  if (n === 0) return unanswered.value > 0 ? '' : t('practice.allOver');
  const { topics } = missed.value;
  return topics.length > 0
    ? t('practice.openTopics', n, { named: { n, topics: list(topics) } })
    : t('practice.open', n, { named: { n } });
});
const again = computed(() => {
  const n = summary.value.of;
  return woven.value === n ? t('practice.missedRight', n, { named: { n } }) : open.value;
});
const saveCloth = () =>
  saveFile(
    'cloth.svg',
    new Blob(
      [
        clothOfRun(
          title.value,
          t('practice.pointsOf', { points: result.value, outOf: summary.value.outOf }),
          summary.value.lengths,
          weave.value,
        ),
      ],
      { type: 'image/svg+xml' },
    ),
  );
</script>

<template>
  <RunAnswers v-if="showsAll" back :answered="now.view.answered" @back="showsAll = false" />
  <section v-else class="finished">
    <RunCloth :lengths="summary.lengths" :of="summary.of" :weave="weave">
      <template v-if="kind === 'counted'">
        <p>{{ attempt }}</p>
        <b>{{ result }}</b>
        <p>{{ t('practice.outOf', summary.outOf, { named: { n: summary.outOf } }) }}</p>
      </template>
      <template v-else>
        <p>{{ title }}</p>
        <b>{{ woven }}</b>
        <p>{{ t('practice.woven', summary.of, { named: { n: summary.of } }) }}</p>
      </template>
    </RunCloth>
    <div class="body">
      <p v-if="open">{{ kind === 'again' ? again : open }}</p>
      <p v-if="unanswered > 0">
        {{ t('practice.unanswered', unanswered, { named: { n: unanswered } }) }}
      </p>
      <v-btn
        v-if="missed.questions.length > 0"
        color="primary"
        size="x-large"
        block
        @click="practice.begin('again', run.id)"
        >{{
          t('practice.tryMissed', missed.questions.length, { named: { n: missed.questions.length } })
        }}</v-btn
      >
      <v-btn
        v-if="practice.me?.mayBegin"
        :variant="missed.questions.length > 0 ? 'outlined' : 'flat'"
        :color="missed.questions.length > 0 ? undefined : 'primary'"
        size="x-large"
        block
        @click="practice.begin('counted')"
        >{{ t('practice.startAttempt', { n: next }) }}</v-btn
      >
      <v-btn v-else variant="outlined" size="x-large" block @click="practice.begin('own')">{{
        t('practice.playAgain')
      }}</v-btn>
      <v-btn
        v-if="missed.questions.length === 0"
        variant="outlined"
        size="x-large"
        block
        :prepend-icon="mdiImageOutline"
        @click="saveCloth"
        >{{ t('practice.saveCloth') }}</v-btn
      >
      <v-btn v-if="now.view.answered.length > 0" variant="text" block @click="showsAll = true">{{
        t('practice.seeAll')
      }}</v-btn>
      <p
        v-if="kind === 'counted' && !practice.me?.mayBegin && practice.head!.settings.attempts !== null"
        class="dim"
      >
        {{ t('practice.used') }}
      </p>
      <p v-if="practice.notice" role="alert">{{ practice.notice }}</p>
    </div>
  </section>
</template>

<style scoped>
.finished {
  flex: 1;
  display: flex;
  flex-direction: column;
}
.body {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 16px;
  font-size: 18px;
}
p {
  margin: 0;
}
.dim {
  color: var(--dim);
  font-size: 16px;
}
</style>
