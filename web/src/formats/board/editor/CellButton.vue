<script setup lang="ts">
import { mdiAlertOutline, mdiCommentAlertOutline, mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import Glyph from '../../../design/Glyph.vue';
import { useEditor } from '../../../studio/editor.ts';
import type { useCellState } from './useCellState.ts';
import { kindIcons } from '../../../studio/question/kindIcons.ts';
import { useCellDrop } from './useCellDrop.ts';

/** A cell of the board that is written: what stands on it and what it lacks; questions are dragged here and away. */
const { place, category, usual, on, state } = defineProps<{
  /** What is said of cells: made once for all of a board. */
  state: ReturnType<typeof useCellState>;
  place: string;
  category: string;
  /** What the column is worth. */
  usual: number;
  on: boolean;
}>();
const emit = defineEmits<{ choose: [] }>();
const { t } = useI18n();
const editor = useEditor();
const { over, dragCell, mayDrop, drop, problem } = useCellDrop();
const question = computed(() => editor.questionAt(place));
const told = computed(() => state.told(category, place, usual));
const remarks = computed(() => state.remarks(place));
const lacking = computed(() => state.lacks(place).length > 0);
async function take(event: DragEvent): Promise<void> {
  if (await drop(event, place)) emit('choose');
}
</script>

<template>
  <button
    type="button"
    class="cell"
    :class="{ on, over, lacking, empty: !question }"
    :aria-pressed="on"
    :aria-label="told"
    :title="problem || told"
    :draggable="question !== null"
    @dragstart="dragCell($event, place)"
    @dragover="mayDrop"
    @dragleave="over = false"
    @drop="take"
    @click="emit('choose')"
  >
    <b class="mono">{{ state.points(state.worth(place, usual)) }}</b>
    <Glyph v-if="lacking" :path="mdiAlertOutline" :size="18" />
    <Glyph v-else-if="question" :path="kindIcons[question.answer.kind]" :size="18" />
    <Glyph v-else :path="mdiPlus" :size="16" />
    <v-icon
      v-if="remarks && !lacking"
      class="remarked"
      :icon="mdiCommentAlertOutline"
      size="14"
      :aria-label="t('review.remarks', remarks, { named: { n: remarks } })"
    />
  </button>
</template>

<style scoped>
.cell {
  position: relative;
  min-height: 58px;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 2px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
}
.cell b {
  font-size: 14px;
}
.remarked {
  position: absolute;
  bottom: 3px;
  right: 3px;
  color: #8a6900;
}
.cell.empty {
  border-style: dashed;
  border-color: #9aa59f;
  background: none;
  color: var(--stone);
}
.cell.lacking {
  border: 2px dashed var(--weld);
  background: #fbf1d2;
}
.cell.over {
  background: #dfe9e2;
  border: 2px solid var(--moss);
}
.cell.on {
  outline: 3px solid var(--moss);
}
</style>
