import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { dueNow, type SaidSame } from '@distaff/core/term';
import { server, type GroupPage, type ListedGroup } from '../../api/server.ts';
import { guardedWork } from '../guarded.ts';

/** The groups of a host, and the one that is looked at. */
export const useGroups = defineStore('groups', () => {
  const list = ref<ListedGroup[] | null>(null);
  const page = ref<GroupPage | null>(null);
  const { problem, isBusy, guarded } = guardedWork();
  /** The group that is asked for: an answer about another one comes too late. */
  let wanted = '';

  const loadList = async () => {
    const loaded = await guarded(server.groups);
    if (loaded) list.value = loaded.groups.sort((a, b) => (b.lastAt ?? 0) - (a.lastAt ?? 0));
  };
  async function load(name: string): Promise<void> {
    wanted = name;
    page.value = null;
    const loaded = await guarded(() => server.group(name));
    if (loaded && wanted === name) page.value = loaded;
  }
  /** The host says whether two names are one person's. */
  async function say(said: SaidSame): Promise<void> {
    const { name, said: before } = page.value!;
    const changed = await guarded(() => server.sayNames(name, [...before, said]));
    if (changed && wanted === name) page.value = changed;
  }
  /** What should be asked again by now. */
  const due = computed(() => (page.value ? dueNow(page.value.term, page.value.now) : []));

  /** A set of these questions in the library. @returns where it is, or null where it could not be made. */
  const makeSet = (ids: readonly string[], title: string, description: string) =>
    guarded(async () => {
      const { questions } = await server.groupQuestions(page.value!.name, ids);
      const { id } = await server.createSet({ title, description, folder: '', credit: '' });
      await server.addQuestions(id, questions);
      return { id, title };
    });

  return { list, page, problem, isBusy, due, loadList, load, say, makeSet };
});
