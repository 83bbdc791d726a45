import { mergeChanges, putAt, type Conflict } from '@distaff/core';
import { ref, shallowRef, watch, type Ref } from 'vue';
import { ApiError } from '../api/client.ts';

/** A pause in typing after which changes are saved (ms), and how long until a failed save is tried again. */
const PAUSE = 500;
const AGAIN = 2000;

export type SaveState = 'saved' | 'saving' | 'unsaved' | 'offline' | 'conflict' | 'invalid' | 'gone';

/** A document as the server keeps it: what it says, and which state of it this is. */
export interface Stored<Doc> {
  version: number;
  doc: Doc;
}

/** Where a document is read and written. `current` finds the newer one in what a refused save tells. */
export interface Source<Doc> {
  /** Under which name unsaved work waits in this tab. */
  name: string;
  read(id: string): Promise<Stored<Doc>>;
  write(id: string, version: number, doc: Doc, keepalive: boolean): Promise<Stored<Doc>>;
  current(details: Record<string, unknown>): Stored<Doc>;
}

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * A document that is being written. Everything saves itself; what another editor saved meanwhile
 * is merged in; only where both changed the same place a person is asked. Nothing that was typed
 * is lost by a reload or a server that is away.
 */
export function savedDocument<Doc extends object>(source: Source<Doc>) {
  const id = ref('');
  const doc = ref(null) as Ref<Doc | null>;
  const state = ref<SaveState>('saved');
  const conflicts = shallowRef<Conflict[]>([]);
  /** Why the document cannot be opened. */
  const problem = ref('');
  /** Why the server does not take what is written; it stays here until it is mended. */
  const invalid = ref('');
  /** Bumped when changes from elsewhere were taken in. */
  const merged = ref(0);
  /** What was removed last, to be brought back. */
  const removed = shallowRef<{ n: number; word: string; before: Doc; after: Doc } | null>(null);
  /** So that each removal is offered for its full time, also right after another one. */
  let removals = 0;
  let base: Doc | null = null;
  let version = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let saving: Promise<void> | null = null;

  const draftKey = () => `distaff-${source.name}-${id.value}`;
  const changed = () => JSON.stringify(doc.value) !== JSON.stringify(base);

  /** Opens a document, once what is open has been saved. */
  async function load(wanted: string): Promise<void> {
    stop();
    id.value = wanted;
    doc.value = null;
    conflicts.value = [];
    problem.value = '';
    removed.value = null;
    try {
      const stored = await source.read(wanted);
      if (id.value !== wanted) return;
      takeBase(stored);
      doc.value = copy(stored.doc);
      state.value = 'saved';
      bringBackDraft();
    } catch (error) {
      if (id.value === wanted) problem.value = (error as Error).message;
    }
  }

  function takeBase(stored: Stored<Doc>): void {
    base = stored.doc;
    version = stored.version;
  }

  /** What this tab had not saved before it was reloaded or lost its connection. */
  function bringBackDraft(): void {
    const text = sessionStorage.getItem(draftKey());
    if (!text) return;
    const draft = JSON.parse(text) as { base: Doc; doc: Doc };
    takeIn(draft.base, draft.doc, base!);
    noticeChange();
  }

  function takeIn(from: Doc, mine: Doc, theirs: Doc): void {
    const result = mergeChanges(from, mine, theirs);
    doc.value = copy(result.value);
    conflicts.value = result.conflicts;
    if (JSON.stringify(result.value) !== JSON.stringify(mine)) merged.value++;
  }

  watch(doc, noticeChange, { deep: true });

  function noticeChange(): void {
    if (!doc.value || state.value === 'gone') return;
    if (!changed()) {
      if (!saving) state.value = 'saved';
      sessionStorage.removeItem(draftKey());
      return;
    }
    sessionStorage.setItem(draftKey(), JSON.stringify({ base, doc: doc.value }));
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

  /** Saves now what is not saved; done when the server has it, or will not have it. */
  async function save(keepalive = false): Promise<void> {
    clearTimeout(timer);
    if (saving) await saving;
    if (!doc.value || !changed() || conflicts.value.length > 0) return;
    saving = saveOnce(keepalive);
    await saving;
    saving = null;
    if (state.value === 'offline') saveIn(AGAIN);
    else if (state.value !== 'invalid') noticeChange();
  }

  async function saveOnce(keepalive: boolean): Promise<void> {
    const own = id.value;
    if (state.value !== 'offline') state.value = 'saving';
    try {
      const stored = await source.write(own, version, copy(doc.value!), keepalive);
      if (id.value !== own) return;
      takeBase(stored);
      state.value = 'saved';
      invalid.value = '';
    } catch (error) {
      if (id.value === own) takeFailure(error);
    }
  }

  function takeFailure(error: unknown): void {
    if (!(error instanceof ApiError)) state.value = 'offline';
    else if (error.code === 'stale') {
      const current = source.current(error.details);
      const from = base!;
      takeBase(current);
      takeIn(from, doc.value!, current.doc);
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
    if (!doc.value || saving || state.value === 'gone' || conflicts.value.length > 0) return;
    const own = id.value;
    const stored = await source.read(own).catch(() => null);
    if (!stored || id.value !== own || stored.version <= version || saving) return;
    const from = base!;
    takeBase(stored);
    takeIn(from, doc.value, stored.doc);
    noticeChange();
  }

  function settle(conflict: Conflict, whose: 'mine' | 'theirs'): void {
    if (whose === 'theirs') putAt(doc.value, conflict.path, conflict.theirs);
    conflicts.value = conflicts.value.filter((one) => one !== conflict);
    noticeChange();
  }

  /** Does something that removes, so that it can be brought back with everything written since. */
  function remove(word: string, work: () => void): void {
    const before = copy(doc.value!);
    work();
    removed.value = { n: ++removals, word, before, after: copy(doc.value!) };
  }
  function bringBack(): void {
    if (!removed.value) return;
    const { before, after } = removed.value;
    doc.value = copy(mergeChanges(after, doc.value!, before).value);
    removed.value = null;
  }

  const flush = () => void save(true);
  function stop(): void {
    clearTimeout(timer);
    if (doc.value && changed()) flush();
  }

  return {
    id,
    doc,
    state,
    conflicts,
    problem,
    invalid,
    merged,
    removed,
    load,
    save,
    refresh,
    settle,
    remove,
    bringBack,
    flush,
    stop,
  };
}
