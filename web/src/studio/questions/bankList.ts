import { reactive, ref, shallowRef } from 'vue';
import { server, type QuestionLine, type QuestionQuery } from '../../api/server.ts';
import type { Guarded } from '../guarded.ts';

/** Lines that are fetched at once. */
const PAGE = 100;
/** What one call brings at most. */
const MOST = 200;

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

/** What is looked for in a library, and the list that was found: its lines come as they are seen. */
export function bankList(guarded: Guarded) {
  const query = reactive<QuestionQuery>(emptyQuery());
  const total = ref(0);
  /** Whether there are more than were counted and are listed. */
  const more = ref(false);
  /** What was searched for instead of what was typed. */
  const instead = ref<string | null>(null);
  /** Lines by their place in the list; those not seen yet are not there yet. */
  const lines = shallowRef(new Map<number, QuestionLine>());
  const loaded = ref(false);
  let asked = 0;
  let fetching = new Set<number>();
  /** What is being written, newer than any answer that is on its way. */
  let written: { id: string; change: Partial<QuestionLine> } | null = null;
  const asWritten = (line: QuestionLine): QuestionLine =>
    line.id === written?.id ? { ...line, ...written.change } : line;

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
      lines.value = new Map(found.questions.map((line, i) => [i, asWritten(line)]));
      total.value = found.total;
      more.value = found.more;
      instead.value = found.instead;
      loaded.value = true;
    });

  /** Fetches the page on which a line stands, once; again where that failed. */
  function ensure(index: number): void {
    const page = Math.floor(index / PAGE);
    if (lines.value.has(index) || fetching.has(page)) return;
    fetching.add(page);
    const own = asked;
    void guarded(async () => {
      const found = await server.questions(asSent(), page * PAGE, PAGE).catch((error: unknown) => {
        if (own === asked) fetching.delete(page);
        throw error;
      });
      if (own !== asked) return;
      const next = new Map(lines.value);
      found.questions.forEach((line, i) => next.set(page * PAGE + i, asWritten(line)));
      lines.value = next;
    });
  }

  /** Writes into the list what is being written, without asking again; it holds until something else is written. */
  function patch(id: string, change: Partial<QuestionLine>): void {
    written = { id, change };
    const next = new Map(lines.value);
    for (const [i, line] of next) if (line.id === id) next.set(i, { ...line, ...change });
    lines.value = next;
  }

  /** The ids of all that the list holds, the lines not seen yet too, up to `most`. */
  async function allIds(most: number): Promise<Set<string>> {
    const ids = new Set<string>();
    for (let at = 0; at < Math.min(total.value, most); at += MOST)
      for (const { id } of (await server.questions(asSent(), at, MOST)).questions) ids.add(id);
    return ids;
  }

  return { query, total, more, instead, lines, loaded, search, ensure, patch, allIds };
}
