<script setup lang="ts">
/** The shuttle: here the cloth has just grown. Its slot is a short line. Only a picture. */
</script>

<template>
  <svg class="shuttle" viewBox="0 0 52 20" aria-hidden="true">
    <path d="M0 10C9 3 17 0 26 0s17 3 26 10c-9 7-17 10-26 10S9 17 0 10z" />
    <path class="slot" d="M16 10h20" />
  </svg>
</template>

<style scoped>
.shuttle {
  display: block;
  fill: var(--flax, #ede6d4);
}
.slot {
  stroke: var(--ground, #101a17);
  stroke-width: 3.6;
  stroke-linecap: round;
}
</style>
