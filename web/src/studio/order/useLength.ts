import { cutsFor, fewerFor, questionsIn } from '@distaff/core/show';
import type { Span } from '@distaff/core/time';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';

/** How long the show that is written takes, in words, and what could be left out. */
export function useLength() {
  const { t } = useI18n();
  const editor = useEditor();
  /** Seconds as people say them: whole minutes. */
  function told(seconds: number): string {
    const minutes = Math.round(seconds / 60);
    if (minutes < 1) return t('building.short');
    if (minutes < 60) return t('building.minutes', { n: minutes });
    return t('building.hours', { h: Math.floor(minutes / 60), n: minutes % 60 });
  }
  const planned = computed(() => {
    const minutes = editor.show?.plannedMinutes;
    return minutes ? minutes * 60 : null;
  });
  const spanOf = (id: string): Span | null =>
    editor.length?.rounds.find((one) => one.round === id)?.span ?? null;
  const verdict = computed<'fits' | 'tight' | 'over' | null>(() => {
    if (planned.value === null || !editor.length) return null;
    const { likely, high } = editor.length.span;
    if (likely > planned.value) return 'over';
    return high > planned.value ? 'tight' : 'fits';
  });
  /** Rounds that would have to be switched off to end on time, by their ids. */
  const cuts = computed<string[]>(() => {
    if (verdict.value !== 'over') return [];
    const parts = editor.length!.rounds.map(({ span }, index) => ({ index, seconds: span.likely }));
    const found = cutsFor(editor.length!.span.likely - planned.value!, parts);
    // A show in which nothing is asked any more is no proposal.
    const asks = parts.filter(({ index, seconds }) => seconds > 0 && questionsOf(index) > 0);
    const left = asks.filter((part) => !found.includes(part));
    return left.length === 0 ? [] : found.map(({ index }) => editor.show!.rounds[index]!.id);
  });
  const questionsOf = (index: number) => questionsIn(editor.show!.rounds[index]!).length;
  /** Where no round can go: how many questions fewer in the longest one would be enough. */
  const fewer = computed<{ round: string; count: number } | null>(() => {
    if (verdict.value !== 'over' || cuts.value.length > 0) return null;
    const over = editor.length!.span.likely - planned.value!;
    const parts = editor.length!.rounds.map(({ span }, index) => ({ index, seconds: span.likely }));
    for (const part of parts.sort((a, b) => b.seconds - a.seconds)) {
      const count = fewerFor(over, part, questionsOf(part.index));
      if (count !== null) return { round: editor.show!.rounds[part.index]!.id, count };
    }
    return null;
  });
  return { told, planned, spanOf, verdict, cuts, fewer };
}
