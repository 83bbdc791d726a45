import { layOut } from '@distaff/core';
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
      if (round.format === 'interlude') return [{ round: index, ref: null, question: null }];
      if (round.format === 'board')
        return layOut(round.content)
          .flat()
          .flatMap((cell) =>
            cell.question === null ? [] : [{ round: index, ref: cell.id, question: cell.question }],
          );
      return round.content.items.map((item, i) => ({ round: index, ref: String(i), question: item.id }));
    }),
  );
  return { places };
}
