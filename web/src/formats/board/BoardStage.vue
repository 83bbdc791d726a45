<script setup lang="ts">
import { computed } from 'vue';
import type { BoardView } from '@distaff/core/formats';
import { useI18n } from 'vue-i18n';
import type { StagePart } from '../parts.ts';
import BoardCells from './BoardCells.vue';

/** The board: categories are rows, values run from left to right. */
const { view } = defineProps<StagePart>();
const emit = defineEmits<{ choose: [ref: string] }>();
const { t } = useI18n();
const board = computed(() => view.round as BoardView);
const chooser = computed(() => view.teams.find((team) => team.id === view.turn)?.name ?? '');
const cells = computed(() => board.value.rows.flatMap((row) => row.cells));
const who = computed(() => {
  if (cells.value.some((cell) => cell.state === 'open')) return t('stage.chooses', { team: chooser.value });
  return cells.value.some((cell) => cell.state === 'used') ? t('stage.allPlayed') : t('stage.noQuestions');
});
</script>

<template>
  <section class="board" :aria-label="t('formats.board.label')">
    <p class="who">{{ who }}</p>
    <BoardCells
      class="cells"
      :board="board"
      :teams="view.teams"
      loom
      :can-choose="canChoose"
      @choose="emit('choose', $event)"
    />
  </section>
</template>

<style scoped>
.board {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(1.6 * var(--u));
}
.who {
  margin: 0;
  font-family: var(--display);
  font-weight: 700;
  font-size: calc(4.6 * var(--u));
}
.cells {
  flex: 1;
  min-height: 0;
  --cell-ground: var(--panel);
  --cell-text: var(--light);
  --cell-edge: var(--edge);
  --cell-hatch: var(--edge);
  --cell-name: calc(3 * var(--u));
  --cell-points: calc(4 * var(--u));
  --cell-gap: 0;
}
</style>
