import type { BulkChange } from '@distaff/core/library';
import { ref } from 'vue';
import { server } from '../../api/server.ts';
import type { Guarded } from '../guarded.ts';

/** What the server takes in one call that names questions. */
const AT_ONCE = 2000;

/** The questions that were chosen in the list, and what is done with all of them; `after` brings sets and list up to date. */
export function bankChosen(
  guarded: Guarded,
  allIds: (most: number) => Promise<Set<string>>,
  after: () => Promise<void>,
) {
  const chosen = ref(new Set<string>());

  function choose(id: string, on: boolean): void {
    const next = new Set(chosen.value);
    if (on) next.add(id);
    else next.delete(id);
    chosen.value = next;
  }
  /** All that the list holds, up to what one call takes. */
  const chooseAll = () => guarded(async () => void (chosen.value = await allIds(AT_ONCE)));

  const some = async <T extends { count: number }>(work: (ids: string[]) => Promise<T>) =>
    guarded(async () => {
      const ids = [...chosen.value];
      const done = await work(ids);
      await after();
      return { ids, ...done };
    });
  const changeChosen = (change: BulkChange) => some((ids) => server.changeQuestions(ids, change));
  const moveChosen = (setId: string) => some((ids) => server.moveQuestions(ids, setId));
  /** Those that could not be deleted stay chosen. */
  const deleteChosen = async () => {
    const done = await some((ids) => server.deleteQuestions(ids));
    if (done) chosen.value = new Set();
    return done;
  };

  return { chosen, choose, chooseAll, changeChosen, moveChosen, deleteChosen };
}
