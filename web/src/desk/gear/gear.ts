import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useSitting } from '../../live/sitting.ts';
import { useDesk } from '../useDesk.ts';
import type { Press, Signal } from './signal.ts';

/** How long a press is seen in the list (ms). */
const SEEN = 900;

/**
 * Buzzers on the table: which press is whose. Kept on this computer by the place of the team – the same box of
 * buzzers serves every show.
 */
export const useGear = defineStore('gear', () => {
  const sitting = useSitting();
  const desk = useDesk();
  const bound = useLocalStorage<Record<Signal, number>>('distaff-buzzers', {});
  /** The team whose buzzer is pressed next, to be known from then on; null while none is learned. */
  const learning = ref<string | null>(null);
  /** Whose buzzer was pressed just now. */
  const seen = ref<string | null>(null);
  let fading: ReturnType<typeof setTimeout> | undefined;

  const placeOf = (team: string) => desk.view.teams.findIndex(({ id }) => id === team);
  const teamOf = (signal: Signal) => {
    const place = bound.value[signal];
    return place === undefined ? null : (desk.view.teams[place] ?? null);
  };
  const signalOf = (team: string): Signal | null => {
    const place = placeOf(team);
    return Object.keys(bound.value).find((signal) => bound.value[signal] === place) ?? null;
  };
  const isAny = computed(() => Object.keys(bound.value).length > 0);

  function forget(team: string): void {
    const place = placeOf(team);
    bound.value = Object.fromEntries(Object.entries(bound.value).filter(([, one]) => one !== place));
  }
  /** From now on this press is that team's, and nobody else's. */
  function learn(team: string, signal: Signal): void {
    forget(team);
    bound.value = { ...bound.value, [signal]: placeOf(team) };
  }

  /** Takes a press. @returns whether it was a buzzer's, so that it means nothing else. */
  function press({ signal, at }: Press): boolean {
    if (!sitting.desk) return false;
    if (learning.value !== null) {
      learn(learning.value, signal);
      show(learning.value);
      learning.value = nextWithout(learning.value);
      return true;
    }
    const team = teamOf(signal);
    if (!team) return false;
    show(team.id);
    // As long ago as the device says, on the server's clock.
    if (desk.buzzing) desk.buzzFor(team.id, sitting.serverNow() - (performance.now() - at));
    return true;
  }
  /** The next team that has no buzzer yet: a row of them is learned by pressing one after the other. */
  function nextWithout(team: string): string | null {
    const { teams } = desk.view;
    const later = teams.slice(placeOf(team) + 1);
    return later.find(({ id }) => signalOf(id) === null)?.id ?? null;
  }
  function show(team: string): void {
    seen.value = team;
    clearTimeout(fading);
    fading = setTimeout(() => (seen.value = null), SEEN);
  }

  return { bound, learning, seen, isAny, teamOf, signalOf, learn, forget, press };
});
