import { arrangeByDifficulty, emptyCells, suggestWorths } from '@distaff/core/formats';
import { byDifficulty, TELLING, type Selection } from '@distaff/core/library';
import type { Question } from '@distaff/core/question';
import { ref } from 'vue';
import { server } from '../../../api/server.ts';
import { useEditor } from '../../../studio/editor.ts';

/** Filling a category from the library, and putting its questions in the order of their difficulty. */
export function useFill() {
  const editor = useEditor();
  const problem = ref('');
  const content = () => editor.board!.content;

  async function measuredOf(ids: string[]) {
    const { measured } = await server.measured([...new Set(ids)]);
    return measured;
  }
  async function guarded<T>(work: () => Promise<T>): Promise<T | null> {
    problem.value = '';
    try {
      return await work();
    } catch (error) {
      problem.value = (error as Error).message;
      return null;
    }
  }

  /** Fills the empty cells of a category by a rule. @returns how many were filled. */
  const fill = (category: string, from: Pick<Selection, 'sets' | 'tags' | 'repeat'>) =>
    guarded(async () => {
      const empty = emptyCells(content(), category);
      if (empty.length === 0) return 0;
      const rule = { ...from, kinds: [], difficulty: null, count: empty.length, shuffle: true, anew: false };
      const taken = Object.values(editor.show!.questions).flatMap((one) => one.origin?.id ?? []);
      const { questions } = await server.take(editor.id, rule, editor.show!.group ?? '', taken);
      const measured = await measuredOf(questions.flatMap((one) => one.origin?.id ?? []));
      const sorted = byDifficulty(questions, (one) => measured[one.origin?.id ?? ''] ?? null);
      sorted.forEach((question, i) => editor.writeQuestion(empty[i]!, question));
      return sorted.length;
    });

  /** The questions of a category with how they did; how many were measured well enough to tell. */
  async function looked(category: string) {
    const own = Object.keys(content().cells)
      .filter((ref) => ref.startsWith(`${category}:`))
      .flatMap((ref) => editor.questionAt(ref) ?? []);
    const measured = await measuredOf(own.flatMap((one) => one.origin?.id ?? []));
    const of = ({ origin }: Question) => measured[origin?.id ?? ''] ?? null;
    const n = own.filter((one) => (of(one)?.answers ?? 0) >= TELLING).length;
    return { of, told: { n, of: own.length } };
  }

  /** Sorts a category. @returns for how many of how many it was measured how hard they are. */
  const sort = (category: string) =>
    guarded(async () => {
      const { of, told } = await looked(category);
      editor.remove('editors.board.wasSorted', () =>
        arrangeByDifficulty(content(), category, editor.show!.questions, of),
      );
      return told;
    });

  /** Gives the cells of a category the worth that difficulty suggests; `own` differ from their columns. */
  const suggest = (category: string) =>
    guarded(async () => {
      const { of, told } = await looked(category);
      let own: number | null = null;
      editor.remove('editors.board.wasSuggested', () => {
        own = suggestWorths(content(), category, editor.show!.questions, of);
      });
      return { own, ...told };
    });
  return { fill, sort, suggest, problem };
}
