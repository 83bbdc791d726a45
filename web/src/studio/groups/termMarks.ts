import { usualMarks, type MarkRule } from '@distaff/core/report';
import type { TermMark } from '@distaff/core/term';
import { useDebounceFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { server, type TermRule } from '../../api/server.ts';
import { guardedWork } from '../guarded.ts';

/** A pause after which what was changed is kept (ms). */
const PAUSE = 500;

/** Marks of a group over several games: by a rule that is kept as it is changed. */
export const useTermMarks = defineStore('termMarks', () => {
  const rule = ref<TermRule>({ rule: { ...usualMarks }, several: 'mean', without: [] });
  const marks = ref<TermMark[] | null>(null);
  const { problem, guarded } = guardedWork();
  let group = '';
  let turn = 0;

  async function workOut(): Promise<void> {
    const [own, of] = [++turn, group];
    const told = await server.termMarks(of, rule.value);
    // Of several questions on the way only the last one's answer counts.
    if (own === turn && of === group) marks.value = told.marks;
  }
  async function load(name: string): Promise<void> {
    group = name;
    marks.value = null;
    await guarded(async () => {
      const kept = await server.termRule(name);
      if (group !== name) return;
      rule.value = kept;
      await workOut();
    });
  }
  const keep = useDebounceFn(
    (name: string, kept: TermRule) =>
      guarded(async () => {
        await server.keepTermRule(name, kept);
        if (group === name) await workOut();
      }),
    PAUSE,
  );
  function change(part: Partial<TermRule>): void {
    rule.value = { ...rule.value, ...part };
    void keep(group, rule.value);
  }
  const changeRule = (part: Partial<MarkRule>) => change({ rule: { ...rule.value.rule, ...part } });

  return { rule, marks, problem, load, change, changeRule };
});
