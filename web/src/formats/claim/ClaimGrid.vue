<script setup lang="ts">
import type { ClaimView } from '@distaff/core/formats';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { weaveBackground } from '../../design/weave/tile.ts';
import { focusFirst, walkGrid } from '../walkGrid.ts';
import { dovetail } from './dovetail.ts';
import type { Group } from './useGroups.ts';

/**
 * The squares as one piece of tapestry: what is won is woven and dovetails with its neighbours, the rest are bare
 * threads with their topic or number. Arrow keys walk from square to square.
 */
const {
  round,
  groups,
  canChoose,
  mine = null,
  marked = null,
  on = [],
  numbers = false,
} = defineProps<{
  round: ClaimView;
  groups: readonly Group[];
  canChoose: boolean;
  /** The group for which squares may be blocked. */
  mine?: number | null;
  marked?: number | null;
  /** Who is on which square, where all are at it at once. */
  on?: readonly { square: number; group: number }[];
  /** Whether only numbers stand on squares: there is no room for more. */
  numbers?: boolean;
}>();
const emit = defineEmits<{ choose: [square: number] }>();
const { t } = useI18n();
const grid = ref<HTMLElement | null>(null);
const TOOTH = 'var(--tooth)';
const weaveOf = (group: number | null) => groups.find((one) => one.at === group)?.weave ?? null;
const isBlocked = (i: number) => mine !== null && round.squares[i]!.blocked.includes(mine);
const won = computed(() => new Set(round.won?.squares));
const winners = computed(() => new Set(round.won?.groups));
/** Once it is decided only what decided it keeps its strength. */
const isDim = (i: number) =>
  round.won !== null &&
  (round.won.squares ? !won.value.has(i) : !winners.value.has(round.squares[i]!.group ?? -1));
/** Another group's cloth lies beside it: there both reach over. */
function cloth(i: number): Record<string, string> {
  const group = round.squares[i]!.group;
  const weave = weaveOf(group);
  if (group === null || !weave) return {};
  const [r, c] = [Math.floor(i / round.columns), i % round.columns];
  const seam = (row: number, column: number) => {
    if (row < 0 || column < 0 || row >= round.rows || column >= round.columns) return false;
    const other = round.squares[row * round.columns + column]!.group;
    return other !== null && other !== group;
  };
  const sides = { top: seam(r - 1, c), right: seam(r, c + 1), bottom: seam(r + 1, c), left: seam(r, c - 1) };
  const over = (side: boolean) => (side ? `calc(-1 * ${TOOTH})` : '0px');
  return {
    ...weaveBackground(weave),
    inset: `${over(sides.top)} ${over(sides.right)} ${over(sides.bottom)} ${over(sides.left)}`,
    clipPath: dovetail(sides, TOOTH),
  };
}
function told(i: number): string {
  const { label, group, isThere } = round.squares[i]!;
  const square = label || t('formats.claim.square', { n: i + 1 });
  if (!isThere) return t('formats.claim.noSquare');
  if (group !== null)
    return t('formats.claim.taken', { square, group: groups.find((one) => one.at === group)?.name ?? '' });
  return isBlocked(i) ? t('formats.claim.blockedSquare', { square }) : square;
}
const shown = (i: number) => (numbers || !round.squares[i]!.label ? String(i + 1) : round.squares[i]!.label);
const isOpen = (i: number) => round.squares[i]!.isThere && round.squares[i]!.group === null && !isBlocked(i);

defineExpose({ focusFirst: () => focusFirst(grid.value) });
/** The yarn that runs through the row that won, in the unit of squares. */
const yarn = computed(() => {
  const squares = round.won?.squares;
  if (!squares) return '';
  const at = squares.map((i) => [(i % round.columns) + 0.5, Math.floor(i / round.columns) + 0.5] as const);
  const [[x0, y0], [x1, y1]] = [at[0]!, at.at(-1)!];
  const [dx, dy] = [Math.sign(x1 - x0) * 0.4, Math.sign(y1 - y0) * 0.4];
  return `M${x0 - dx} ${y0 - dy}L${x1 + dx} ${y1 + dy}`;
});
</script>

