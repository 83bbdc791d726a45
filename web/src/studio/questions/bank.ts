import { blankQuestion, kindOf, type Question } from '@distaff/core/question';
import { hasRight, type BulkChange, type QuestionSet } from '@distaff/core/library';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed, reactive, ref, shallowRef } from 'vue';
import {
  server,
  type Changed,
  type QuestionLine,
  type QuestionQuery,
  type SetSummary,
} from '../../api/server.ts';
import { useAccount } from '../account.ts';

/** Lines that are fetched at once. */
const PAGE = 100;
/** What the server takes in one call that names questions. */
const AT_ONCE = 2000;

export const emptyQuery = (): QuestionQuery => ({
  q: '',
  set: '',
  kind: '',
  tag: '',
  language: '',
  difficulty: '',
  state: '',
  sort: 'changed',
  deleted: '',
});

/** The library of questions: its sets, what is looked for, the list that was found, and what is chosen in it. */
export const useBank = defineStore('bank', () => {
  const sets = ref<SetSummary[]>([]);
  const tags = ref<string[]>([]);
  const query = reactive<QuestionQuery>(emptyQuery());
  const total = ref(0);
  /** Whether there are more than were counted and are listed. */
  const more = ref(false);
  /** What was searched for instead of what was typed. */
  const instead = ref<string | null>(null);
  /** Lines by their place in the list; those not seen yet are not there yet. */
  const lines = shallowRef(new Map<number, QuestionLine>());
  const chosen = ref(new Set<string>());
  const loaded = ref(false);
  const problem = ref('');
  let asked = 0;
  let fetching = new Set<number>();

  const setOf = (id: string) => sets.value.find((one) => one.id === id) ?? null;
  const set = computed(() => setOf(query.set));
  /** Sets that questions may be written into. */
  const writable = computed(() => sets.value.filter((one) => hasRight(one.role, 'edit', one.mayCopy)));
  /** Whether the questions of a set may be changed; so long as its list is not there, it is taken for granted. */
  const mayEdit = (id: string) => {
    const one = setOf(id);
    return !one || hasRight(one.role, 'edit', one.mayCopy);
  };
  const mayCopy = (id: string) => {
    const one = setOf(id);
    return !one || hasRight(one.role, 'copy', one.mayCopy);
  };

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

  let known = false;
  const loadSets = () =>
    guarded(async () => {
      // A guest has no library: the tags are those of the one set.
      const guestOf = useAccount().account?.guestOf;
      const only = guestOf?.what === 'set' ? guestOf.id : null;
      const [own, used] = await Promise.all([server.sets(false), server.tags(only)]);
      sets.value = own.sets;
      tags.value = used.tags.map(({ tag }) => tag);
      known = true;
    });
  /** For whoever can do with sets as they were a while ago; there may be none. */
  const needSets = () => (known ? undefined : loadSets());

  const asSent = () => ({
    ...query,
    sort: query.set && query.sort === 'changed' && !query.q ? ('place' as const) : query.sort,
  });

  /** Looks anew; an answer that is overtaken by a later question is dropped. */
  const search = () =>
    guarded(async () => {
      const own = ++asked;
      fetching = new Set([0]);
      const found = await server.questions(asSent(), 0, PAGE);
      if (own !== asked) return;
      lines.value = new Map(found.questions.map((line, i) => [i, line]));
      total.value = found.total;
      more.value = found.more;
      instead.value = found.instead;
      loaded.value = true;
    });

  /** Fetches the page on which a line stands, once. */
  function ensure(index: number): void {
    const page = Math.floor(index / PAGE);
    if (lines.value.has(index) || fetching.has(page)) return;
    fetching.add(page);
    const own = asked;
    void guarded(async () => {
      const found = await server.questions(asSent(), page * PAGE, PAGE);
      if (own !== asked) return;
      const next = new Map(lines.value);
      found.questions.forEach((line, i) => next.set(page * PAGE + i, line));
      lines.value = next;
    });
  }

  /** Writes into the list what was just saved, without asking again. */
  function patch(id: string, change: Partial<QuestionLine>): void {
    const next = new Map(lines.value);
    for (const [i, line] of next) if (line.id === id) next.set(i, { ...line, ...change });
    lines.value = next;
  }

  function choose(id: string, on: boolean): void {
    const next = new Set(chosen.value);
    if (on) next.add(id);
    else next.delete(id);
    chosen.value = next;
  }
  /** All that the list holds, the lines not seen yet too, up to what one call takes. */
  const chooseAll = () =>
    guarded(async () => {
      const ids = new Set<string>();
      for (let at = 0; at < Math.min(total.value, AT_ONCE); at += 200)
        for (const { id } of (await server.questions(asSent(), at, 200)).questions) ids.add(id);
      chosen.value = ids;
    });

  const createSet = (given: Partial<QuestionSet> & { title: string }) =>
    guarded(async () => {
      const { id } = await server.createSet({ description: '', folder: '', credit: '', ...given });
      await loadSets();
      return id;
    });
  const afterSets = async () => {
    await loadSets();
    await search();
  };
  const copySet = (id: string, title: string) =>
    guarded(async () => {
      const copy = await server.copySet(id, title);
      await loadSets();
      return copy.id;
    });
  const saveSet = (id: string, change: Partial<SetSummary>) =>
    guarded(async () => {
      const { version, set: before } = await server.set(id);
      const { title, description, folder, credit } = { ...before, ...change };
      await server.saveSet(id, version, { title, description, folder, credit });
      await loadSets();
    });
  const archiveSet = (id: string, on: boolean) =>
    guarded(async () => {
      await server.archiveSet(id, on);
      await afterSets();
    });
  const deleteSet = (id: string) =>
    guarded(async () => {
      await server.deleteSet(id);
      query.set = '';
      await afterSets();
    });
  const leaveSet = (id: string) =>
    guarded(async () => {
      await server.leave({ what: 'set', id });
      query.set = '';
      await afterSets();
    });
  const restoreSet = (id: string) =>
    guarded(async () => {
      await server.restoreSet(id);
      await afterSets();
    });

  /** Adds a question to a set – an empty one like the last, or a given one – and says its id. */
  const add = (setId: string, like: Question | null, given?: Question) =>
    guarded(async () => {
      const blank = blankQuestion(() => nanoid(10));
      if (like && !given) {
        blank.answer = kindOf(like.answer.kind).blank(() => nanoid(10));
        blank.language = like.language;
      }
      const { ids } = await server.addQuestions(setId, [given ?? blank]);
      await Promise.all([search(), loadSets()]);
      return ids[0]!;
    });

  const some = async <T extends { count: number }>(work: (ids: string[]) => Promise<T>) =>
    guarded(async () => {
      const ids = [...chosen.value];
      const done = await work(ids);
      await afterSets();
      return { ids, ...done };
    });
  const changeChosen = (change: BulkChange) => some((ids) => server.changeQuestions(ids, change));
  const takeChangeBack = (changed: Changed[]) =>
    guarded(async () => {
      const { count } = await server.takeChangeBack(changed);
      await afterSets();
      return count;
    });
  const moveChosen = (setId: string) => some((ids) => server.moveQuestions(ids, setId));
  const deleteChosen = async () => {
    const done = await some((ids) => server.deleteQuestions(ids));
    chosen.value = new Set();
    return done;
  };
  const remove = (id: string) =>
    guarded(async () => {
      await server.deleteQuestions([id]);
      choose(id, false);
      await afterSets();
    });
  const restore = (ids: string[]) =>
    guarded(async () => {
      await server.restoreQuestions(ids);
      await afterSets();
    });

  return {
    sets,
    set,
    setOf,
    writable,
    mayEdit,
    mayCopy,
    tags,
    query,
    total,
    more,
    instead,
    lines,
    chosen,
    loaded,
    problem,
    loadSets,
    needSets,
    search,
    ensure,
    patch,
    choose,
    chooseAll,
    createSet,
    copySet,
    saveSet,
    archiveSet,
    deleteSet,
    leaveSet,
    restoreSet,
    add,
    changeChosen,
    takeChangeBack,
    moveChosen,
    deleteChosen,
    remove,
    restore,
  };
});
