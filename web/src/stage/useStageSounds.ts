import type { SoundName, SoundsView } from '@distaff/core/show';
import { loopOf, shotOf, type StageView } from '@distaff/core/sitting';
import { useEventListener } from '@vueuse/core';
import { onUnmounted, ref, watch, type Ref } from 'vue';
import { SoundPlayer } from '../design/sound/soundPlayer.ts';

/** Whether something else is heard on the page: the sound or video of a question. */
const mediaPlays = () =>
  [...document.querySelectorAll<HTMLMediaElement>('audio, video')].some((one) => !one.paused && !one.muted);

/**
 * What is heard on the stage. Nothing before somebody has clicked, touched or pressed a key here:
 * browsers forbid it. `quiet` where it would be no use, as in a rehearsal at many times the pace.
 */
export function useStageSounds(
  view: Ref<StageView | null>,
  quiet: Ref<boolean>,
  cued: Ref<{ name: SoundName | null } | null>,
) {
  const mayPlay = ref(false);
  const playing = ref<string | null>(null);
  const player = new SoundPlayer((name) => (playing.value = name));
  /** Once to its end, unless a loop follows. */
  let shot = false;

  function goOn(now: StageView): void {
    const loop = loopOf(now);
    if (loop === null || !now.sounds) player.stop();
    else if (player.playing !== loop) void player.play(loop, now.sounds.each[loop], true);
  }

  /** Once to its end; then whatever belongs to the picture of the stage. */
  function once(name: SoundName, { each }: SoundsView): void {
    shot = true;
    void player.play(name, each[name], false, () => {
      shot = false;
      if (view.value) hear(view.value, view.value);
    });
  }

  function hear(before: StageView | null, now: StageView | null): void {
    if (!now?.sounds || now.sounds.muted || quiet.value || !mayPlay.value || mediaPlays()) {
      shot = false;
      return player.stop();
    }
    const name = shotOf(before, now);
    if (name === null) {
      if (!shot) goOn(now);
      return;
    }
    once(name, now.sounds);
  }

  /** What the host wants to be heard goes over everything, once to its end. */
  function hearCue(name: SoundName | null): void {
    const sounds = view.value?.sounds;
    if (!sounds || sounds.muted || quiet.value || !mayPlay.value) return;
    if (name !== null) return once(name, sounds);
    shot = false;
    goOn(view.value!);
  }
  watch(cued, (cue) => cue && hearCue(cue.name));
  watch(view, (now, before) => hear(before, now));
  watch([mayPlay, quiet], () => hear(null, view.value));

  const acted = () => (mayPlay.value = true);
  useEventListener(window, ['pointerdown', 'keydown'], acted);
  onUnmounted(() => player.close());
  return { mayPlay, playing };
}
