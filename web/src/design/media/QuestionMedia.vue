<script setup lang="ts">
import type { PictureView, Sound, Video } from '@distaff/core/media';
import { useI18n } from 'vue-i18n';
import PictureFrame from './PictureFrame.vue';
import SoundPlayer from './SoundPlayer.vue';
import VideoPlayer from './VideoPlayer.vue';

/** What is seen and heard with a prompt, each with its thanks. */
const { media, size = 'large' } = defineProps<{
  media: { picture: PictureView | null; sound: Sound | null; video: Video | null };
  size?: 'large' | 'small';
}>();
const { t } = useI18n();
const thanks = (one: { credit: string; licence: string }) =>
  one.credit && [one.credit, one.licence].filter(Boolean).join(' · ');
</script>

<template>
  <div class="media">
    <figure v-if="media.picture">
      <PictureFrame :picture="media.picture" :size="size" />
      <figcaption v-if="thanks(media.picture)">
        {{ t('common.pictureBy', { text: thanks(media.picture) }) }}
      </figcaption>
    </figure>
    <figure v-if="media.video">
      <VideoPlayer :video="media.video" />
      <figcaption v-if="thanks(media.video)">
        {{ t('common.videoBy', { text: thanks(media.video) }) }}
      </figcaption>
    </figure>
    <SoundPlayer v-if="media.sound" :sound="media.sound" />
  </div>
</template>

<style scoped>
.media {
  display: flex;
  flex-direction: column;
  gap: 0.6em;
  min-height: 0;
}
figure {
  margin: 0;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 0.2em;
  min-height: 0;
  flex: 0 1 auto;
}
figure > :first-child {
  min-height: 0;
  flex: 0 1 auto;
  border-radius: 6px;
}
figcaption {
  flex: none;
  font-size: var(--thanks, 12px);
  color: var(--dim, var(--stone));
}
</style>
