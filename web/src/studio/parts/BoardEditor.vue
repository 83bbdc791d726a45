<script setup lang="ts">
import { cellId, MAX_CATEGORIES, MAX_VALUES } from '@distaff/core';
import {
  mdiAlertOutline,
  mdiClose,
  mdiCommentAlertOutline,
  mdiDragHorizontal,
  mdiDragVertical,
  mdiPlus,
} from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';
import { kindIcons } from '../question/kindIcons.ts';
import NumberField from '../question/NumberField.vue';
import { useCellState } from './useCellState.ts';

/** The board while it is written: rows and columns are added, named, moved and removed here. */
const cell = defineModel<string | null>('cell', { required: true });
const { t } = useI18n();
const { points } = useFormat();
const editor = useEditor();
const content = computed(() => editor.board!.content);
const root = ref<HTMLElement | null>(null);

const { worth, lacks, remarks, told } = useCellState();

/** Moves one of a list by keyboard and keeps the focus on it. */
async function move(list: { id: string }[], from: number, by: number): Promise<void> {
  const to = from + by;
  if (to < 0 || to >= list.length) return;
  const [item] = list.splice(from, 1);
  list.splice(to, 0, item!);
  await nextTick();
  root.value?.querySelector<HTMLElement>(`[data-handle="${item!.id}"]`)?.focus();
}
function addCategory(): void {
  content.value.categories.push({ id: editor.newId(), name: '' });
}
function addValue(): void {
  const values = content.value.values;
  const [last, before] = [values.at(-1)?.points ?? 0, values.at(-2)?.points ?? 0];
  const next = Math.min(1_000_000, last + (values.length > 1 ? last - before : 100));
  values.push({ id: editor.newId(), points: next });
}
function removeCategory(id: string): void {
  editor.remove('studio.removedCategory', () => {
    editor.dropCells(content.value.values.map((value) => cellId(id, value.id)));
    content.value.categories = content.value.categories.filter((one) => one.id !== id);
  });
  cell.value = null;
}
function removeValue(id: string): void {
  editor.remove('studio.removedValueText', () => {
    editor.dropCells(content.value.categories.map((one) => cellId(one.id, id)));
    content.value.values = content.value.values.filter((value) => value.id !== id);
  });
  cell.value = null;
}
function choose(ref: string): void {
  cell.value = ref;
}
</script>

