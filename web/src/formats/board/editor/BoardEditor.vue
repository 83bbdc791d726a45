<script setup lang="ts">
import { cellId, MAX_CATEGORIES, MAX_VALUES, swapCells } from '@distaff/core/formats';
import { oneLine } from '@distaff/core/text';
import { mdiClose, mdiDragHorizontal, mdiDragVertical, mdiMagnify, mdiPlus, mdiTrayArrowDown } from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../../design/useFormat.ts';
import Glyph from '../../../design/Glyph.vue';
import FillDialog from './FillDialog.vue';
import LibraryTray from './LibraryTray.vue';
import CellButton from './CellButton.vue';
import { useCellDrop } from './useCellDrop.ts';
import { useAccount } from '../../../studio/account.ts';
import { useEditor } from '../../../studio/editor.ts';
import { useCellState } from './useCellState.ts';
import NumberField from '../../../studio/question/NumberField.vue';

/** The board while it is written: rows and columns are added, named, moved and removed here. */
const cell = defineModel<string | null>('place', { required: true });
const { t } = useI18n();
const { points } = useFormat();
const account = useAccount();
const editor = useEditor();
const content = computed(() => editor.board!.content);
const root = ref<HTMLElement | null>(null);

/** Moves one of a list by keyboard and keeps the focus on it. */
async function move(list: { id: string }[], from: number, by: number): Promise<void> {
  const to = from + by;
  if (to < 0 || to >= list.length) return;
  const [item] = list.splice(from, 1);
  list.splice(to, 0, item!);
  await nextTick();
  root.value?.querySelector<HTMLElement>(`[data-handle="${item!.id}"]`)?.focus();
}
/** Carries what stands on a cell to the next one by keyboard; what stood there changes places with it. */
async function carry(row: number, column: number, down: number, right: number): Promise<void> {
  const at = (r: number, c: number) => {
    const [category, value] = [content.value.categories[r], content.value.values[c]];
    return category && value ? cellId(category.id, value.id) : null;
  };
  const [from, to] = [at(row, column), at(row + down, column + right)];
  if (!from || !to) return;
  swapCells(content.value, from, to);
  if (cell.value === from) cell.value = to;
  await nextTick();
  root.value?.querySelector<HTMLElement>(`[data-cell="${to}"]`)?.focus();
}
/** A double click on an empty cell begins to write at once. */
function write(place: string): void {
  cell.value = place;
  if (!editor.questionAt(place)) editor.writeQuestion(place);
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
  editor.remove('editors.board.removedCategory', () => {
    editor.dropCells(content.value.values.map((value) => cellId(id, value.id)));
    content.value.categories = content.value.categories.filter((one) => one.id !== id);
  });
  cell.value = null;
}
function removeValue(id: string): void {
  editor.remove('editors.board.removedValue', () => {
    editor.dropCells(content.value.categories.map((one) => cellId(one.id, id)));
    content.value.values = content.value.values.filter((value) => value.id !== id);
  });
  cell.value = null;
}
const filling = ref<{ id: string; name: string } | null>(null);
const tray = ref(false);
const state = useCellState();
const { put, problem } = useCellDrop();
async function pick(id: string): Promise<void> {
  if (cell.value) await put(cell.value, id);
}
</script>

<template>
  <section ref="root" :aria-label="t('editors.board.label')">
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
                :aria-label="t('editors.board.moveValue', { points: points(value.points) })"
                :title="t('editors.board.moveValue', { points: points(value.points) })"
                @keydown.left.prevent="move(content.values, c, -1)"
                @keydown.right.prevent="move(content.values, c, 1)"
              >
                <Glyph :path="mdiDragHorizontal" :size="16" />
              </button>
              <button
                v-if="content.values.length > 1"
                type="button"
                class="drop"
                :aria-label="t('editors.board.removeValue', { points: points(value.points) })"
                :title="t('editors.board.removeValue', { points: points(value.points) })"
                @click="removeValue(value.id)"
              >
                <Glyph :path="mdiClose" :size="14" />
              </button>
            </div>
            <NumberField
              v-model="value.points"
              class="mono"
              :label="t('editors.board.columnValue', { n: c + 1 })"
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
              :aria-label="t('editors.board.moveCategory', { name: category.name || r + 1 })"
              :title="t('editors.board.moveCategory', { name: category.name || r + 1 })"
              @keydown.up.prevent="move(content.categories, r, -1)"
              @keydown.down.prevent="move(content.categories, r, 1)"
            >
              <Glyph :path="mdiDragVertical" :size="18" />
            </button>
            <textarea
              :value="category.name"
              :rows="category.name.length > 12 ? 3 : 2"
              maxlength="60"
              :placeholder="t('editors.board.category', { n: r + 1 })"
              :aria-label="t('editors.board.categoryName', { n: r + 1 })"
              @input="category.name = oneLine(($event.target as HTMLTextAreaElement).value)"
              @keydown.enter.prevent
            />
            <button
              v-if="account.isHost"
              type="button"
              class="drop"
              :aria-label="t('editors.board.fillCategory', { category: category.name || r + 1 })"
              :title="t('editors.board.fillCategory', { category: category.name || r + 1 })"
              @click="filling = { id: category.id, name: category.name }"
            >
              <Glyph :path="mdiTrayArrowDown" :size="16" />
            </button>
            <button
              v-if="content.categories.length > 1"
              type="button"
              class="drop"
              :aria-label="t('editors.board.removeCategory', { name: category.name || r + 1 })"
              :title="t('editors.board.removeCategory', { name: category.name || r + 1 })"
              @click="removeCategory(category.id)"
            >
              <Glyph :path="mdiClose" :size="14" />
            </button>
          </div>
          <div class="cells">
            <CellButton
              v-for="(value, c) in content.values"
              :key="value.id"
              :state="state"
              :place="cellId(category.id, value.id)"
              :category="category.name"
              :usual="value.points"
              :on="cell === cellId(category.id, value.id)"
              :data-cell="cellId(category.id, value.id)"
              @choose="cell = cellId(category.id, value.id)"
              @dblclick="write(cellId(category.id, value.id))"
              @keydown.alt.left.prevent="carry(r, c, 0, -1)"
              @keydown.alt.right.prevent="carry(r, c, 0, 1)"
              @keydown.alt.up.prevent="carry(r, c, -1, 0)"
              @keydown.alt.down.prevent="carry(r, c, 1, 0)"
            />
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
        >{{ t('editors.board.addCategory') }}</v-btn
      >
      <v-btn
        variant="outlined"
        size="small"
        :prepend-icon="mdiPlus"
        :disabled="content.values.length >= MAX_VALUES"
        @click="addValue"
        >{{ t('editors.board.addValue') }}</v-btn
      >
      <v-btn
        v-if="account.isHost"
        variant="outlined"
        size="small"
        :prepend-icon="mdiMagnify"
        :aria-expanded="tray"
        @click="tray = !tray"
        >{{ t('editors.board.showTray') }}</v-btn
      >
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <LibraryTray v-if="tray" @pick="pick" />
    <FillDialog v-if="filling" :category="filling" @close="filling = null" />
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
  line-height: 1.15;
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
.add {
  margin-top: 10px;
  flex-wrap: wrap;
}
</style>
