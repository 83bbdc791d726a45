<script setup lang="ts">
/** Paper on the loom: what is right, what is told for good, and everything that stands on a weave stands on this. */
</script>

<template>
  <div class="paper"><slot /></div>
</template>

<style scoped>
.paper {
  --light: #14211d;
  --ground: #ede6d4;
  --dim: #4c5852;
  background: var(--flax, #ede6d4);
  color: #14211d;
}
</style>
