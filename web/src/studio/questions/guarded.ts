import { ref } from 'vue';

/** Work that may fail: why it did is said in `problem`, until something works again. */
export function guardedWork() {
  const problem = ref('');
  /** @returns nothing where it failed. */
  async function guarded<T>(work: () => Promise<T>): Promise<T | undefined> {
    try {
      const result = await work();
      problem.value = '';
      return result;
    } catch (error) {
      problem.value = (error as Error).message;
      return undefined;
    }
  }
  return { problem, guarded };
}
export type Guarded = ReturnType<typeof guardedWork>['guarded'];