<template>
  <div class="frame">
    <div ref="grid" class="grid" :style="{ '--columns': round.columns, '--rows': round.rows }">
      <button
        v-for="(square, i) in round.squares"
        :key="i"
        type="button"
        class="square"
        :class="{
          open: isOpen(i),
          none: !square.isThere,
          dim: isDim(i),
          blocked: square.group === null && isBlocked(i),
          marked: marked === i || on.some((one) => one.square === i),
        }"
        :disabled="!canChoose || !isOpen(i)"
        :aria-label="told(i)"
        :aria-pressed="marked === i ? true : undefined"
        :data-at="`${Math.floor(i / round.columns)}:${i % round.columns}`"
        @click="emit('choose', i)"
        @keydown="walkGrid($event, grid)"
      >
        <span v-if="square.group !== null" class="cloth" :style="cloth(i)" />
        <span v-else-if="square.isThere" class="word" dir="auto">{{ shown(i) }}</span>
        <span v-if="square.group === null && isBlocked(i)" class="knot">{{
          t('formats.claim.blocked')
        }}</span>
        <span v-if="on.some((one) => one.square === i)" class="here">
          <i
            v-for="one in on.filter((other) => other.square === i)"
            :key="one.group"
            :style="weaveOf(one.group) ? weaveBackground(weaveOf(one.group)!) : {}"
          />
        </span>
      </button>
    </div>
    <svg v-if="yarn" class="yarn" :viewBox="`0 0 ${round.columns} ${round.rows}`" preserveAspectRatio="none">
      <path :d="yarn" class="edge" vector-effect="non-scaling-stroke" />
      <path :d="yarn" class="ply" vector-effect="non-scaling-stroke" />
    </svg>
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  min-height: 0;
  --tooth: calc(2 * var(--thread, 3px));
}
.grid {
  height: 100%;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  grid-template-rows: repeat(var(--rows), minmax(0, 1fr));
  border-top: 1px solid var(--cell-edge, var(--edge));
  border-inline-start: 1px solid var(--cell-edge, var(--edge));
}
.square {
  position: relative;
  min-width: 0;
  min-height: 0;
  padding: 0.2em;
  border-inline-end: 1px solid var(--cell-edge, var(--edge));
  border-bottom: 1px solid var(--cell-edge, var(--edge));
  color: var(--cell-text, var(--light));
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--cell-text, var(--light)) 20%, transparent) 0 1px,
    transparent 1px var(--thread, 4px)
  );
  font-weight: 700;
  display: flex;
  align-items: center;
  justify-content: center;
}
.square.none {
  background: none;
}
.square.open:not(:disabled) {
  cursor: pointer;
}
.square.open:not(:disabled):hover,
.square.open:not(:disabled):focus-visible,
.square.marked {
  z-index: 2;
  outline: 3px solid var(--cell-marked, var(--accent, var(--weld)));
  outline-offset: -2px;
}
.cloth {
  position: absolute;
  z-index: 1;
}
.dim .cloth {
  filter: brightness(0.42);
}
.dim .word {
  opacity: 0.42;
}
/* Threads part for what is to be read. */
.word {
  max-width: 92%;
  max-height: 100%;
  padding: 0.1em 0.35em;
  background: var(--cell-ground, var(--ground));
  line-height: 1.12;
  overflow: hidden;
  overflow-wrap: anywhere;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  text-align: center;
}
.blocked .word {
  text-decoration: line-through;
  opacity: 0.6;
}
.knot {
  position: absolute;
  bottom: 6%;
  font-size: 0.8em;
  font-weight: 400;
  padding-inline: 0.3em;
  background: var(--cell-ground, var(--ground));
}
.here {
  position: absolute;
  inset: auto 0 0;
  height: calc(4 * var(--thread, 2px));
  display: flex;
}
.here i {
  flex: 1;
}
.yarn {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  z-index: 3;
  pointer-events: none;
}
.yarn path {
  fill: none;
  stroke-linecap: round;
}
.edge {
  stroke: #14211d;
  stroke-width: calc(3.7 * var(--thread, 2px));
}
.ply {
  stroke: var(--flax, #ede6d4);
  stroke-width: calc(2.5 * var(--thread, 2px));
  stroke-dasharray: calc(16 * var(--thread, 2px)) calc(4 * var(--thread, 2px));
}
</style>
