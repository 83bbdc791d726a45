<script setup lang="ts">
import { mdiAlertOutline, mdiCommentAlertOutline, mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';
import { useCellState } from '../parts/useCellState.ts';
import { kindIcons } from '../question/kindIcons.ts';
import { useCellDrop } from './useCellDrop.ts';

/** A cell of the board that is written: what stands on it and what it lacks; questions are dragged here and away. */
const { place, category, usual, on } = defineProps<{
  place: string;
  category: string;
  /** What the column is worth. */
  usual: number;
  on: boolean;
}>();
const emit = defineEmits<{ choose: [] }>();
const { t } = useI18n();
const { points } = useFormat();
const editor = useEditor();
const { worth, lacks, remarks, told } = useCellState();
const { over, dragCell, mayDrop, drop, problem } = useCellDrop();
const question = computed(() => editor.questionAt(place));
const lacking = computed(() => lacks(place).length > 0);
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
    :aria-label="told(category, place, usual)"
    :title="problem || told(category, place, usual)"
    :draggable="question !== null"
    @dragstart="dragCell($event, place)"
    @dragover="mayDrop"
    @dragleave="over = false"
    @drop="take"
    @click="emit('choose')"
  >
    <b class="mono">{{ points(worth(place, usual)) }}</b>
    <v-icon v-if="lacking" :icon="mdiAlertOutline" size="18" />
    <v-icon v-else-if="question" :icon="kindIcons[question.answer.kind]" size="18" />
    <v-icon v-else :icon="mdiPlus" size="16" />
    <v-icon
      v-if="remarks(place) && !lacking"
      class="remarked"
      :icon="mdiCommentAlertOutline"
      size="14"
      :aria-label="t('review.remarks', remarks(place), { named: { n: remarks(place) } })"
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
  top: 3px;
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
