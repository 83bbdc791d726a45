import type { GivenRole } from '@distaff/core/library';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { server, type SharedRef, type Sharing } from '../../api/server.ts';

/** With whom a set or a show is shared, for its owner. */
export const useSharing = defineStore('sharing', () => {
  const sharing = shallowRef<Sharing | null>(null);
  const problem = ref('');
  const busy = ref(false);
  let shared: SharedRef = { what: 'set', id: '' };

  /** @returns whether it was done. */
  async function act(work: () => Promise<Sharing>): Promise<boolean> {
    if (busy.value) return false;
    busy.value = true;
    const own = shared;
    try {
      const answer = await work();
      if (own === shared) {
        sharing.value = answer;
        problem.value = '';
      }
      return true;
    } catch (error) {
      if (own === shared) problem.value = (error as Error).message;
      return false;
    } finally {
      if (own === shared) busy.value = false;
    }
  }
  /** Turns to another one; what is still asked of the one before is no concern of it. */
  function load(ref: SharedRef): Promise<boolean> {
    shared = ref;
    sharing.value = null;
    problem.value = '';
    busy.value = false;
    return act(() => server.sharing(ref));
  }
  return {
    sharing,
    problem,
    busy,
    load,
    add: (email: string, role: GivenRole) => act(() => server.addMember(shared, email, role)),
    remove: (account: string) => act(() => server.removeMember(shared, account)),
    allowCopies: (on: boolean) => act(() => server.allowCopies(shared, on)),
    openLink: (kind: 'read' | 'edit', passphrase?: string) =>
      act(() => server.openLink(shared, kind, passphrase)),
    closeLink: (kind: 'read' | 'edit') => act(() => server.closeLink(shared, kind)),
  };
});
