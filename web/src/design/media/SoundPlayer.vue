<script setup lang="ts">
import type { Sound } from '@distaff/core/media';
import { mdiPlay, mdiStop, mdiVolumeHigh } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { fileUrl } from './mediaUrl.ts';

/** A sound behind one large button. It never starts by itself: several handsets in one room would clash. */
const { sound } = defineProps<{ sound: Sound }>();
const { t } = useI18n();
const player = ref<HTMLAudioElement | null>(null);
const playing = ref(false);
const broken = ref(false);

async function toggle(): Promise<void> {
  const own = player.value!;
  if (playing.value) {
    own.pause();
    own.currentTime = 0;
    return;
  }
  broken.value = false;
  try {
    await own.play();
  } catch (error) {
    // Stopped before it began is no trouble.
    broken.value = (error as Error).name !== 'AbortError';
  }
}
</script>

<template>
  <div class="sound">
    <!-- The words beside it say what is heard. -->
    <audio
      ref="player"
      :src="fileUrl(sound.file)"
      preload="none"
      @play="playing = true"
      @pause="playing = false"
      @ended="playing = false"
    />
    <button type="button" class="play" :aria-pressed="playing" @click="toggle">
      <v-icon :icon="playing ? mdiStop : mdiPlay" size="1.3em" />
      {{ t(playing ? 'common.stopSound' : 'common.playSound') }}
    </button>
    <span v-if="sound.alt" class="alt"><v-icon :icon="mdiVolumeHigh" size="1em" /> {{ sound.alt }}</span>
    <span v-if="broken" role="alert">{{ t('common.soundBroken') }}</span>
  </div>
</template>

<style scoped>
.sound {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6em;
}
.play {
  display: inline-flex;
  align-items: center;
  gap: 0.4em;
  min-height: 48px;
  padding: 0.3em 0.9em;
  font: inherit;
  font-weight: 700;
  border: 2px solid currentcolor;
  border-radius: 8px;
  cursor: pointer;
}
</style>
