import { defineStore } from 'pinia';
import { ref } from 'vue';
import { server, type Login } from '../../api/server.ts';
import { guardedWork } from '../guarded.ts';

/** Where the own account is signed in. */
export const useLogins = defineStore('logins', () => {
  const { problem, guarded } = guardedWork();
  const list = ref<Login[] | null>(null);
  const load = () => guarded(async () => void (list.value = (await server.logins()).logins));
  const after = (work: () => Promise<unknown>) => guarded(async () => (await work(), await load()));
  const end = (id: string) => after(() => server.endLogin(id));
  const endOthers = () => after(() => server.endOtherLogins());
  return { problem, list, load, end, endOthers };
});
