<script setup lang="ts">
import type { BoardView } from '@distaff/core/formats';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DeskPart } from '../parts.ts';
import BoardCells from './BoardCells.vue';

/** The board, on which the host presses what a team has chosen. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ choose: [ref: string] }>();
const { t } = useI18n();
const board = computed(() => view.round as BoardView);
const team = computed(() => view.teams.find((one) => one.id === view.turn)?.name ?? '');
const cells = ref<InstanceType<typeof BoardCells> | null>(null);
defineExpose({ focus: () => cells.value?.focusFirst() });
</script>

<template>
  <h2>{{ t('common.teamsTurn', { team }) }}</h2>
  <p class="muted">{{ t('formats.board.pickHint') }}</p>
  <BoardCells
    ref="cells"
    class="board"
    :board="board"
    :teams="view.teams"
    can-choose
    @choose="emit('choose', $event)"
  />
</template>

<style scoped>
p {
  margin: 0;
}
.board {
  flex: 1;
  min-height: 340px;
  max-height: 640px;
}
</style>
