import { defineStore } from 'pinia';
import { ref } from 'vue';
import { server, type Account } from '../api/server.ts';

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
  const signOut = async () => {
    await server.signOut();
    account.value = null;
  };
  return { account, known, signIn, signUp, signOut };
});
