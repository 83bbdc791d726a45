<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import { computed } from 'vue';
import RichText from '../rich/RichText.vue';
import PictureFrame from './PictureFrame.vue';

const MOST = 1.6;

/** What stands in an option: a picture, words, or both. */
const { option, size = 'small' } = defineProps<{
  option: OptionView | undefined;
  size?: 'large' | 'small';
}>();
/** Very long or very wide pictures are trimmed around what must stay in sight; others are seen whole. */
const shape = computed(() => {
  if (!option?.picture) return {};
  const ratio = option.picture.width / option.picture.height;
  return { aspectRatio: `${Math.min(MOST, Math.max(1 / MOST, ratio))}` };
});
</script>

<template>
  <span class="content" :class="{ pictured: option?.picture, alone: option?.picture && !option.text }">
    <PictureFrame
      v-if="option?.picture"
      class="thumb"
      :picture="option.picture"
      :size="size"
      :style="shape"
      trim
    />
    <RichText v-if="option?.text || !option?.picture" inline :text="option?.text ?? ''" />
  </span>
</template>

<style scoped>
.content {
  min-width: 0;
  overflow-wrap: anywhere;
}
.pictured {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6em;
  min-height: 0;
}
.pictured:not(.alone) > :last-child {
  flex: 1 1 5em;
}
.alone {
  justify-content: center;
}
.thumb {
  flex: none;
  width: auto;
  height: var(--thumb, 72px);
  border-radius: 4px;
}
</style>
