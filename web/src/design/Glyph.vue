<script setup lang="ts">
/** A sign drawn by its path, where there are hundreds on a page: it costs a fraction of a whole icon component. */
const { path, size } = defineProps<{ path: string; size: number }>();
</script>

<template>
  <svg class="glyph" viewBox="0 0 24 24" :width="size" :height="size" aria-hidden="true">
    <path :d="path" fill="currentcolor" />
  </svg>
</template>
