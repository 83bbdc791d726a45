<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { computed } from 'vue';
import type { FormatName } from '@distaff/core/formats';
import { useFormat } from '../../design/useFormat.ts';
import { useOwnKey } from '../../design/useOwnKey.ts';
import { useRoundTitle } from '../../design/useRoundTitle.ts';
import { useSitting } from '../../live/sitting.ts';
import { useDesk } from '../useDesk.ts';

/** One wide bar that says in words what Space will do, and does it. */
const emit = defineEmits<{ next: [] }>();
const { t, te } = useI18n();
const { points } = useFormat();
const desk = useDesk();
const titleOf = useRoundTitle();
const ownKey = useOwnKey();
const sitting = useSitting();
/** Whether the host must choose something elsewhere first: Space does nothing then. */
const waits = computed(() =>
  ['rule', 'formatWaits', 'askingAlone', 'countHands'].includes(desk.view.private.next.code),
);
const text = computed(() => {
  const { code, params } = desk.view.private.next;
  const worth = typeof params.points === 'number' ? { points: points(params.points) } : {};
  const words = { ...params, ...worth };
  // Where a team chooses, the format says what it chooses, and whereto one goes back.
  const chosenIn = desk.view.rules?.chosen ? desk.view.round?.format : undefined;
  if (chosenIn && (code === 'pick' || code === 'leave')) return t(`formats.${chosenIn}.${code}`, words);
  const format = desk.view.round?.format;
  if (code === 'nextQuestion') {
    const which = params.of === 0 ? 'nextQuestionOpen' : 'nextQuestion';
    return t(ownKey(`formats.${format}.${which}`, `desk.next.${which}`), words);
  }
  if (code === 'pick') return t(`formats.${desk.view.round!.format}.pick`);
  if (code === 'formatWaits') return t(`formats.${params.format}.waits`, words);
  if (code === 'nextRound') {
    const { title, format, what } = params as { title: string; format: FormatName; what: string };
    return t('desk.next.nextRound', { title: titleOf({ title, format, what: what || null }) });
  }
  if (code === 'over' && sitting.rehearsal) return t('rehearsal.seeTally');
  if (code === 'awardAll' || code === 'showKeyAwardAll')
    return t(`desk.next.${code}`, Number(params.count), { named: { n: params.count } });
  const ofNoPoints = `desk.nextOfNoPoints.${code}`;
  return t(params.points === 0 && te(ofNoPoints) ? ofNoPoints : `desk.next.${code}`, words);
});
</script>

<template>
  <footer class="bar">
    <button
      type="button"
      :class="{
        wait: desk.view.private.next.code === 'rule',
        rests: desk.view.private.next.code === 'askingAlone' || desk.view.private.next.code === 'countHands',
      }"
      @click="emit('next')"
    >
      <kbd v-if="!waits">Space</kbd>
      <span class="what" aria-live="polite">{{ text }}</span>
      <span v-if="desk.view.private.paceHeld !== null" class="pace">{{
        t(desk.view.private.paceHeld ? 'desk.paceHeld' : 'desk.paceRuns')
      }}</span>
      <span v-if="sitting.waiting" class="sending" role="status">{{
        sitting.trouble || t('desk.waiting')
      }}</span>
    </button>
  </footer>
</template>

<style scoped>
.bar {
  padding: 8px 12px;
  background: var(--chalk);
  border-top: 1px solid var(--line);
}
button {
  width: 100%;
  min-height: 56px;
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 8px 20px;
  border-radius: 6px;
  background: var(--moss);
  color: #fff;
  text-align: left;
  cursor: pointer;
}
/* Nothing is to be done now. */
button.rests {
  background: none;
  color: inherit;
  box-shadow: inset 0 0 0 1px var(--line);
  cursor: default;
}
button.wait {
  background: var(--weld);
  color: var(--ink);
}
/* Who has no keys needs no names of them. */
@media (pointer: coarse) {
  kbd {
    display: none;
  }
}
kbd {
  padding: 2px 14px;
  border: 1px solid currentcolor;
  border-radius: 4px;
  font-family: var(--mono);
  font-size: 14px;
}
.what {
  font-size: 20px;
  font-weight: 700;
  flex: 1;
}
</style>