<template>
  <section ref="root" :aria-label="t('studio.board')">
    <div class="board" :style="{ '--columns': content.values.length }">
      <div class="line heads">
        <span />
        <VueDraggable v-model="content.values" class="values" handle=".handle" :animation="150">
          <div v-for="(value, c) in content.values" :key="value.id" class="value">
            <div class="row tools">
              <button
                type="button"
                class="handle"
                :data-handle="value.id"
                :aria-label="t('studio.moveValue', { points: points(value.points) })"
                :title="t('studio.moveValue', { points: points(value.points) })"
                @keydown.left.prevent="move(content.values, c, -1)"
                @keydown.right.prevent="move(content.values, c, 1)"
              >
                <v-icon :icon="mdiDragHorizontal" size="16" />
              </button>
              <button
                v-if="content.values.length > 1"
                type="button"
                class="drop"
                :aria-label="t('studio.removeValue', { points: points(value.points) })"
                :title="t('studio.removeValue', { points: points(value.points) })"
                @click="removeValue(value.id)"
              >
                <v-icon :icon="mdiClose" size="14" />
              </button>
            </div>
            <NumberField
              v-model="value.points"
              class="mono"
              :label="t('studio.columnValue', { n: c + 1 })"
              :min="-1000000"
              :max="1000000"
              bare
            />
          </div>
        </VueDraggable>
      </div>
      <VueDraggable v-model="content.categories" class="rows" handle=".handle" :animation="150">
        <div v-for="(category, r) in content.categories" :key="category.id" class="line">
          <div class="category">
            <button
              type="button"
              class="handle"
              :data-handle="category.id"
              :aria-label="t('studio.moveCategory', { name: category.name || r + 1 })"
              :title="t('studio.moveCategory', { name: category.name || r + 1 })"
              @keydown.up.prevent="move(content.categories, r, -1)"
              @keydown.down.prevent="move(content.categories, r, 1)"
            >
              <v-icon :icon="mdiDragVertical" size="18" />
            </button>
            <textarea
              v-model="category.name"
              rows="2"
              maxlength="60"
              :placeholder="t('studio.category', { n: r + 1 })"
              :aria-label="t('studio.categoryName', { n: r + 1 })"
              @keydown.enter.prevent
            />
            <button
              v-if="content.categories.length > 1"
              type="button"
              class="drop"
              :aria-label="t('studio.removeCategory', { name: category.name || r + 1 })"
              :title="t('studio.removeCategory', { name: category.name || r + 1 })"
              @click="removeCategory(category.id)"
            >
              <v-icon :icon="mdiClose" size="14" />
            </button>
          </div>
          <div class="cells">
            <button
              v-for="value in content.values"
              :key="value.id"
              type="button"
              class="cell"
              :class="{
                on: cell === cellId(category.id, value.id),
                empty: !editor.questionAt(cellId(category.id, value.id)),
                lacking: lacks(cellId(category.id, value.id)).length,
              }"
              :aria-pressed="cell === cellId(category.id, value.id)"
              :aria-label="told(category.name, cellId(category.id, value.id), value.points)"
              :title="told(category.name, cellId(category.id, value.id), value.points)"
              @click="choose(cellId(category.id, value.id))"
            >
              <b class="mono">{{ points(worth(cellId(category.id, value.id), value.points)) }}</b>
              <v-icon v-if="lacks(cellId(category.id, value.id)).length" :icon="mdiAlertOutline" size="18" />
              <v-icon
                v-else-if="editor.questionAt(cellId(category.id, value.id))"
                :icon="kindIcons[editor.questionAt(cellId(category.id, value.id))!.answer.kind]"
                size="18"
              />
              <v-icon v-else :icon="mdiPlus" size="16" />
              <v-icon
                v-if="remarks(cellId(category.id, value.id)) && !lacks(cellId(category.id, value.id)).length"
                class="remarked"
                :icon="mdiCommentAlertOutline"
                size="14"
              />
            </button>
          </div>
        </div>
      </VueDraggable>
    </div>
    <div class="row add">
      <v-btn
        variant="outlined"
        size="small"
        :prepend-icon="mdiPlus"
        :disabled="content.categories.length >= MAX_CATEGORIES"
        @click="addCategory"
        >{{ t('studio.addCategory') }}</v-btn
      >
      <v-btn
        variant="outlined"
        size="small"
        :prepend-icon="mdiPlus"
        :disabled="content.values.length >= MAX_VALUES"
        @click="addValue"
        >{{ t('studio.addValue') }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
.board {
  min-width: calc(150px + var(--columns) * 54px);
}
.line {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 6px;
  margin-bottom: 6px;
}
.values,
.cells {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(48px, 1fr));
  gap: 6px;
}
.tools {
  justify-content: space-between;
  gap: 0;
}
.category {
  display: flex;
  align-items: center;
  min-width: 0;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.category textarea {
  flex: 1;
  min-width: 0;
  padding: 6px 2px;
  font-weight: 700;
  font-size: 15px;
  line-height: 1.2;
  resize: none;
  outline-offset: 0;
}
.category textarea::placeholder {
  font-weight: 400;
  color: var(--stone);
  opacity: 1;
}
.handle,
.drop {
  flex: none;
  min-width: 24px;
  min-height: 24px;
  color: var(--stone);
  cursor: pointer;
}
.handle {
  cursor: grab;
}
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
.cell.on {
  outline: 3px solid var(--moss);
}
.add {
  margin-top: 10px;
}
</style>
