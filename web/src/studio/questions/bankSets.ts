import { hasRight, type QuestionSet, type Right } from '@distaff/core/library';
import { computed, ref } from 'vue';
import { server, type SetSummary } from '../../api/server.ts';
import { useAccount } from '../account.ts';
import type { Guarded } from '../guarded.ts';

/** The sets of a library, what may be done with each, and the tags in use. */
export function bankSets(guarded: Guarded) {
  const sets = ref<SetSummary[]>([]);
  const tags = ref<string[]>([]);
  let known = false;

  const loadSets = () =>
    guarded(async () => {
      // A guest has no library: the tags are those of the one set.
      const guestOf = useAccount().account?.guestOf;
      const only = guestOf?.what === 'set' ? guestOf.id : null;
      const [own, used] = await Promise.all([server.sets(false), server.tags(only)]);
      sets.value = own.sets;
      tags.value = used.tags.map(({ tag }) => tag);
      known = true;
    });
  /** For whoever can do with sets as they were a while ago; there may be none. */
  const needSets = () => (known ? undefined : loadSets());

  const setOf = (id: string) => sets.value.find((one) => one.id === id) ?? null;
  /** Whether a set gives a right; so long as its list is not there, it is taken for granted. */
  const gives = (id: string, right: Right) => {
    const one = setOf(id);
    return !one || hasRight(one.role, right, one.mayCopy);
  };
  const mayEdit = (id: string) => gives(id, 'edit');
  const mayCopy = (id: string) => gives(id, 'copy');
  /** Sets that questions may be written into. */
  const writable = computed(() => sets.value.filter((one) => hasRight(one.role, 'edit', one.mayCopy)));

  const createSet = (given: Partial<QuestionSet> & { title: string }) =>
    guarded(async () => {
      const { id } = await server.createSet({ description: '', folder: '', credit: '', ...given });
      await loadSets();
      return id;
    });
  const copySet = (id: string, title: string) =>
    guarded(async () => {
      const copy = await server.copySet(id, title);
      await loadSets();
      return copy.id;
    });
  const saveSet = (id: string, change: Partial<SetSummary>) =>
    guarded(async () => {
      const { version, set: before } = await server.set(id);
      const { title, description, folder, credit } = { ...before, ...change };
      await server.saveSet(id, version, { title, description, folder, credit });
      await loadSets();
    });

  return { sets, tags, loadSets, needSets, setOf, mayEdit, mayCopy, writable, createSet, copySet, saveSet };
}
