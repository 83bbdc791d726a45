<script setup lang="ts">
import type { PublicView, SeatView } from '@distaff/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import CoverChoice from '../../design/CoverChoice.vue';
import CoverGrid from '../../design/CoverGrid.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import { useWonLines } from '../../design/useWonLines.ts';
import { useHowTo } from '../../design/useHowTo.ts';
import { useRules } from '../../design/useRules.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import { useOwnWords } from './useOwnWords.ts';

/** The handset between two questions: whose choice it is, how it is played, who stands where. */
const { view, seat } = defineProps<{ view: PublicView; seat: SeatView }>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const { points, place } = useFormat();
const { told } = useRules();
const own = useOwnWords();
const teamName = (id: string) => view.teams.find((team) => team.id === id)?.name ?? '';
const ownTurn = computed(() => view.turn === seat.team);
/** Before anything was won everybody would share the first place: that tells nothing. */
const placed = computed(() => view.teams.some((team) => team.score !== 0 || team.place !== 1));
const byPlace = computed(() => [...view.teams].sort((a, b) => a.place - b.place));
const title = computed(() => {
  const { round, phase } = view;
  if (phase === 'closed')
    return seat.standing && placed.value
      ? own(view, 'finalPlace', { place: place(seat.standing.place) })
      : '';
  if (round?.format === 'interlude') return view.roundTitle || t(`common.interludes.${round.what}`);
  if (round?.format === 'counterweight' && round.choosing)
    return round.choosing === seat.team
      ? own(view, 'lift')
      : t('handset.liftOther', { team: teamName(round.choosing) });
  if (round?.format === 'quiz' || round?.format === 'knockout')
    return round.played < round.of
      ? t('common.questionOf', { n: round.played + 1, of: round.of })
      : t('handset.roundOver');
  if (round?.format === 'counterweight')
    return ownTurn.value ? own(view, 'next') : t('handset.nextOther', { team: teamName(view.turn) });
  return ownTurn.value ? own(view, 'turn') : t('handset.turnOther', { team: teamName(view.turn) });
});
const lives = computed(() => {
  const { round } = view;
  if (round?.format !== 'knockout') return null;
  return round.left[seat.team] ?? round.lives;
});
const wonLines = useWonLines(() => view);
const { sentences } = useHowTo();
const rules = computed(() => {
  if (view.explains) return sentences(view.explains, view.devices);
  return view.phase === 'round' &&
    view.rules &&
    view.round?.format !== 'interlude' &&
    view.round?.format !== 'board'
    ? told(view.rules, view.devices)
    : [];
});
</script>

<template>
  <h1>{{ title }}</h1>
  <p v-if="view.round?.format === 'board' && view.phase === 'round' && ownTurn">{{ t('handset.lookUp') }}</p>
  <p v-if="lives !== null && view.phase === 'round'" class="lives">
    {{ lives > 0 ? t('handset.lives', lives, { named: { n: lives } }) : t('handset.forHonour') }}
  </p>
  <RichText
    v-if="view.round?.format === 'interlude' && view.round.text && view.phase === 'round'"
    :text="view.round.text"
  />
  <template v-if="view.round?.format === 'counterweight' && view.phase === 'round'">
    <CoverChoice
      v-if="view.round.choosing === seat.team"
      class="covers"
      :round="view.round"
      :teams="view.teams"
      @lift="emit('act', $event)"
    />
    <CoverGrid v-else class="covers" :covers="view.round.covers" :teams="view.teams" :can-lift="false" />
  </template>
  <p v-for="line in wonLines" :key="line" class="own">{{ line }}</p>
  <p v-if="seat.standing && placed && seat.standing.of > view.teams.length" class="own">
    {{ t('handset.standing', { place: place(seat.standing.place), of: seat.standing.of }) }}
  </p>
  <ul v-if="rules.length" class="rules">
    <li v-for="rule in rules" :key="rule">{{ rule }}</li>
  </ul>
  <ol class="standings">
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
.covers {
  --cell-ground: var(--panel);
  --cell-edge: var(--edge);
  --cover: 48px;
  flex: none;
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
