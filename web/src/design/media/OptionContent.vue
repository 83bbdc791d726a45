<script setup lang="ts">
import type { OptionView } from '@distaff/core';
import RichText from '../rich/RichText.vue';
import PictureFrame from './PictureFrame.vue';

/** What stands in an option: a picture, words, or both. */
const { option, size = 'small' } = defineProps<{
  option: OptionView | undefined;
  size?: 'large' | 'small';
}>();
</script>

<template>
  <span class="content" :class="{ pictured: option?.picture }">
    <PictureFrame v-if="option?.picture" class="thumb" :picture="option.picture" :size="size" />
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
  align-items: center;
  gap: 0.6em;
  min-height: 0;
}
.thumb {
  flex: none;
  width: auto;
  height: var(--thumb, 72px);
  max-width: 60%;
  border-radius: 4px;
}
</style>
