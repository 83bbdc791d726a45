<script setup lang="ts">
/** Threads that nothing is woven into yet: upright on boards, lying in tapes, hem and bars. Only a picture. */
const { lying = false, fades = false } = defineProps<{ lying?: boolean; fades?: boolean }>();
</script>

<template>
  <i class="bare" :class="{ lying, fades }" aria-hidden="true" />
</template>

<style scoped>
.bare {
  --to: to right;
  display: block;
  background: repeating-linear-gradient(
    var(--to),
    color-mix(in srgb, var(--light, #f2f5f1) 22%, transparent) 0 1px,
    transparent 1px var(--thread, 6px)
  );
}
.lying {
  --to: to bottom;
}
.fades {
  mask-image: linear-gradient(to right, transparent, #000 60%);
}
</style>
