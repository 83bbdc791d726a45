<script setup lang="ts">
import type { TrailView } from '@distaff/core/formats';
import type { TeamView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';

/** How far each is on the way to the target: a ribbon that is woven as far. */
const { round, teams, turn } = defineProps<{
  round: TrailView;
  teams: readonly TeamView[];
  turn: string;
}>();
const { t } = useI18n();
const { points } = useFormat();
const MOST = 12;
const FEW = 5;
const rows = computed(() => {
  const balance = new Map(round.pieces.map((piece) => [piece.team, piece.balance]));
  const all = teams.map((team) => ({ ...team, balance: balance.get(team.id) ?? 0 }));
  const goal = round.goal === 'first' ? round.target : Math.max(round.gain, ...all.map((one) => one.balance));
  const shown =
    all.length <= MOST
      ? all
      : [
          ...all.filter(({ id }) => id === turn),
          ...all
            .filter(({ id }) => id !== turn)
            .sort((a, b) => b.balance - a.balance)
            .slice(0, FEW - 1),
        ];
  return shown.map((one) => ({ ...one, share: Math.min(1, Math.max(0, one.balance / goal)) }));
});
const more = computed(() => teams.length - rows.value.length);
</script>

<template>
  <ul class="progress" :style="{ '--n': Math.min(6, rows.length) }">
    <li v-for="team in rows" :key="team.id" :class="{ on: team.id === turn }">
      <span class="band"
        ><i :style="{ ...weaveBackground(team.weave), width: `${team.share * 100}%` }"
      /></span>
      <span class="clip" dir="auto">{{ team.name }}</span>
      <b>{{ points(team.balance) }}</b>
    </li>
    <li v-if="more > 0" class="more">{{ t('stage.more', { n: more }) }}</li>
  </ul>
</template>

<style scoped>
.progress {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(var(--n), minmax(0, 1fr));
  gap: calc(1 * var(--u)) calc(2.4 * var(--u));
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  column-gap: 0.6em;
  font-size: calc(2.9 * var(--u));
}
.on {
  font-weight: 700;
}
/* Whatever way a name is read, it begins where the band does. */
.clip {
  text-align: -webkit-match-parent;
}
.more {
  align-self: end;
  color: var(--dim);
}
.band {
  grid-column: 1 / -1;
  height: calc(2.2 * var(--u));
  background: repeating-linear-gradient(
    to bottom,
    color-mix(in srgb, var(--light) 28%, transparent) 0 1px,
    transparent 1px calc(0.6 * var(--u))
  );
}
i {
  display: block;
  height: 100%;
  transition: width 450ms;
}
@media (prefers-reduced-motion: reduce) {
  i {
    transition: none;
  }
}
</style>
