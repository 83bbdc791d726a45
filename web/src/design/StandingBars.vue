<script setup lang="ts">
import { computed } from 'vue';
import type { Weave } from '@distaff/core/show';
import { useFormat } from './useFormat.ts';
import { weaveBackground } from './weave/tile.ts';

/** Standings as weave bars on one scale with the zero line seen; sizes in `em`, colours inherited. */
interface Row {
  id: string;
  name: string;
  weave: Weave;
  score: number;
  place: number;
  change?: number;
}
const {
  teams,
  of,
  withChange = false,
} = defineProps<{
  teams: readonly Row[];
  /** Those whose scores set the scale, where `teams` are one page of them. */
  of?: readonly Row[];
  withChange?: boolean;
}>();
const { points, change, place } = useFormat();

/** Before anything was won everybody would share the first place: that tells nothing. */
const placed = computed(() => (of ?? teams).some((team) => team.score !== 0 || team.place !== 1));
const rows = computed(() => [...teams].sort((a, b) => a.place - b.place));
const scale = computed(() => {
  const all = of ?? teams;
  const low = Math.min(0, ...all.map((team) => team.score));
  const high = Math.max(0, ...all.map((team) => team.score));
  const span = Math.max(1, high - low);
  return { zero: (-low / span) * 100, per: 100 / span };
});
const bar = (score: number) => ({
  left: `${scale.value.zero + Math.min(0, score) * scale.value.per}%`,
  width: `${Math.abs(score) * scale.value.per}%`,
});
</script>

<template>
  <ol class="standings">
    <li v-for="row in rows" :key="row.id">
      <span class="place">{{ placed ? place(row.place) : '' }}</span>
      <span class="name clip">{{ row.name }}</span>
      <span class="track" aria-hidden="true">
        <i class="bar" :style="{ ...bar(row.score), ...weaveBackground(row.weave) }" />
        <i class="zero" :style="{ left: `${scale.zero}%` }" />
      </span>
      <span class="mono score">{{ points(row.score) }}</span>
      <span v-if="withChange" class="mono change">{{ row.change ? change(row.change) : '·' }}</span>
    </li>
  </ol>
</template>

<style scoped>
.standings {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 0.35em;
}
li {
  /* As high as there is room for, within bounds. */
  flex: 1 0 1.35em;
  max-height: 2.6em;
  display: grid;
  grid-template-columns: 2.6em minmax(5em, 1fr) minmax(4em, 1fr) auto auto;
  align-items: center;
  gap: 0.6em;
}
.place {
  font-weight: 700;
}
.track {
  position: relative;
  height: 100%;
  min-height: 1.3em;
}
.bar {
  position: absolute;
  inset-block: 8%;
  border-radius: 0.15em;
  transition: width 300ms;
}
.zero {
  position: absolute;
  inset-block: -6%;
  width: 2px;
  background: currentcolor;
}
.score {
  min-width: 5ch;
  text-align: right;
  font-weight: 700;
}
.change {
  min-width: 5ch;
  text-align: right;
  opacity: 0.85;
}
</style>
