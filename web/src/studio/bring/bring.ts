import { defineStore } from 'pinia';
import { ref } from 'vue';
import { reading, type Problem } from './reading.ts';
import { rowList } from './rowList.ts';
import { storing } from './storing.ts';

/** Questions that are being brought in: the source, how it is read, the rows, and what became of them. */
export const useBring = defineStore('bring', () => {
  const step = ref<'source' | 'rows' | 'done'>('source');
  const name = ref('');
  const problem = ref<Problem | null>(null);
  const tell = (one: Problem | null) => void (problem.value = one);
  const { fill, chosen, ...list } = rowList();
  const { forget, fileOf, ...source } = reading({
    problem: tell,
    rows: (found) => {
      fill(found);
      step.value = 'rows';
    },
  });
  const target = storing(fileOf, tell);

  function reset(): void {
    forget();
    fill([]);
    step.value = 'source';
    problem.value = target.result.value = null;
    list.onlyTrouble.value = false;
  }
  function take(text: Uint8Array | string, from: string): Promise<void> {
    reset();
    name.value = from;
    return source.take(text);
  }
  function takeFile(file: File): Promise<void> {
    reset();
    name.value = file.name;
    return source.takeFile(file);
  }
  /** Brings the rows in that are not left out. @returns whether they are in. */
  async function bringIn(set: string): Promise<boolean> {
    const isIn = await target.bringIn(set, name.value, chosen());
    if (isIn) step.value = 'done';
    return isIn;
  }

  return { ...list, ...source, ...target, step, name, problem, reset, take, takeFile, bringIn };
});
