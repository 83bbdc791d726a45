<script setup lang="ts">
import { mdiVolumeHigh, mdiVolumeOff } from '@mdi/js';
import { useEventListener } from '@vueuse/core';
import { computed, toRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../live/sitting.ts';
import { useStageSounds } from './useStageSounds.ts';

/** The sounds of the stage and their one switch; until somebody has acted here it says what to do. */
const { t } = useI18n();
const sitting = useSitting();
const view = computed(() => sitting.stage);
const { mayPlay, playing } = useStageSounds(
  view,
  toRef(() => (sitting.rehearsal?.clock.rate ?? 1) > 1),
  toRef(() => sitting.cued),
);
const muted = computed(() => view.value?.sounds?.muted ?? false);
const word = computed(() =>
  t(!mayPlay.value ? 'stage.soundOn' : muted.value ? 'stage.unmute' : 'stage.mute'),
);

/** Said in words at the doors alone: later it would stand over a score. */
const calls = computed(() => !mayPlay.value && view.value?.phase === 'lobby');
const sign = computed(() => (muted.value || !mayPlay.value ? mdiVolumeOff : mdiVolumeHigh));

/** The click alone lets the sounds begin, where they were not muted. */
async function toggle(): Promise<void> {
  if (mayPlay.value || muted.value) await sitting.send({ type: 'mute', on: !muted.value });
  mayPlay.value = true;
}
function press(event: KeyboardEvent): void {
  if (event.key.toLowerCase() !== 'm' || event.ctrlKey || event.metaKey || event.altKey || event.repeat)
    return;
  if (!(event.target instanceof HTMLElement && event.target.closest('input, textarea'))) void toggle();
}
// Before any key counts as the act that lets sound begin.
useEventListener(window, 'keydown', press, { capture: true });
</script>

<template>
  <!-- The click must not count as the act that lets sound begin before it is handled here. -->
  <v-btn
    class="sound"
    :class="{ calls }"
    size="small"
    variant="text"
    :prepend-icon="calls ? sign : undefined"
    :icon="calls ? undefined : sign"
    :aria-label="word"
    :data-playing="playing"
    :title="word"
    @pointerdown.stop
    @keydown.enter.stop
    @keydown.space.stop
    @click="toggle"
    ><template v-if="calls" #default>{{ word }}</template></v-btn
  >
</template>
