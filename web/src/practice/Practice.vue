<script setup lang="ts">
import { useEventListener, useTimestamp } from '@vueuse/core';
import { isRunning } from '@distaff/core/time';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import FootBar from '../design/FootBar.vue';
import { lookStyle } from '../design/lookStyle.ts';
import Asking from './Asking.vue';
import Between from './Between.vue';
import ClosedPage from './ClosedPage.vue';
import Finished from './Finished.vue';
import Looking from './Looking.vue';
import { marks } from '../design/marks.ts';
import PickUp from './PickUp.vue';
import { usePractice } from './practice.ts';
import RunHead from './RunHead.vue';
import StartPage from './StartPage.vue';
import Strip from './Strip.vue';

/** A show taken alone: one thing at a time, with the strip of all questions above and a line below. */
const { code } = defineProps<{ code: string }>();
const { t } = useI18n();
const practice = usePractice();
void practice.open(code.toUpperCase());
watch(
  () => practice.head?.title,
  (title) => (document.title = title ? t('practice.title', { title }) : t('common.appName')),
);

const part = computed(() => {
  if (practice.missing) return 'missing';
  if (!practice.head) return 'loading';
  if (practice.me?.elsewhere) return 'pickUp';
  if (practice.now) return 'run';
  if (practice.head.closed) return 'closed';
  return 'start';
});
const run = computed(() => practice.now);
const waits = computed(() => run.value?.view.waits ?? null);
const question = computed(() => run.value?.view.seat.asked ?? run.value?.view.view.question ?? null);
const over = computed(() => waits.value === 'over');
const looking = computed(() => waits.value === 'goOn' && question.value?.step === 'settled');
const between = computed(() => !over.value && question.value === null);

const stamp = useTimestamp({ interval: 250 });
const now = computed(() => stamp.value + practice.ahead);
/** When time ends something: the question, the round, or all of it. */
const ends = computed(() => {
  if (!run.value || over.value) return null;
  const { view } = run.value.view;
  const clocks = [question.value?.step === 'open' ? question.value.clock : null, view.timer?.clock ?? null];
  const all = clocks.flatMap((clock) => (isRunning(clock) ? [clock.deadline + LATER] : []));
  if (run.value.run.until !== null) all.push(run.value.run.until + LATER);
  return all.length === 0 ? null : Math.min(...all);
});
/** The server is asked a little after, when it knows as well. */
const LATER = 500;
watch(
  () => ends.value !== null && now.value > ends.value,
  (late) => late && void practice.look(),
);
// Whoever comes back to the page sees what another phone did meanwhile.
useEventListener(document, 'visibilitychange', () => {
  if (document.visibilityState === 'visible' && practice.now && !practice.busy) void practice.look();
});

const lastMinutes = computed(() => {
  const until = run.value?.run.until ?? null;
  const minutes = practice.head?.settings.minutes ?? null;
  return until === null || minutes === null || over.value
    ? null
    : Math.max(0, Math.ceil((until - now.value) / 60_000));
});
const best = computed(() => practice.me?.points ?? null);
const line = computed(() => {
  if (practice.offline) return t('practice.offline');
  const { head } = practice;
  if (part.value === 'start') return t('practice.private');
  if (part.value === 'closed') return head?.from ? t('practice.askMore', { name: head.from }) : '';
  if (part.value !== 'run' || !run.value) return t('practice.saved');
  if (over.value) {
    if (run.value.run.kind !== 'counted') return t('practice.mayClose');
    return head?.from ? t('practice.sent', { name: head.from }) : t('practice.mayClose');
  }
  if (run.value.run.kind !== 'counted')
    return best.value === null || run.value.run.kind === 'own'
      ? t('practice.forYourself')
      : t('practice.forPractice', { points: marks(best.value) });
  if (practice.notice) return practice.notice;
  if (waits.value === 'choose') return t('practice.chooseFoot');
  if (run.value.view.seat.again && !looking.value) return t('practice.again');
  const { of, lengths } = run.value.view.summary;
  const left = of - lengths.length;
  if (looking.value)
    return left > 0 ? t('practice.tillEnd', left, { named: { n: left } }) : t('practice.last');
  return t('practice.saved');
});
const heading = computed(() => (run.value && !over.value && !between.value ? run.value.view.topic : ''));
</script>

<template>
  <v-app>
    <v-main>
      <main
        class="practice"
        :style="practice.head ? lookStyle(practice.head.look, false) : {}"
        :data-waits="waits ?? undefined"
      >
        <p v-if="part === 'loading'" class="centre" role="status">
          {{ t(practice.offline ? 'common.noConnection' : 'common.loading') }}
        </p>
        <div v-else-if="part === 'missing'" class="centre">
          <h1>{{ t('practice.notThere') }}</h1>
          <p>{{ practice.missing }}</p>
          <a href="/">{{ t('handset.otherShow') }}</a>
        </div>
        <StartPage v-else-if="part === 'start'" />
        <ClosedPage v-else-if="part === 'closed'" />
        <PickUp v-else-if="part === 'pickUp'" />
        <Finished v-else-if="over" :key="run!.run.id" />
        <template v-else-if="run">
          <Strip
            :lengths="run.view.summary.lengths"
            :of="run.view.summary.of"
            :weave="practice.me!.weave"
            :now="!looking"
          />
          <RunHead />
          <section
            class="content"
            :tabindex="waits === 'answer' ? undefined : 0"
            :aria-label="heading || undefined"
          >
            <Looking v-if="looking" />
            <Between v-else-if="between" />
            <Asking v-else />
          </section>
        </template>
        <FootBar
          v-if="part !== 'loading' && part !== 'missing'"
          class="end"
          :line="line"
          :question="question?.step === 'open' && question.clock && !over ? question : null"
          :round="run && !over ? run.view.view.timer : null"
          :offline="practice.offline"
          :now="now"
        >
          <b v-if="lastMinutes !== null">{{ t('practice.timeLeft', { n: lastMinutes }) }}</b>
        </FootBar>
      </main>
    </v-main>
  </v-app>
</template>

<style scoped>
.practice {
  --focus: var(--light);
  --ground: #101a17;
  --light: #f2f5f1;
  min-height: 100dvh;
  max-height: 100dvh;
  display: flex;
  flex-direction: column;
  max-width: 560px;
  margin: 0 auto;
  background: var(--ground);
  color: var(--light);
  font-size: 17px;
  overflow-y: auto;
}
.content {
  overscroll-behavior: contain;
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 8px 16px 16px;
  min-height: 0;
  overflow-y: auto;
}
.content :deep(.answer-pad) {
  display: contents;
}
.content :deep(.answer-pad .parts) {
  flex: none;
  margin-top: auto;
}
.content :deep(.answer-pad .sending) {
  bottom: -16px;
  margin: 0 -16px -16px;
  padding: 8px 16px;
  border-top: 1px solid var(--edge);
}
.centre {
  margin: auto;
  padding: 24px;
  text-align: center;
}
.centre a {
  color: inherit;
}
.end {
  position: sticky;
  bottom: 0;
  margin-top: auto;
}
</style>
