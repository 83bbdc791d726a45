import type { PracticeSettings } from '@distaff/core/practice';
import { newRoundIn, blankShow, type Show } from '@distaff/core/show';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { server, type ListedPractice, type PracticePage } from '../../api/server.ts';

const PAGE = 30;

/** What I have offered to be taken alone, and the one that is looked at. */
export const usePractices = defineStore('practices', () => {
  const list = ref<ListedPractice[]>([]);
  const total = ref(0);
  const loaded = ref(false);
  const page = ref<PracticePage | null>(null);
  const problem = ref('');
  let asked = 0;

  /** @returns whether it was done. */
  async function guarded(work: () => Promise<void>): Promise<boolean> {
    try {
      await work();
      problem.value = '';
      return true;
    } catch (error) {
      problem.value = (error as Error).message;
      return false;
    }
  }

  const loadList = () =>
    guarded(async () => {
      const found = await server.practices(0, PAGE);
      list.value = found.practices;
      total.value = found.total;
      loaded.value = true;
    });
  const more = () =>
    guarded(async () => void list.value.push(...(await server.practices(list.value.length, PAGE)).practices));

  /** The page of one; an answer that was overtaken by a later question is dropped. */
  const load = (id: string) =>
    guarded(async () => {
      const own = ++asked;
      const found = await server.practice(id);
      if (own === asked) page.value = found;
    });
  const change = (settings: PracticeSettings) => act((id) => server.changePractice(id, settings));
  const close = (on: boolean) => act((id) => server.closePractice(id, on));
  const clear = (person: string) => act((id) => server.clearPerson(id, person));
  const act = (ask: (id: string) => Promise<PracticePage>) =>
    guarded(async () => {
      if (!page.value) return;
      asked++;
      page.value = await ask(page.value.practice.id);
    });

  const remove = (id: string) =>
    guarded(async () => {
      await server.deletePractice(id);
      page.value = null;
      await loadList();
    });
  const restore = (id: string) =>
    guarded(async () => {
      await server.restorePractice(id);
      await loadList();
    });

  /** A show of these questions, to be played together. @returns its id, or null where it could not be made. */
  async function showOf(title: string, questions: readonly string[]): Promise<string | null> {
    let made: string | null = null;
    await guarded(async () => {
      if (!page.value) return;
      const all = (await server.practiceQuestions(page.value.practice.id)).questions;
      const own = all.filter(({ id }) => questions.includes(id));
      const newId = () => nanoid(10);
      const show: Show = blankShow(title, newId);
      const round = newRoundIn(show, 'quiz', newId);
      if (round.format === 'quiz') round.content.items = own.map(({ id }) => ({ id, points: null }));
      show.rounds = [round];
      show.questions = Object.fromEntries(own.map((one) => [one.id, one]));
      made = (await server.createShow(show)).id;
    });
    return made;
  }

  return {
    list,
    total,
    loaded,
    page,
    problem,
    loadList,
    more,
    load,
    change,
    close,
    clear,
    remove,
    restore,
    showOf,
  };
});
