import { formatOf } from '@distaff/core/formats';
import { computed } from 'vue';
import { useEditor } from '../editor.ts';

/** A place that can be looked at: a question of a round as the engine names it, or an interlude. */
export interface PreviewPlace {
  round: number;
  ref: string | null;
  question: string | null;
}

/** Every question and interlude of the show, in the order in which it is written. */
export function useAllPlaces() {
  const editor = useEditor();
  const places = computed<PreviewPlace[]>(() =>
    editor.show!.rounds.flatMap((round, index): PreviewPlace[] => {
      const format = formatOf(round.format);
      if (!format.asks) return [{ round: index, ref: null, question: null }];
      return format
        .places(round.content)
        .flatMap(({ ref, question }) => (question === null ? [] : [{ round: index, ref, question }]));
    }),
  );
  return { places };
}
