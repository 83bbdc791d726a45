<script setup lang="ts">
import type { BoardView } from '@distaff/core/formats';
import type { Weave } from '@distaff/core/show';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import { focusFirst, walkGrid } from '../walkGrid.ts';

/**
 * The cells of a board in play, for desk and stage: open ones show their value, used ones the
 * winner's weave or a bare hatch. Arrow keys walk from cell to cell.
 */
const {
  board,
  teams,
  canChoose,
  loom = false,
} = defineProps<{
  board: BoardView;
  teams: readonly { id: string; name: string; weave: Weave }[];
  canChoose: boolean;
  /** On the stage the board is one cloth: what is open is bare warp, what was won is woven, without a seam. */
  loom?: boolean;
}>();
const emit = defineEmits<{ choose: [ref: string] }>();
const { t } = useI18n();
const { points } = useFormat();
const grid = ref<HTMLElement | null>(null);

type Cell = BoardView['rows'][number]['cells'][number];
const winner = (cell: Cell) => teams.find((team) => team.id === cell.winner);
const look = (cell: Cell) => {
  const team = winner(cell);
  return team ? weaveBackground(team.weave) : {};
};
function told(category: string, cell: Cell): string {
  const params = { category, points: points(cell.points), team: winner(cell)?.name ?? '' };
  if (cell.state === 'empty') return t('formats.board.cellEmpty');
  if (cell.state === 'open') return t('formats.board.cellOpen', params);
  return t(cell.winner ? 'formats.board.cellWon' : 'formats.board.cellUsed', params);
}

defineExpose({ focusFirst: () => focusFirst(grid.value) });
</script>

<template>
  <div
    ref="grid"
    class="grid"
    :class="{ loom }"
    :style="{ '--columns': board.rows[0]?.cells.length ?? 1, '--rows': board.rows.length }"
  >
    <template v-for="(row, r) in board.rows" :key="row.id">
      <h3 class="name" dir="auto" :title="row.name">{{ row.name }}</h3>
      <button
        v-for="(cell, c) in row.cells"
        :key="cell.id"
        type="button"
        class="cell"
        :class="[cell.state, { won: cell.winner }]"
        :style="look(cell)"
        :disabled="!canChoose || cell.state !== 'open'"
        :aria-label="told(row.name, cell)"
        :title="told(row.name, cell)"
        :data-at="`${r}:${c}`"
        @click="emit('choose', cell.id)"
        @keydown="walkGrid($event, grid)"
      >
        <span v-if="cell.state === 'open'" :class="{ mono: !loom }">{{ points(cell.points) }}</span>
      </button>
    </template>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) repeat(var(--columns), minmax(0, 1fr));
  grid-template-rows: repeat(var(--rows), minmax(0, 1fr));
  gap: var(--cell-gap, 6px);
  container-type: size;
}
/* As large as the row allows, two lines at most. */
.name {
  align-self: center;
  font-size: min(var(--cell-name, 15px), calc(100cqh / var(--rows) * 0.34));
  line-height: 1.12;
  overflow-wrap: anywhere;
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
.cell {
  min-height: 0;
  border: 1px solid var(--cell-edge, var(--line));
  border-radius: 6px;
  background-color: var(--cell-ground, var(--paper));
  color: var(--cell-text, var(--ink));
  font-size: var(--cell-points, 18px);
  font-weight: 700;
  overflow: hidden;
}
.cell.open:not(:disabled) {
  cursor: pointer;
}
.cell.open:not(:disabled):hover,
.cell.open:not(:disabled):focus-visible {
  outline: 3px solid var(--weld);
  outline-offset: -1px;
}
.cell.used:not(.won) {
  background: repeating-linear-gradient(135deg, var(--cell-hatch, #cfd6d1) 0 2px, transparent 2px 10px);
}
.cell.empty {
  border-style: dashed;
  background: none;
}
.loom {
  gap: 0;
}
.loom .cell {
  border: solid color-mix(in srgb, var(--light) 42%, transparent);
  border-width: 1px 0 0;
  border-radius: 0;
  font-family: var(--display);
  font-variant-numeric: tabular-nums;
  background-color: transparent;
}
.loom .open {
  background-image: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 22%, transparent) 0 1px,
    transparent 1px var(--thread)
  );
}
/* The threads part around the figure. */
.loom .open span {
  padding: 0 0.25em;
  background: var(--ground);
  box-shadow: 0 0 0.2em 0.15em var(--ground);
}
.loom .used:not(.won),
.loom .empty {
  background: none;
}
</style>
