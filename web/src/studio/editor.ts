import {
  blankQuestion,
  checkShow,
  mergeChanges,
  putAt,
  type BoardCell,
  type Conflict,
  type Question,
  type Round,
  type Show,
} from '@distaff/core';
import { nanoid } from 'nanoid';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { ApiError } from '../api/client.ts';
import { server, type StoredShow } from '../api/server.ts';

/** A pause in typing after which changes are saved (ms), and how long until a failed save is tried again. */
const PAUSE = 500;
const AGAIN = 2000;

export type SaveState = 'saved' | 'saving' | 'unsaved' | 'offline' | 'conflict' | 'invalid' | 'gone';
const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
const draftKey = (id: string) => `distaff-draft-${id}`;

/**
 * The show that is being written. Everything saves itself; what another editor saved meanwhile is
 * merged in; only where both changed the same place a person is asked.
 */
export const useEditor = defineStore('editor', () => {
  const id = ref('');
  const show = ref<Show | null>(null);
  const state = ref<SaveState>('saved');
  const conflicts = shallowRef<Conflict[]>([]);
  /** Why the show cannot be opened. */
  const problem = ref('');
  /** Why the server does not take what is written; it stays here until it is mended. */
  const invalid = ref('');
  /** Bumped when changes from elsewhere were taken in. */
  const merged = ref(0);
  /** What was removed last, to be brought back. */
  const removed = ref<{ word: string; before: Show; after: Show } | null>(null);
  let base: Show | null = null;
  let version = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let saving = false;

  const newId = () => nanoid(10);
  const round = computed<Round>(() => show.value!.rounds[0]!);
  /** Tags in use, to be offered again. */
  const tags = computed(() => [
    ...new Set(Object.values(show.value?.questions ?? {}).flatMap((question) => question.tags)),
  ]);
  const findings = computed(() => (show.value ? checkShow(show.value) : []));
  const changed = () => JSON.stringify(show.value) !== JSON.stringify(base);

  async function load(wanted: string): Promise<void> {
    stop();
    id.value = wanted;
    show.value = null;
    conflicts.value = [];
    problem.value = '';
    removed.value = null;
    try {
      const stored = await server.show(wanted);
      takeBase(stored);
      show.value = copy(stored.show);
      state.value = 'saved';
      bringBackDraft();
    } catch (error) {
      problem.value = (error as Error).message;
    }
  }

  function takeBase(stored: StoredShow): void {
    base = stored.show;
    version = stored.version;
  }

  /** What this tab had not saved before it was reloaded or lost its connection. */
  function bringBackDraft(): void {
    const text = sessionStorage.getItem(draftKey(id.value));
    if (!text) return;
    const draft = JSON.parse(text) as { base: Show; show: Show };
    takeIn(draft.base, draft.show, base!);
    noticeChange();
  }

  function takeIn(from: Show, mine: Show, theirs: Show): void {
    const result = mergeChanges(from, mine, theirs);
    show.value = copy(result.value);
    conflicts.value = result.conflicts;
    if (JSON.stringify(result.value) !== JSON.stringify(mine)) merged.value++;
  }

  watch(show, noticeChange, { deep: true });

  function noticeChange(): void {
    if (!show.value || state.value === 'gone') return;
    if (!changed()) {
      if (!saving) state.value = 'saved';
      sessionStorage.removeItem(draftKey(id.value));
      return;
    }
    sessionStorage.setItem(draftKey(id.value), JSON.stringify({ base, show: show.value }));
    if (conflicts.value.length > 0) state.value = 'conflict';
    else if (!saving) {
      if (state.value !== 'offline') state.value = 'unsaved';
      saveIn(PAUSE);
    }
  }

  function saveIn(ms: number): void {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), ms);
  }

  async function save(keepalive = false): Promise<void> {
    clearTimeout(timer);
    if (saving || !show.value || !changed() || conflicts.value.length > 0) return;
    saving = true;
    if (state.value !== 'offline') state.value = 'saving';
    try {
      takeBase(await server.saveShow(id.value, version, copy(show.value), keepalive));
      state.value = 'saved';
      invalid.value = '';
    } catch (error) {
      takeFailure(error);
    } finally {
      saving = false;
    }
    if (state.value === 'offline') saveIn(AGAIN);
    else if ((state.value as SaveState) !== 'invalid') noticeChange();
  }

  function takeFailure(error: unknown): void {
    if (!(error instanceof ApiError)) state.value = 'offline';
    else if (error.code === 'stale') {
      const current = error.details.current as StoredShow;
      const from = base!;
      takeBase(current);
      takeIn(from, show.value!, current.show);
      state.value = 'unsaved';
    } else if (error.status === 404) state.value = 'gone';
    // Signed out meanwhile: the page asks to sign in, the draft of this tab comes back after it.
    else if (error.status === 401) location.reload();
    else {
      state.value = 'invalid';
      invalid.value = error.message;
    }
  }

  /** Looks whether somebody else saved, when the editor comes to the front again. */
  async function refresh(): Promise<void> {
    if (!show.value || saving || state.value === 'gone' || conflicts.value.length > 0) return;
    const stored = await server.show(id.value).catch(() => null);
    if (!stored || stored.version <= version || saving) return;
    const from = base!;
    takeBase(stored);
    takeIn(from, show.value, stored.show);
    noticeChange();
  }

  function settle(conflict: Conflict, whose: 'mine' | 'theirs'): void {
    if (whose === 'theirs') putAt(show.value, conflict.path, conflict.theirs);
    conflicts.value = conflicts.value.filter((one) => one !== conflict);
    noticeChange();
  }

  /** Does something that removes, so that it can be brought back with everything written since. */
  function remove(word: string, work: () => void): void {
    const before = copy(show.value!);
    work();
    removed.value = { word, before, after: copy(show.value!) };
  }
  function bringBack(): void {
    if (!removed.value) return;
    const { before, after } = removed.value;
    show.value = copy(mergeChanges(after, show.value!, before).value);
    removed.value = null;
  }

  const cellAt = (ref: string): BoardCell =>
    round.value.content.cells[ref] ?? { question: null, value: null };
  const questionAt = (ref: string | null): Question | null => {
    const question = ref === null ? null : cellAt(ref).question;
    return question === null ? null : (show.value!.questions[question] ?? null);
  };
  function writeQuestion(ref: string): void {
    const question = blankQuestion(newId);
    show.value!.questions[question.id] = question;
    round.value.content.cells[ref] = { ...cellAt(ref), question: question.id };
  }
  function dropCells(refs: string[]): void {
    for (const ref of refs) {
      const { question } = cellAt(ref);
      if (question !== null) delete show.value!.questions[question];
      delete round.value.content.cells[ref];
    }
  }

  const flush = () => void save(true);
  function stop(): void {
    clearTimeout(timer);
    if (show.value && changed()) flush();
  }

  return {
    id,
    show,
    round,
    state,
    conflicts,
    problem,
    invalid,
    merged,
    removed,
    findings,
    tags,
    newId,
    load,
    save,
    refresh,
    settle,
    remove,
    bringBack,
    cellAt,
    questionAt,
    writeQuestion,
    dropCells,
    flush,
    stop,
  };
});
