import type { Usual } from '@distaff/core/learn';
import type { Show } from '@distaff/core/show';
import { computed, shallowRef, toRaw, watch, type Ref } from 'vue';
import { server } from '../api/server.ts';
import { useAccount } from './account.ts';

/** So many questions are asked about at once. */
const MOST = 2000;

/** What games taught of the questions of a show that come from the library; asked again when others came in. `rested` changes as the writing rests. */
export function usualIn(show: Ref<Show | null>, rested: Ref<unknown>): Ref<Record<string, Usual>> {
  const usual = shallowRef<Record<string, Usual>>({});
  const known = computed(() => {
    void rested.value;
    const questions = Object.values(toRaw(show.value)?.questions ?? {});
    const ids = questions.flatMap(({ origin }) => origin?.id ?? []);
    return [...new Set(ids)].sort().slice(0, MOST).join(' ');
  });
  watch(known, async (ids) => {
    // A guest has played nothing; without it the estimate is only wider.
    if (ids === '' || !useAccount().isHost) return;
    const told = await server.measured(ids.split(' ')).catch(() => null);
    if (told && ids === known.value) usual.value = told.measured;
  });
  return usual;
}
