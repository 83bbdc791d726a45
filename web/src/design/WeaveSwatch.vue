<script setup lang="ts">
import { computed } from 'vue';
import type { Weave } from '@distaff/core/show';
import { weaveBackground } from './weave/tile.ts';

/** A piece of a team's weave. Only a picture: the team's name always stands beside it. */
const { weave, scale = 0.66 } = defineProps<{ weave: Weave; scale?: number }>();
const style = computed(() => weaveBackground(weave, scale));
</script>

<template>
  <span class="swatch" :style="style" aria-hidden="true" />
</template>

<style scoped>
.swatch {
  display: inline-block;
  flex: none;
  width: 1.6em;
  height: 1.2em;
  border-radius: 0.2em;
  border: 1px solid rgb(128 140 134 / 60%);
  vertical-align: -0.2em;
}
</style>
