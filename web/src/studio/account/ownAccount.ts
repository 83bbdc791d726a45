import { defineStore } from 'pinia';
import { ref } from 'vue';
import { server, type Login } from '../../api/server.ts';
import { useAccount } from '../account.ts';
import { guardedWork } from '../guarded.ts';

/** The own account: its name, its password, and where it is signed in. */
export const useOwnAccount = defineStore('ownAccount', () => {
  const account = useAccount();
  const { problem, guarded } = guardedWork();
  const logins = ref<Login[] | null>(null);
  const load = () => guarded(async () => void (logins.value = (await server.logins()).logins));

  /** @returns whether it was done; why not stands in `problem`. */
  const done = async (work: () => Promise<unknown>): Promise<boolean> =>
    (await guarded(async () => (await work(), true))) ?? false;

  const rename = (name: string) =>
    done(async () => {
      await server.renameMe(name);
      if (account.account) account.account = { ...account.account, name: name.trim() };
    });
  const changePassword = (current: string, next: string) =>
    done(async () => {
      await server.changePassword(current, next);
      await load();
    });
  const end = (id: string) =>
    done(async () => {
      await server.endLogin(id);
      await load();
    });
  const endOthers = () =>
    done(async () => {
      await server.endOtherLogins();
      await load();
    });
  return { problem, logins, load, rename, changePassword, end, endOthers };
});
