<script setup lang="ts">
/** A label sewn on the cloth: words and figures that stand on a weave stand on this. */
</script>

<template>
  <div class="label"><slot /></div>
</template>

<style scoped>
.label {
  --stitch: var(--thread, 3px);
  display: flex;
  flex-direction: column;
  padding: calc(4 * var(--stitch)) calc(7 * var(--stitch));
  background: var(--flax, #ede6d4);
  color: #14211d;
  outline: 1px dashed #14211d;
  outline-offset: calc(-1.4 * var(--stitch));
}
.label :deep(b) {
  font-family: var(--display);
  line-height: 1.05;
  font-variant-numeric: tabular-nums;
}
</style>
