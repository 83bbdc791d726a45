import { usualLeague, type League, type SaidSame } from '@distaff/core/term';
import { useDebounceFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { server, type LeaguePage } from '../../api/server.ts';
import { guardedWork } from '../guarded.ts';

/** A pause after which what was changed is kept (ms). */
const PAUSE = 500;

/** The leagues of a host, and the one that is looked at: kept as it is changed. */
export const useLeagues = defineStore('leagues', () => {
  const list = ref<{ id: string; title: string }[] | null>(null);
  const page = ref<LeaguePage | null>(null);
  const { problem, isBusy, guarded } = guardedWork();
  /** Changes that are not kept yet. */
  const unsaved = ref(0);
  let wanted = '';

  const loadList = async () => {
    const loaded = await guarded(server.leagues);
    if (loaded) list.value = loaded.leagues;
  };
  async function create(title: string): Promise<string | null> {
    const empty: League = { title, rule: usualLeague, games: [], shows: [], said: [], isNamed: true };
    return (await guarded(() => server.createLeague(empty)))?.id ?? null;
  }
  async function load(id: string): Promise<void> {
    wanted = id;
    page.value = null;
    const loaded = await guarded(() => server.league(id));
    if (loaded && wanted === id) page.value = loaded;
  }
  const keep = useDebounceFn(async (id: string, league: League) => {
    const before = unsaved.value;
    const kept = await guarded(() => server.keepLeague(id, league));
    if (!kept || wanted !== id) return;
    unsaved.value -= before;
    // What was changed meanwhile stands as it is; its table follows.
    page.value = unsaved.value > 0 ? { ...kept, league: page.value!.league } : kept;
  }, PAUSE);
  function change(part: Partial<League>): void {
    page.value = { ...page.value!, league: { ...page.value!.league, ...part } };
    unsaved.value++;
    void keep(page.value.id, page.value.league);
  }
  const changeRule = (part: Partial<League['rule']>) =>
    change({ rule: { ...page.value!.league.rule, ...part } });
  const say = (said: SaidSame) => change({ said: [...page.value!.league.said, said] });
  async function link(on: boolean): Promise<void> {
    const { id } = page.value!;
    const changed = await guarded(() => server.linkLeague(id, on));
    if (changed && wanted === id) page.value = { ...page.value!, publicKey: changed.publicKey };
  }
  const remove = async () =>
    (await guarded(() => server.deleteLeague(page.value!.id).then(() => true))) === true;

  return {
    list,
    page,
    problem,
    isBusy,
    unsaved,
    loadList,
    create,
    load,
    change,
    changeRule,
    say,
    link,
    remove,
  };
});
