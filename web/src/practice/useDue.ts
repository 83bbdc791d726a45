import { useNow } from '@vueuse/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePractice } from './practice.ts';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** Until when a practice counts, in the time of whoever reads it, and how long that still is. */
export function useDue() {
  const practice = usePractice();
  const { t, locale } = useI18n();
  const clock = useNow({ interval: 20_000 });
  const due = computed(() => practice.head?.settings.due ?? null);
  const when = computed(() =>
    due.value === null
      ? ''
      : new Intl.DateTimeFormat(locale.value, {
          weekday: 'long',
          day: 'numeric',
          month: 'long',
          hour: 'numeric',
          minute: '2-digit',
        }).format(due.value.at),
  );
  const left = computed(() => {
    const ms = (due.value?.at ?? 0) - clock.value.getTime() - practice.ahead;
    if (ms <= 0) return '';
    const [unit, n] =
      ms >= 2 * DAY
        ? (['days', Math.floor(ms / DAY)] as const)
        : ms >= 2 * HOUR
          ? (['hours', Math.floor(ms / HOUR)] as const)
          : (['minutes', Math.max(1, Math.floor(ms / MINUTE))] as const);
    return t(`practice.left.${unit}`, n, { named: { n } });
  });
  return { when, left };
}
