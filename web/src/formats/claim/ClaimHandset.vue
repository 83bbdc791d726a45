<script setup lang="ts">
import type { ClaimView } from '@distaff/core/formats';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import LastResult from '../../screens/handset/LastResult.vue';
import type { HandsetPart } from '../parts.ts';
import { hasEnded } from '../roundOver.ts';
import ClaimGrid from './ClaimGrid.vue';
import { useGroups } from './useGroups.ts';

/** The tapestry on a phone: whoever is on turn marks a square and takes it on. */
const { view, seat } = defineProps<HandsetPart>();
const emit = defineEmits<{ choose: [ref: string] }>();
const { t } = useI18n();
const round = computed(() => view.round as ClaimView);
const { groups, groupAt, groupOf } = useGroups(() => ({ round: round.value, teams: view.teams }));
const own = computed(() => groupOf(seat.team));
const mayChoose = computed(() => {
  if (round.value.won || hasEnded(view) || view.devices.mode === 'none') return false;
  return round.value.open ? view.timer?.alone === 'on' && !view.timer.held : view.turn === seat.team;
});
const marked = ref<number | null>(null);
watch(
  () => [view.seq, mayChoose.value] as const,
  () => {
    const square = marked.value === null ? null : round.value.squares[marked.value];
    if (!mayChoose.value || square?.group != null) marked.value = null;
  },
);
const nameOf = (i: number) => {
  const { label } = round.value.squares[i]!;
  return label ? `${i + 1} · ${label}` : t('formats.claim.square', { n: i + 1 });
};
/** So many wishes are told: those that most have. */
const TOLD = 3;
/** How the wishes of the team stand, where all of it choose together. */
const wishes = computed(() => {
  if (!view.wishes) return null;
  const { counts, of } = view.wishes;
  const told = counts
    .slice(0, TOLD)
    .map(({ ref, count }) => t('formats.claim.wished', { n: count, of, square: Number(ref) + 1 }));
  return told.length > 0 ? told.join(' · ') : t('formats.claim.together');
});
const completes = computed(
  () => marked.value !== null && (own.value?.completing.includes(marked.value) ?? false),
);
const doWord = computed(() => {
  if (marked.value === null) return t('formats.claim.choose');
  const n = marked.value + 1;
  if (seat.wish === String(marked.value)) return t('formats.claim.waitsForOthers');
  return t(view.wishes ? 'formats.claim.wishFor' : 'formats.claim.takeOn', { n });
});
const title = computed(() => {
  const { won, open } = round.value;
  if (won) {
    const names = won.groups.map((at) => groupAt(at)?.name ?? '').join(', ');
    return own.value && won.groups.includes(own.value.at)
      ? t('formats.claim.youWin')
      : t('formats.claim.theyWin', { group: names });
  }
  if (hasEnded(view)) return t('handset.roundOver');
  if (open) return t(view.timer?.alone === 'before' ? 'formats.claim.soonOpen' : 'formats.claim.choose');
  if (mayChoose.value) return t('formats.claim.yourTurn');
  return t('formats.claim.chooses', { team: view.teams.find((one) => one.id === view.turn)?.name ?? '' });
});
</script>

<template>
  <p class="topic">{{ t('formats.claim.rowWins', { n: round.inARow }) }}</p>
  <h1>{{ title }}</h1>
  <p v-if="own && own.teams.length > 1" class="topic">
    {{ t('formats.claim.yourGroup', { group: own.name, teams: own.names }) }}
  </p>
  <LastResult v-if="round.open" :seat="seat" />
  <ClaimGrid
    class="grid"
    :style="{ aspectRatio: `${round.columns} / ${round.rows}` }"
    :round="round"
    :groups="groups"
    :can-choose="mayChoose"
    :mine="own?.at ?? null"
    :marked="marked"
    numbers
    @choose="marked = $event"
  />
  <p v-if="own">{{ t('formats.claim.ownSquares', own.squares, { named: { n: own.squares } }) }}</p>
  <div v-if="mayChoose" class="take">
    <p v-if="wishes">{{ wishes }}</p>
    <p v-if="marked !== null">
      {{ nameOf(marked) }}<template v-if="completes"> · {{ t('formats.claim.completes') }}</template>
    </p>
    <v-btn
      color="primary"
      size="x-large"
      block
      :disabled="marked === null || seat.wish === String(marked)"
      @click="marked !== null && emit('choose', String(marked))"
      >{{ doWord }}</v-btn
    >
  </div>
</template>

<style scoped>
h1 {
  font-size: 28px;
  margin: 0;
}
p {
  margin: 0;
}
.topic {
  color: var(--accent);
  font-weight: 700;
}
.grid {
  flex: none;
  max-height: 52vh;
  width: 100%;
  font-size: 17px;
}
.take {
  position: sticky;
  bottom: -16px;
  margin: auto -16px -16px;
  padding: 8px 16px 12px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  background: var(--ground);
  border-top: 1px solid var(--edge);
  z-index: 4;
}
</style>
