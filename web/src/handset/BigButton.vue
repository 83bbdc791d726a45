<script setup lang="ts">
/** The one button of a first page, in bare HTML; while `busy` it cannot be pressed again. */
const { busy = false } = defineProps<{ busy?: boolean }>();
</script>

<template>
  <button class="big" :disabled="busy" :aria-busy="busy"><slot /></button>
</template>

<style scoped>
.big {
  flex: none;
  width: 100%;
  min-height: 52px;
  border-radius: 6px;
  background: #d9a400;
  color: #14211d;
  font-size: 18px;
  font-weight: 700;
  cursor: pointer;
}
.big:disabled {
  opacity: 0.6;
  cursor: progress;
}
.big:focus-visible {
  outline: 3px solid #f2f5f1;
}
</style>
