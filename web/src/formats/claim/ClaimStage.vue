<script setup lang="ts">
import type { ClaimLive, ClaimView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useWonLines } from '../../design/useWonLines.ts';
import SewnLabel from '../../design/weave/SewnLabel.vue';
import type { StagePart } from '../parts.ts';
import { hasEnded } from '../roundOver.ts';
import ClaimGrid from './ClaimGrid.vue';
import ClaimGroups from './ClaimGroups.vue';
import { useGroups } from './useGroups.ts';

/** The tapestry with its groups beside it; once it is decided, the row and who has won. */
const { view, now } = defineProps<StagePart>();
const emit = defineEmits<{ choose: [ref: string] }>();
const { t } = useI18n();
const round = computed(() => view.round as ClaimView);
const live = computed(() => view.live as ClaimLive | null);
const { groups, groupAt, groupOf } = useGroups(() => ({ round: round.value, teams: view.teams }));
const team = computed(() => view.teams.find((one) => one.id === view.turn)?.name ?? '');
const onTurn = computed(() =>
  round.value.open || round.value.won ? null : (groupOf(view.turn)?.at ?? null),
);
const on = computed(() =>
  (live.value?.on ?? []).flatMap(({ team: id, square }) => {
    const group = groupOf(id);
    return group ? [{ square, group: group.at }] : [];
  }),
);
const winners = computed(() => (round.value.won?.groups ?? []).flatMap((at) => groupAt(at) ?? []));
const wonLines = useWonLines(() => view);
const title = computed(() => {
  const { won, inARow, open } = round.value;
  if (won?.squares) return t('formats.claim.row', { n: inARow });
  if (won && winners.value.length > 0)
    return t('formats.claim.most', {
      group: winners.value.map(({ name }) => name).join(', '),
      n: winners.value[0]!.squares,
    });
  if (won || hasEnded(view)) return wonLines.value[0] ?? t('stage.allPlayed');
  if (open) return t(view.timer?.alone === 'before' ? 'formats.claim.soonOpen' : 'formats.claim.allChoose');
  return t('formats.claim.chooses', { team: team.value });
});
/** Where all are at it at once: what each group does. */
const states = computed(() => {
  const said = new Map<number, string>();
  if (view.timer?.alone !== 'on') return said;
  for (const { at, teams } of groups.value) {
    const where = live.value?.on.find(({ team: id }) => teams.includes(id));
    const wait = live.value?.waits.find(({ group }) => group === at)?.until ?? 0;
    const square = where && round.value.squares[where.square]!;
    said.set(
      at,
      square
        ? t('formats.claim.onSquare', {
            square: square.label || t('formats.claim.square', { n: where.square + 1 }),
          })
        : wait > now
          ? t('formats.claim.waits', { s: Math.ceil((wait - now) / 1000) })
          : t('formats.claim.choosing'),
    );
  }
  return said;
});
/** Where the fewest squares of the row lie: at the lower end, unless the row ends there. */
const labelAt = computed(() => {
  const { won, rows, columns } = round.value;
  const squares = won?.squares ?? [];
  const inHalf = (low: boolean, far: boolean) =>
    squares.filter((i) => Math.floor(i / columns) >= rows / 2 === low && i % columns >= columns / 2 === far)
      .length;
  return [
    { at: 'low far', n: inHalf(true, true) },
    { at: 'low near', n: inHalf(true, false) },
    { at: 'high far', n: inHalf(false, true) },
  ].reduce((best, one) => (one.n < best.n ? one : best)).at;
});
</script>

<template>
  <section class="claim">
    <h2>{{ title }}</h2>
    <div class="below">
      <div class="board">
        <ClaimGrid
          class="grid"
          :round="round"
          :groups="groups"
          :can-choose="canChoose && !round.won && !round.open && !hasEnded(view)"
          :mine="onTurn"
          :on="on"
          :numbers="round.columns > 6"
          @choose="emit('choose', String($event))"
        />
        <SewnLabel v-if="round.won?.squares && winners[0]" class="label" :class="labelAt">
          <b class="clip">{{ winners[0].name }}</b>
          <span>{{ t('formats.claim.winsRound') }}</span>
        </SewnLabel>
      </div>
      <ClaimGroups
        class="side"
        :groups="groups"
        :on-turn="onTurn"
        :states="states"
        :decided="round.won !== null"
      />
    </div>
  </section>
</template>

<style scoped>
.claim {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(1.6 * var(--u));
}
h2 {
  font-size: calc(6 * var(--u));
  line-height: 1.1;
  overflow-wrap: anywhere;
}
.below {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr) calc(36 * var(--u));
  gap: calc(4 * var(--u));
}
.board {
  position: relative;
  min-height: 0;
}
.grid {
  height: 100%;
  font-size: calc(2.9 * var(--u));
  --cell-marked: var(--flax, #ede6d4);
}
.label {
  position: absolute;
  z-index: 4;
  max-width: 62%;
}
.label b {
  font-size: calc(8 * var(--u));
}
.label span {
  font-size: calc(4 * var(--u));
}
.low {
  bottom: 3%;
}
.high {
  top: 3%;
}
.far {
  inset-inline-end: 2%;
}
.near {
  inset-inline-start: 2%;
}
</style>
