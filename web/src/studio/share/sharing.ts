import type { GivenRole } from '@distaff/core';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { server, type Sharing } from '../../api/server.ts';

/** With whom the set that is looked at is shared, for its owner. */
export const useSharing = defineStore('sharing', () => {
  const sharing = shallowRef<Sharing | null>(null);
  const problem = ref('');
  const busy = ref(false);
  let set = '';

  /** @returns whether it was done. */
  async function act(work: () => Promise<Sharing>): Promise<boolean> {
    if (busy.value) return false;
    busy.value = true;
    const own = set;
    try {
      const answer = await work();
      if (own === set) sharing.value = answer;
      problem.value = '';
      return true;
    } catch (error) {
      problem.value = (error as Error).message;
      return false;
    } finally {
      busy.value = false;
    }
  }
  function load(id: string): Promise<boolean> {
    set = id;
    sharing.value = null;
    return act(() => server.sharing(id));
  }
  return {
    sharing,
    problem,
    busy,
    load,
    add: (email: string, role: GivenRole) => act(() => server.addMember(set, email, role)),
    remove: (account: string) => act(() => server.removeMember(set, account)),
    allowCopies: (on: boolean) => act(() => server.allowCopies(set, on)),
    openLink: (kind: 'read' | 'edit', passphrase?: string) =>
      act(() => server.openLink(set, kind, passphrase)),
    closeLink: (kind: 'read' | 'edit') => act(() => server.closeLink(set, kind)),
  };
});
