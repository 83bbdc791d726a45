<script setup lang="ts">
import { plainText } from '@distaff/core/text';
import type { PublicQuestion, SeatView } from '@distaff/core/sitting';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useVerdict } from '../../design/verdict.ts';

/** Says to a screen reader what others see: question, sent, time, verdict, points, one thing after the other. */
const { question, seat, topic, now } = defineProps<{
  question: PublicQuestion | null;
  seat: SeatView;
  topic: string;
  now: number;
}>();
const { t } = useI18n();
const { change } = useFormat();
const { told } = useVerdict();
const said = ref('');
const say = (...parts: string[]) => (said.value = parts.filter(Boolean).join(' '));

watch(
  () => (question?.prompt ? question.play : null),
  (play) => play !== null && say(t('handset.live.question', { topic, prompt: plainText(question!.prompt!) })),
  { immediate: true },
);
watch(
  () => seat.given?.answer?.text ?? null,
  (text, before) => text !== null && text !== before && say(t('handset.live.sent')),
);
watch(
  () => question?.lockedBy,
  (by) => by === 'time' && say(t('handset.live.timeUp')),
);
/** Seconds at which the time that is left is said. */
const MARKS = [10, 5];
const left = computed(() => {
  const clock = question?.step === 'open' ? question.clock : null;
  return clock && 'deadline' in clock ? Math.ceil((clock.deadline - now) / 1000) : null;
});
watch(left, (n) => n !== null && MARKS.includes(n) && say(t('handset.live.seconds', { n })));
const outcome = computed(() => {
  const text = question?.key?.texts[0];
  const key = text ? t('handset.live.key', { text: plainText(text) }) : '';
  const verdict = seat.verdict ? t('handset.live.verdict', { verdict: told(seat.verdict, seat.share) }) : '';
  const earned = seat.earned ? t('handset.live.points', { amount: change(seat.earned) }) : '';
  return [verdict, key, earned].filter(Boolean).join(' ');
});
watch(outcome, (words) => words && say(words));
// What is over is not left standing for whoever reads the page once more.
watch(
  () => question === null,
  (none) => none && say(),
);
</script>

<template>
  <p class="hide" role="status" aria-live="polite">{{ said }}</p>
</template>
