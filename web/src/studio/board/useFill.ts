import { arrangeByDifficulty, byDifficulty, emptyCells, TELLING, type Selection } from '@distaff/core';
import { ref } from 'vue';
import { server } from '../../api/server.ts';
import { useEditor } from '../editor.ts';

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

  /** Sorts a category. @returns for how many of how many it was measured how hard they are. */
  const sort = (category: string) =>
    guarded(async () => {
      const own = Object.keys(content().cells)
        .filter((ref) => ref.startsWith(`${category}:`))
        .flatMap((ref) => editor.questionAt(ref) ?? []);
      const measured = await measuredOf(own.flatMap((one) => one.origin?.id ?? []));
      const of = (id: string | undefined) => measured[id ?? ''] ?? null;
      editor.remove('building.wasSorted', () =>
        arrangeByDifficulty(content(), category, editor.show!.questions, (one) => of(one.origin?.id)),
      );
      const n = own.filter((one) => (of(one.origin?.id)?.answers ?? 0) >= TELLING).length;
      return { n, of: own.length };
    });
  return { fill, sort, problem };
}
