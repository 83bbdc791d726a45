import type { Situation } from '@distaff/core/show';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { server, type ShowSummary, type ListedSitting } from '../api/server.ts';
import { newShow } from './newShow.ts';

const PAGE = 30;

/** My shows and what was played with them. */
export const useLibrary = defineStore('library', () => {
  const shows = ref<ShowSummary[]>([]);
  const totalShows = ref(0);
  const sittings = ref<ListedSitting[]>([]);
  const totalSittings = ref(0);
  /** Whether the listed shows are the deleted ones: changes with the list, not before it. */
  const deletedOnes = ref(false);
  let wanted = false;
  const loaded = ref(false);
  const problem = ref('');
  let asked = 0;

  async function guarded(work: () => Promise<void>): Promise<void> {
    try {
      await work();
      problem.value = '';
    } catch (error) {
      problem.value = (error as Error).message;
    }
  }

  const load = (deleted = wanted) =>
    guarded(async () => {
      wanted = deleted;
      const own = ++asked;
      const [page, played] = await Promise.all([
        server.shows(deleted, 0, PAGE),
        server.sittings(0, PAGE, deleted),
      ]);
      // A later question overtakes an earlier one that answers late.
      if (own !== asked) return;
      deletedOnes.value = deleted;
      shows.value = page.shows;
      totalShows.value = page.total;
      sittings.value = played.sittings;
      totalSittings.value = played.total;
      loaded.value = true;
    });
  const moreShows = () =>
    guarded(
      async () =>
        void shows.value.push(...(await server.shows(deletedOnes.value, shows.value.length, PAGE)).shows),
    );
  const moreSittings = () =>
    guarded(
      async () =>
        void sittings.value.push(
          ...(await server.sittings(sittings.value.length, PAGE, deletedOnes.value)).sittings,
        ),
    );

  /** Makes a show: laid out for a situation, or with nothing but an empty board. @returns its id. */
  const create = async (title: string, situation: Situation | null, teamName: (n: number) => string) =>
    (await server.createShow(newShow(title, situation, teamName))).id;
  const duplicate = (id: string, title: string) =>
    guarded(async () => {
      await server.duplicateShow(id, title);
      await load();
    });
  const remove = (id: string) =>
    guarded(async () => {
      await server.deleteShow(id);
      await load();
    });
  const restore = (id: string) =>
    guarded(async () => {
      await server.restoreShow(id);
      await load();
    });
  const restoreSitting = (id: string) =>
    guarded(async () => {
      await server.restoreSitting(id);
      await load();
    });
  /** Takes a show of somebody else out of the library. */
  const leave = (id: string) =>
    guarded(async () => {
      await server.leave({ what: 'show', id });
      await load();
    });
  return {
    shows,
    totalShows,
    sittings,
    totalSittings,
    deletedOnes,
    loaded,
    problem,
    load,
    moreShows,
    moreSittings,
    create,
    duplicate,
    remove,
    restore,
    restoreSitting,
    leave,
  };
});
