<script setup lang="ts">
import Paper from './Paper.vue';

/** A label sewn on the cloth: paper with a seam. */
</script>

<template>
  <Paper class="label"><slot /></Paper>
</template>

<style scoped>
.label {
  --stitch: var(--thread, 3px);
  display: flex;
  flex-direction: column;
  padding: calc(4 * var(--stitch)) calc(7 * var(--stitch));
  outline: 1px dashed #14211d;
  outline-offset: calc(-1.4 * var(--stitch));
}
.label :deep(b) {
  font-family: var(--display);
  line-height: 1.05;
  font-variant-numeric: tabular-nums;
}
</style>
