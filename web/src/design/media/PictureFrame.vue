<script setup lang="ts">
import type { PictureView } from '@distaff/core/media';
import { computed } from 'vue';
import { pictureUrl } from './mediaUrl.ts';

/** A picture whole, or trimmed to the shape of its place around what must stay in sight. */
const {
  picture,
  size = 'large',
  trim = false,
} = defineProps<{ picture: PictureView; size?: 'large' | 'small'; trim?: boolean }>();
const style = computed(() =>
  trim
    ? {
        objectFit: 'cover' as const,
        objectPosition: `${picture.focus.x * 100}% ${picture.focus.y * 100}%`,
      }
    : { objectFit: 'contain' as const },
);
</script>

<template>
  <img
    class="picture"
    :src="pictureUrl(picture.file, size)"
    :alt="picture.alt"
    :width="picture.width"
    :height="picture.height"
    :style="style"
    draggable="false"
  />
</template>

<style scoped>
.picture {
  display: block;
  max-width: 100%;
  max-height: 100%;
}
</style>
