import {
  changesBetween,
  mergeChanges,
  putAt,
  same,
  withChanges,
  type Change,
  type Conflict,
} from '@distaff/core/document';
import { ref, shallowRef, toRaw, type Ref } from 'vue';
import { ApiError } from '../api/client.ts';
import { copy } from './copy.ts';
import { draft } from './draft.ts';
import { onDeepChange } from './onDeepChange.ts';
import { removal } from './removal.ts';
import { leadToSignIn } from './signedOut.ts';

/** A pause in writing after which changes are saved, the longest that they wait while somebody goes on (ms). */
const PAUSE = 400;
const LONGEST = 5000;
/** How long until a failed save is tried again (ms). */
const AGAIN = 2000;

export type SaveState = 'saved' | 'saving' | 'unsaved' | 'offline' | 'conflict' | 'invalid' | 'gone';

/** A document as the server keeps it: what it says, and which state of it this is. */
export interface Stored<Doc> {
  version: number;
  doc: Doc;
}

/** What is sent to be saved: the whole, and what was changed since `version`. */
export interface Written<Doc> {
  version: number;
  doc: Doc;
  changes: Change[];
}

/** Where a document is read and written. `current` finds the newer one in what a refused save tells. */
export interface Source<Doc> {
  /** Under which name unsaved work waits in this tab. */
  name: string;
  read(id: string): Promise<Stored<Doc>>;
  /** @returns the new version, and what the server keeps otherwise than it was sent. */
  write(
    id: string,
    written: Written<Doc>,
    keepalive: boolean,
  ): Promise<{ version: number; otherwise: Change[] }>;
  current(details: Record<string, unknown>): Stored<Doc>;
}

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
  /** Counts every change, at once and cheaply: whoever works something out from the document waits until it rests. */
  const touched = ref(0);
  let base: Doc | null = null;
  let version = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let saving: Promise<void> | null = null;

  const unsaved = draft<Doc>(() => `distaff-${source.name}-${id.value}`);
  const { removed, remove, bringBack } = removal(doc);
  const changed = () => !same(toRaw(doc.value), base);

  /** Opens a document, once what is open has been saved. */
  async function load(wanted: string): Promise<void> {
    flush();
    id.value = wanted;
    doc.value = null;
    conflicts.value = [];
    problem.value = '';
    removed.value = null;
    try {
      const stored = await source.read(wanted);
      if (id.value !== wanted) return;
      takeBase(stored);
      const kept = unsaved.kept();
      doc.value = copy(stored.doc);
      watching.settle();
      state.value = 'saved';
      // What this tab had not saved before it was reloaded or lost its connection.
      if (kept) {
        takeIn(kept.base, kept.doc, base!);
        noticeChange();
      }
    } catch (error) {
      if (id.value === wanted) problem.value = (error as Error).message;
    }
  }

  function takeBase(stored: Stored<Doc>): void {
    base = stored.doc;
    version = stored.version;
  }

  function takeIn(from: Doc, mine: Doc, theirs: Doc): void {
    const result = mergeChanges(from, mine, theirs);
    doc.value = copy(result.value);
    conflicts.value = result.conflicts;
    if (!same(result.value, mine)) merged.value++;
  }

  const watching = onDeepChange(doc, {
    pause: PAUSE,
    most: LONGEST,
    changed: () => {
      touched.value++;
      if (state.value === 'saved') state.value = 'unsaved';
    },
    rest: noticeChange,
  });

  function noticeChange(): void {
    if (!doc.value || state.value === 'gone') return;
    if (!changed()) {
      if (!saving) state.value = 'saved';
      unsaved.drop();
      return;
    }
    unsaved.keep(base, doc.value);
    if (conflicts.value.length > 0) state.value = 'conflict';
    else if (!saving) {
      if (state.value !== 'offline') state.value = 'unsaved';
      saveIn(0);
    }
  }

  function saveIn(ms: number): void {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), ms);
  }

  /** Saves now what is not saved; done when the server has it, or will not have it. */
  async function save(keepalive = false): Promise<void> {
    clearTimeout(timer);
    watching.settle();
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
    const sent = copy(doc.value!);
    const written = { version, doc: sent, changes: changesBetween(base, sent) };
    try {
      const stored = await source.write(own, written, keepalive);
      if (id.value !== own) return;
      takeKept(sent, stored);
      state.value = 'saved';
      invalid.value = '';
    } catch (error) {
      if (id.value === own) takeFailure(error);
    }
  }

  /** What the server keeps is taken as it is, but for what was written since. */
  function takeKept(sent: Doc, kept: { version: number; otherwise: Change[] }): void {
    takeBase({ version: kept.version, doc: withChanges(copy(sent), kept.otherwise) });
    if (kept.otherwise.length === 0) return;
    const { value } = mergeChanges(sent, copy(doc.value!), base!);
    withChanges(doc.value, changesBetween(toRaw(doc.value), value));
  }

  function takeFailure(error: unknown): void {
    if (!(error instanceof ApiError)) state.value = 'offline';
    else if (error.code === 'stale') {
      const current = source.current(error.details);
      const from = base!;
      takeBase(current);
      takeIn(from, copy(doc.value!), current.doc);
      state.value = 'unsaved';
    } else if (error.status === 404) state.value = 'gone';
    // Signed out meanwhile: the page asks to sign in, the draft of this tab comes back after it.
    else if (error.status === 401) leadToSignIn();
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
    takeIn(from, copy(doc.value), stored.doc);
    noticeChange();
  }

  function settle(conflict: Conflict, whose: 'mine' | 'theirs'): void {
    if (whose === 'theirs') putAt(doc.value, conflict.path, conflict.theirs);
    conflicts.value = conflicts.value.filter((one) => one !== conflict);
    noticeChange();
  }

  /** Saves what is written before the page, or the document on it, goes. */
  const flush = () => void save(true);

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
    touched,
  };
}
