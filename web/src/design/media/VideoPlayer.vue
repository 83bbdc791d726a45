<script setup lang="ts">
import { isVideoFile, type Video } from '@distaff/core/media';
import { mdiOpenInNew } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { fileUrl } from './mediaUrl.ts';

/** A video with the browser's own controls, or the way to one that another site plays. */
const { video } = defineProps<{ video: Video }>();
const { t } = useI18n();
const source = computed(() =>
  video.file !== null ? fileUrl(video.file) : isVideoFile(video.link) ? video.link : '',
);
</script>

<template>
  <video v-if="source" class="video" :src="source" controls preload="metadata" :aria-label="video.alt" />
  <a v-else class="link" :href="video.link" target="_blank" rel="noopener noreferrer">
    <v-icon :icon="mdiOpenInNew" size="1em" /> {{ t('common.openVideo') }}
  </a>
</template>

<style scoped>
.video {
  display: block;
  max-width: 100%;
  max-height: 100%;
  background: #000;
}
.link {
  color: inherit;
  font-weight: 700;
}
</style>
