<script setup lang="ts">
import type { PublicView, SeatView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useWonLines } from '../../design/useWonLines.ts';
import { useHowTo } from '../../design/useHowTo.ts';
import { useRules } from '../../design/useRules.ts';
import { handsetParts } from '../../formats/handset.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import { useOwnWords } from './useOwnWords.ts';

/** The handset between two questions: whose choice it is, how it is played, who stands where. */
const { view, seat } = defineProps<{ view: PublicView; seat: SeatView }>();
const emit = defineEmits<{ act: [act: object]; choose: [ref: string] }>();
const { t } = useI18n();
const { points, place } = useFormat();
const { told } = useRules();
const { own } = useOwnWords();
/** Before anything was won everybody would share the first place: that tells nothing. */
const placed = computed(() => view.teams.some((team) => team.score !== 0 || team.place !== 1));
const byPlace = computed(() => [...view.teams].sort((a, b) => a.place - b.place));
const turns = computed(() => view.timer?.turnsLeft?.[seat.team] ?? null);
const wonLines = useWonLines(() => view);
const { sentences } = useHowTo();
const rules = computed(() => {
  const { explains, rules: own, phase, devices } = view;
  if (explains) return sentences(explains, devices);
  return phase === 'round' && own && own.asks !== 'nothing' && !own.chosen ? told(own, devices) : [];
});
</script>

<template>
  <h1 v-if="view.phase === 'closed' && seat.standing && placed">
    {{ own(view, 'finalPlace', { place: place(seat.standing.place) }) }}
  </h1>
  <component
    :is="handsetParts[view.round.format]"
    v-else-if="view.phase === 'round' && view.round"
    :view="view"
    :seat="seat"
    @act="emit('act', $event)"
    @choose="emit('choose', $event)"
  />
  <p v-if="view.phase === 'round' && turns !== null" class="own">
    {{ t('common.turnsLeft', turns, { named: { n: turns } }) }}
  </p>
  <p v-for="line in wonLines" :key="line" class="own">{{ line }}</p>
  <p v-if="seat.standing && placed && seat.standing.of > view.teams.length" class="own">
    {{ t('handset.standing', { place: place(seat.standing.place), of: seat.standing.of }) }}
  </p>
  <ul v-if="rules.length" class="rules">
    <li v-for="rule in rules" :key="rule">{{ rule }}</li>
  </ul>
  <slot />
  <ol v-if="!view.rules?.polls || view.phase !== 'round'" class="standings">
    <li v-for="team in byPlace" :key="team.id" :class="{ own: team.id === seat.team }">
      <i :style="weaveBackground(team.weave)" />
      <span>{{ placed ? place(team.place) : '' }}</span>
      <span class="clip">{{ team.name }}</span>
      <b class="mono">{{ points(team.score) }}</b>
    </li>
  </ol>
</template>

<style scoped>
h1 {
  font-size: 30px;
  margin-top: 12px;
}
p {
  margin: 0;
}
.lives,
.own {
  color: var(--accent);
  font-weight: 700;
}
.rules {
  margin: 0;
  padding-left: 1.2em;
  color: var(--dim);
}
.standings {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
.standings li {
  display: grid;
  grid-template-columns: 28px 2.6em 1fr auto;
  align-items: center;
  gap: 10px;
  padding: 8px 10px;
  border-bottom: 1px solid var(--edge);
}
.standings i {
  width: 28px;
  height: 22px;
  border-radius: 3px;
}
.standings .own {
  background: var(--panel);
  color: inherit;
}
</style>
