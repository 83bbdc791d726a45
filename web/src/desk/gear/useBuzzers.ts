import { useBroadcastChannel, useEventListener, useRafFn } from '@vueuse/core';
import { watch } from 'vue';
import { useGear } from './gear.ts';
import { keySignal, mayBeBuzzer, pressesOf, virtualSignal, type Signal } from './signal.ts';

/** The name under which the page with virtual buzzers speaks to the desk of the same browser. */
export const CHANNEL = 'distaff-buzzers';
/** One press of a virtual buzzer: which, and when (ms since 1970). */
export interface VirtualPress {
  button: number;
  at: number;
}

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

/**
 * Listens to everything that can be a buzzer: game controllers, keyboards, and the page with virtual ones. What is a
 * buzzer means nothing else to the page.
 */
export function useBuzzers(): void {
  const gear = useGear();
  const held = new Set<Signal>();
  // Controllers are looked at, since they send no events of their own; only while there is one.
  const { resume, pause } = useRafFn(
    () => {
      const pads = navigator.getGamepads?.() ?? [];
      for (const press of pressesOf(pads, held, performance.now())) gear.press(press);
    },
    { immediate: false },
  );
  const look = () => ((navigator.getGamepads?.() ?? []).some((pad) => pad !== null) ? resume() : pause());
  useEventListener(window, 'gamepadconnected', look);
  useEventListener(window, 'gamepaddisconnected', look);
  look();

  useEventListener(
    window,
    'keydown',
    (event: KeyboardEvent) => {
      if (event.repeat || !mayBeBuzzer(event)) return;
      // While one is learned the next key is a buzzer, wherever the focus is; else who types is left alone.
      if (gear.learning === null && typing(event.target)) return;
      if (!gear.press({ signal: keySignal(event.code), at: event.timeStamp })) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    },
    { capture: true },
  );

  const { data } = useBroadcastChannel<VirtualPress, VirtualPress>({ name: CHANNEL });
  watch(data, (press) => {
    if (press) gear.press({ signal: virtualSignal(press.button), at: press.at - performance.timeOrigin });
  });
}
