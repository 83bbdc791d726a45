<script setup lang="ts">
import { useSpoken, type SpokenOf } from './useSpoken.ts';

/** Says to a screen reader what others see. */
const props = defineProps<SpokenOf>();
const said = useSpoken(() => props);
</script>

<template>
  <p class="hide" role="status" aria-live="polite">{{ said }}</p>
</template>
