import { marksOf, usualMarks, type MarkRule } from '@distaff/core/report';
import { useDebounceFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { server } from '../api/server.ts';
import { useResults } from './results.ts';

/** A pause after which what was changed is kept (ms). */
const PAUSE = 600;

/** The marks of a game: by the rule of its group, which is kept as it is changed. */
export const useMarks = defineStore('marks', () => {
  const results = useResults();
  const rule = ref<MarkRule>({ ...usualMarks });
  const leftOut = ref<number[]>([]);
  const group = ref('');
  const isLoaded = ref(false);
  const problem = ref('');
  /** The game that is being marked: an answer about another one comes too late. */
  let sitting = '';

  async function load(id: string): Promise<void> {
    sitting = id;
    isLoaded.value = false;
    try {
      const kept = await server.marks(id);
      if (sitting !== id) return;
      rule.value = kept.rule ?? { ...usualMarks };
      leftOut.value = kept.leftOut;
      group.value = kept.group;
      isLoaded.value = true;
      problem.value = '';
    } catch (error) {
      problem.value = (error as Error).message;
    }
  }
  const keep = useDebounceFn(async (id: string, kept: { rule: MarkRule; leftOut: number[] }) => {
    try {
      await server.keepMarks(id, kept);
      problem.value = '';
    } catch (error) {
      problem.value = (error as Error).message;
    }
  }, PAUSE);
  /** Changes the rule, and keeps it once the host pauses. */
  function change(part: Partial<MarkRule>): void {
    rule.value = { ...rule.value, ...part };
    void keep(sitting, { rule: rule.value, leftOut: leftOut.value });
  }
  function leaveOut(numbers: number[]): void {
    leftOut.value = [...new Set(numbers)].sort((a, b) => a - b);
    void keep(sitting, { rule: rule.value, leftOut: leftOut.value });
  }
  const marks = computed(() =>
    results.data ? marksOf(results.data.report, rule.value, new Set(leftOut.value)) : [],
  );

  return { rule, leftOut, group, isLoaded, problem, marks, load, change, leaveOut };
});
