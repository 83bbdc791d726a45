import { plainText } from '@distaff/core/text';
import type { PublicQuestion, SeatView } from '@distaff/core/sitting';
import { computed, readonly, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useVerdict } from '../../design/verdict.ts';

/** What a handset shows at a moment. */
export interface SpokenOf {
  question: PublicQuestion | null;
  seat: SeatView;
  topic: string;
  /** Time of the server (ms). */
  now: number;
}
/** Seconds at which the time that is left is said. */
const MARKS = [10, 5];

/** What a screen reader says of what others see: question, sent, time, verdict, points, one thing after the other. */
export function useSpoken(of: () => SpokenOf) {
  const { t } = useI18n();
  const { change } = useFormat();
  const { told } = useVerdict();
  const said = ref('');
  const say = (...parts: string[]) => (said.value = parts.filter(Boolean).join(' '));
  const play = computed(() => of().question?.play ?? null);

  watch(
    () => (of().question?.prompt ? play.value : null),
    (shown) => {
      if (shown === null) return;
      const { topic, question } = of();
      say(t('handset.live.question', { topic, prompt: plainText(question!.prompt!) }));
    },
    { immediate: true },
  );
  watch(
    () => of().seat.given?.answer?.text ?? null,
    (text, before) => text !== null && text !== before && say(t('handset.live.sent')),
  );
  watch(
    () => of().question?.lockedBy,
    (by) => by === 'time' && say(t('handset.live.timeUp')),
  );
  const left = computed(() => {
    const { question, now } = of();
    const clock = question?.step === 'open' ? question.clock : null;
    return clock && 'deadline' in clock ? Math.ceil((clock.deadline - now) / 1000) : null;
  });
  watch(left, (n) => n !== null && MARKS.includes(n) && say(t('handset.live.seconds', { n })));

  const outcome = computed(() => {
    const { question, seat } = of();
    const text = question?.key?.texts[0];
    const key = text ? t('handset.live.key', { text: plainText(text) }) : '';
    const verdict = seat.verdict
      ? t('handset.live.verdict', { verdict: told(seat.verdict, seat.share) })
      : '';
    const earned = seat.earned ? t('handset.live.points', { amount: change(seat.earned) }) : '';
    return [verdict, key, earned].filter(Boolean).join(' ');
  });
  // A question comes a moment before the seat's own part, or after it: what is left of the one before is not said again.
  watch([outcome, play, () => of().seat.verdict], ([words, on, verdict], [, before, had]) => {
    const isLeft = on !== before || (verdict === null && had !== null);
    if (words && !isLeft) say(words);
  });
  // What is over is not left standing for whoever reads the page once more.
  watch(
    () => of().question === null,
    (none) => none && say(),
  );
  return readonly(said);
}
