import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { Show } from '@distaff/core/show';
import { server, type Account, type SharedRef } from '../api/server.ts';

/** Who is signed in on this browser. */
export const useAccount = defineStore('account', () => {
  const account = ref<Account | null>(null);

  /** Whether somebody is signed in; true also where that cannot be found out now. */
  async function known(): Promise<boolean> {
    if (account.value) return true;
    try {
      account.value = (await server.me()).account;
      return account.value !== null;
    } catch {
      return true;
    }
  }
  const signIn = async (email: string, password: string) => {
    account.value = (await server.signIn(email, password)).account;
  };
  const signUp = async (email: string, name: string, password: string) => {
    account.value = (await server.signUp(email, name, password)).account;
  };
  /** Comes into what is shared by its link: as a guest, or with the account one has. */
  const enter = async (token: string, passphrase: string, name: string): Promise<SharedRef> => {
    const answer = await server.enterShared(token, passphrase, name);
    account.value = answer.account;
    return answer;
  };
  /** Begins a show without an account. @returns its id. */
  const begin = async (name: string, passphrase: string, show: Show): Promise<string> => {
    const answer = await server.beginShow(name, passphrase, show);
    account.value = answer.account;
    return answer.id;
  };
  const rename = async (name: string) => {
    await server.renameMe(name);
    if (account.value) account.value = { ...account.value, name: name.trim() };
  };
  const signOut = async () => {
    await server.signOut();
    account.value = null;
  };
  /** A host, rather than a guest of one set or show. */
  const isHost = computed(() => account.value !== null && account.value.guestOf === null);
  return { account, isHost, known, signIn, signUp, enter, begin, rename, signOut };
});
