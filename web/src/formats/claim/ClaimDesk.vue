<script setup lang="ts">
import type { ClaimLive, ClaimView } from '@distaff/core/formats';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import AloudQuestions from '../alone/AloudQuestions.vue';
import type { DeskPart } from '../parts.ts';
import { hasEnded } from '../roundOver.ts';
import ClaimGrid from './ClaimGrid.vue';
import { useGroups } from './useGroups.ts';

/** The squares, on which the host presses what a team has chosen; where all are at it at once, for the team that is picked. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ choose: [ref: string]; ask: [command: object] }>();
const { t } = useI18n();
const round = computed(() => view.round as ClaimView);
const { groups, groupOf } = useGroups(() => ({ round: round.value, teams: view.teams }));
const team = computed(() => view.teams.find((one) => one.id === view.turn)?.name ?? '');
const live = computed(() => view.private.live as ClaimLive | null);
const on = computed(() =>
  (live.value?.on ?? []).flatMap(({ team: id, square }) => {
    const group = groupOf(id);
    return group ? [{ square, group: group.at }] : [];
  }),
);
const picked = ref<string | null>(null);
/** Teams that have no question now. */
const free = computed(() =>
  view.teams.filter(({ id }) => !live.value?.on.some(({ team: other }) => other === id)),
);
const chooser = computed(
  () => free.value.find(({ id }) => id === picked.value)?.id ?? free.value[0]?.id ?? null,
);
const running = computed(() => view.timer?.alone === 'on');
const canChoose = computed(() =>
  round.value.won || hasEnded(view)
    ? false
    : round.value.open
      ? running.value && chooser.value !== null
      : true,
);
function choose(square: number): void {
  const ref = String(square);
  if (round.value.open) emit('ask', { type: 'choose', ref, team: chooser.value });
  else emit('choose', ref);
}
/** A square that went to the wrong team is given to another one, or to nobody. */
const square = ref<number | null>(null);
const owner = ref('');
const squares = computed(() =>
  round.value.squares.map((one, i) => ({
    value: i,
    title: one.label ? `${i + 1} · ${one.label}` : String(i + 1),
  })),
);
const owners = computed(() => [
  { value: '', title: t('formats.claim.nobody') },
  ...view.teams.map(({ id, name }) => ({ value: id, title: name })),
]);
function swap(): void {
  if (square.value === null) return;
  emit('ask', { type: 'act', act: { do: 'own', square: square.value, team: owner.value || null } });
  square.value = null;
}
const grid = ref<InstanceType<typeof ClaimGrid> | null>(null);
defineExpose({ focus: () => grid.value?.focusFirst() });
const title = computed(() => {
  if (round.value.won || hasEnded(view)) return t('stage.allPlayed');
  if (!round.value.open) return t('common.teamsTurn', { team: team.value });
  return t(running.value ? 'formats.claim.allChoose' : 'formats.claim.soonOpen');
});
</script>

<template>
  <h2>{{ title }}</h2>
  <p class="muted">{{ t(round.open ? 'formats.claim.openHint' : 'formats.claim.pickHint') }}</p>
  <v-select
    v-if="round.open && running && free.length"
    v-model="picked"
    class="who"
    :items="free.map(({ id, name }) => ({ value: id, title: name }))"
    :label="t('formats.claim.chooseFor')"
    :placeholder="free[0]?.name"
    persistent-placeholder
  />
  <AloudQuestions :view="view" @ask="emit('ask', $event)" />
  <ClaimGrid
    ref="grid"
    class="board"
    :round="round"
    :groups="groups"
    :can-choose="canChoose"
    :mine="(round.open ? groupOf(chooser ?? '') : groupOf(view.turn))?.at ?? null"
    :on="on"
    @choose="choose"
  />
  <details class="correct">
    <summary>{{ t('formats.claim.swap') }}</summary>
    <form class="row" @submit.prevent="swap">
      <v-select v-model="square" :items="squares" :label="t('formats.claim.whichSquare')" hide-details />
      <v-select v-model="owner" :items="owners" :label="t('formats.claim.owner')" hide-details />
      <v-btn type="submit" variant="outlined" :disabled="square === null">{{
        t('formats.claim.swapDo')
      }}</v-btn>
    </form>
  </details>
</template>

<style scoped>
p {
  margin: 0;
}
.who {
  flex: none;
}
.board {
  flex: 1;
  min-height: 340px;
  max-height: 640px;
  --cell-ground: var(--paper);
  --cell-text: var(--ink);
  --cell-edge: var(--line);
  background: var(--paper);
}
.correct {
  flex: none;
}
.correct summary {
  padding: 6px 0;
  cursor: pointer;
}
</style>
