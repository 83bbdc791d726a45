import { ref } from 'vue';

/** Work that may fail: why it did is said in `problem`, until something works again; `isBusy` while it is on its way. */
export function guardedWork() {
  const problem = ref('');
  const isBusy = ref(false);
  /** @returns nothing where it failed. */
  async function guarded<T>(work: () => Promise<T>): Promise<T | undefined> {
    isBusy.value = true;
    try {
      const result = await work();
      problem.value = '';
      return result;
    } catch (error) {
      problem.value = (error as Error).message;
      return undefined;
    } finally {
      isBusy.value = false;
    }
  }
  return { problem, isBusy, guarded };
}
export type Guarded = ReturnType<typeof guardedWork>['guarded'];
