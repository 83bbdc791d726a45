import { blankQuestion, kindOf, type Question } from '@distaff/core/question';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { server, type Changed } from '../../api/server.ts';
import { bankChosen } from './bankChosen.ts';
import { bankList } from './bankList.ts';
import { bankSets } from './bankSets.ts';
import { guardedWork } from '../guarded.ts';

export { emptyQuery } from './bankList.ts';

/** The library of questions: its sets, what is looked for, the list that was found, and what is chosen in it. */
export const useBank = defineStore('bank', () => {
  const { problem, guarded } = guardedWork();
  const shelf = bankSets(guarded);
  const list = bankList(guarded);
  const after = async () => {
    await shelf.loadSets();
    await list.search();
  };
  const { allIds, ...shown } = list;
  const picked = bankChosen(guarded, allIds, after);
  const set = computed(() => shelf.setOf(list.query.set));

  /** Does something to a set after which the list is another one. */
  const withSet = (work: () => Promise<unknown>, closes = false) =>
    guarded(async () => {
      await work();
      if (closes) list.query.set = '';
      await after();
    });
  const archiveSet = (id: string, on: boolean) => withSet(() => server.archiveSet(id, on));
  const deleteSet = (id: string) => withSet(() => server.deleteSet(id), true);
  const leaveSet = (id: string) => withSet(() => server.leave({ what: 'set', id }), true);
  const restoreSet = (id: string) => withSet(() => server.restoreSet(id));

  /** Adds a question to a set – an empty one like the last, or a given one – and says its id. */
  const add = (setId: string, like: Question | null, given?: Question) =>
    guarded(async () => {
      const blank = blankQuestion(() => nanoid(10));
      if (like && !given) {
        blank.answer = kindOf(like.answer.kind).blank(() => nanoid(10));
        blank.language = like.language;
      }
      const { ids } = await server.addQuestions(setId, [given ?? blank]);
      await Promise.all([list.search(), shelf.loadSets()]);
      return ids[0]!;
    });
  const takeChangeBack = (changed: Changed[]) =>
    guarded(async () => {
      const { count } = await server.takeChangeBack(changed);
      await after();
      return count;
    });
  const remove = (id: string) =>
    guarded(async () => {
      await server.deleteQuestions([id]);
      picked.choose(id, false);
      await after();
    });
  const restore = (ids: string[]) =>
    guarded(async () => {
      await server.restoreQuestions(ids);
      await after();
    });

  return {
    ...shelf,
    ...shown,
    ...picked,
    set,
    problem,
    archiveSet,
    deleteSet,
    leaveSet,
    restoreSet,
    add,
    takeChangeBack,
    remove,
    restore,
  };
});
