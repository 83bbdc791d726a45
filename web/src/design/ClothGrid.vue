<script setup lang="ts">
import type { ClothRow } from '@distaff/core/formats';
import type { TeamView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { weaveBackground } from './weave/tile.ts';

/** The cloth of a sitting: a row a round or category, each cell in the weaves of those who were right. */
const { cloth, teams } = defineProps<{ cloth: readonly ClothRow[]; teams: readonly TeamView[] }>();
const byId = computed(() => new Map(teams.map((team) => [team.id, team])));
const known = (ids: readonly string[]) => ids.flatMap((id) => byId.value.get(id) ?? []);
</script>

<template>
  <ul class="cloth">
    <li v-for="(row, i) in cloth" :key="i">
      <span class="name clip">{{ row.name }}</span>
      <span class="cells">
        <span
          v-for="(cell, n) in row.cells"
          :key="n"
          class="cell"
          :class="{ nobody: cell.used && cell.teams.length === 0 }"
          role="img"
          :aria-label="
            known(cell.teams)
              .map((team) => team.name)
              .join(', ') || '–'
          "
        >
          <i v-for="team in known(cell.teams)" :key="team.id" :style="weaveBackground(team.weave)" />
        </span>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.cloth {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 0.4em;
  min-height: 0;
}
li {
  flex: 0 1 4em;
  min-height: 1em;
  display: grid;
  grid-template-columns: minmax(0, 8em) minmax(0, 1fr);
  align-items: center;
  gap: 0.8em;
}
.cells {
  height: 100%;
  display: flex;
  gap: 0.25em;
}
.cell {
  flex: 1;
  min-width: 0;
  display: flex;
  border: 2px solid var(--cell-edge);
  border-radius: 0.2em;
  overflow: hidden;
}
.cell i {
  flex: 1;
}
.nobody {
  background: repeating-linear-gradient(45deg, transparent 0 6px, var(--cell-edge) 6px 8px);
}
</style>
