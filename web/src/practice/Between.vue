<script setup lang="ts">
import type { BoardView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';
import { weaveBackground } from '../design/weave/tile.ts';
import { handsetParts } from '../formats/handset.ts';
import { useRun } from './useRun.ts';

/** Between two questions: a cell of the board to choose, the next rung to dare, or simply on. */
const { t } = useI18n();
const { points } = useFormat();
const { practice, view, seat, weave } = useRun();
const board = computed(() => (view.value.round?.format === 'board' ? (view.value.round as BoardView) : null));
const climb = computed(() => view.value.round?.format === 'climb');
</script>

<template>
  <template v-if="board">
    <h1>{{ t('practice.choose') }}</h1>
    <section v-for="row in board.rows" :key="row.id" class="category">
      <h2 dir="auto">{{ row.name }}</h2>
      <div class="cells">
        <button
          v-for="cell in row.cells.filter((one) => one.state !== 'empty')"
          :key="cell.id"
          type="button"
          :class="cell.state"
          :style="cell.winner ? weaveBackground(weave) : {}"
          :disabled="cell.state !== 'open' || practice.busy"
          :aria-label="
            cell.state === 'open'
              ? t('formats.board.cellOpen', { category: row.name, points: points(cell.points), team: '' })
              : t('practice.played')
          "
          @click="practice.send({ type: 'choose', ref: cell.id })"
        >
          {{ cell.state === 'open' ? points(cell.points) : '' }}
        </button>
      </div>
    </section>
  </template>
  <component
    :is="handsetParts.climb"
    v-else-if="climb"
    :view="view"
    :seat="seat"
    @act="practice.send({ type: 'act', act: $event })"
  />
  <v-btn
    v-else
    class="next"
    color="primary"
    size="x-large"
    block
    @click="practice.send({ type: 'goOn', play: 0 })"
    >{{ t('practice.goOn') }}</v-btn
  >
</template>

<style scoped>
h1 {
  font-size: 28px;
}
h2 {
  font-family: var(--text);
  font-size: 17px;
  color: var(--dim);
}
.category {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.cells {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(62px, 1fr));
  gap: 6px;
}
button {
  min-height: 52px;
  border: 2px solid var(--edge);
  border-radius: 6px;
  background: var(--panel);
  color: var(--light);
  font-size: 18px;
  font-weight: 700;
  cursor: pointer;
}
button.used {
  border-style: dashed;
  background-color: transparent;
  cursor: default;
}
.next {
  margin-top: auto;
  flex: none;
}
</style>
