<script setup lang="ts">
import type { CounterweightView } from '@distaff/core/formats';
import type { TeamView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';

/** The covers: those that are up show their value in the weave of who lifted them. */
const { covers, teams, canLift } = defineProps<{
  covers: CounterweightView['covers'];
  teams: readonly TeamView[];
  canLift: boolean;
}>();
const emit = defineEmits<{ lift: [cover: number] }>();
const { t } = useI18n();
const { change } = useFormat();
/** About as many columns as look well, and rather such that the last row is full. */
const columns = computed(() => {
  const best = Math.ceil(Math.sqrt(covers.length * 1.6));
  const full = [best, best - 1, best + 1, best + 2].find((n) => n > 1 && covers.length % n === 0);
  return full ?? best;
});
const teamOf = (id: string | null) => teams.find((team) => team.id === id);
const told = (i: number) => {
  const { value, team } = covers[i]!;
  if (value === null) return t('formats.counterweight.coverDown', { n: i + 1 });
  return t('formats.counterweight.coverUp', {
    n: i + 1,
    value: change(value),
    team: teamOf(team)?.name ?? '',
  });
};
</script>

<template>
  <ol class="covers" :style="{ '--columns': columns }">
    <li v-for="(cover, i) in covers" :key="i">
      <div
        v-if="cover.value !== null"
        class="up"
        :style="teamOf(cover.team) ? weaveBackground(teamOf(cover.team)!.weave) : {}"
        role="img"
        :aria-label="told(i)"
      >
        <b class="mono">{{ change(cover.value) }}</b>
      </div>
      <button
        v-else
        type="button"
        class="down"
        :disabled="!canLift"
        :aria-label="told(i)"
        @click="emit('lift', i)"
      >
        {{ i + 1 }}
      </button>
    </li>
  </ol>
</template>

<style scoped>
.covers {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  grid-auto-rows: minmax(var(--cover, 56px), 1fr);
  gap: var(--cover-gap, 8px);
}
.up,
.down {
  width: 100%;
  height: 100%;
  display: grid;
  place-content: center;
  border-radius: 8px;
  font-size: var(--cover-text, 20px);
}
.down {
  border: 2px solid var(--cell-edge, var(--line));
  background: var(--cell-ground, var(--paper));
  color: var(--cell-name-colour, inherit);
}
.down:enabled {
  cursor: pointer;
}
.down:enabled:hover,
.down:focus-visible {
  border-color: var(--accent, var(--moss));
}
.up b {
  padding: 0.1em 0.5em;
  border-radius: 0.3em;
  background: #101a17;
  color: #f2f5f1;
}
</style>
