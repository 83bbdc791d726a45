<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import { mdiDragHorizontalVariant } from '@mdi/js';
import { computed, nextTick, ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import OptionContent from '../../design/media/OptionContent.vue';

/**
 * Put in order: touched one after the other (again takes one out), dragged by the handle, or moved
 * with the arrow keys. What has its number stands on top, in its order; the order as it was dealt
 * is no answer before anything was done.
 */
const { options, disabled } = defineProps<{ options: readonly OptionView[]; disabled: boolean }>();
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const root = ref<HTMLElement | null>(null);
interface Line {
  slot: number;
}
const dealt = (): Line[] => options.map((_, slot) => ({ slot }));
const lines = ref(dealt());
/** So many from the top are placed. */
const placed = ref(0);
const all = computed(() => placed.value === lines.value.length);

function touch(i: number): void {
  const list = [...lines.value];
  const [line] = list.splice(i, 1);
  if (i < placed.value) placed.value--;
  list.splice(placed.value, 0, line!);
  if (i >= placed.value) placed.value++;
  lines.value = list;
  // The last one has only one place to go.
  if (placed.value === list.length - 1 && i >= placed.value - 1) placed.value = list.length;
}
/** Dragging and arrow keys say where each of them goes: then all are placed. */
function dragged(list: Line[]): void {
  if (disabled) return;
  lines.value = list;
  placed.value = list.length;
}
async function move(i: number, by: number): Promise<void> {
  const to = i + by;
  if (to < 0 || to >= lines.value.length) return;
  const list = [...lines.value];
  list.splice(to, 0, ...list.splice(i, 1));
  dragged(list);
  await nextTick();
  root.value?.querySelectorAll<HTMLElement>('.bar')[to]?.focus();
}
function startAgain(): void {
  lines.value = dealt();
  placed.value = 0;
}
watch(
  [lines, placed],
  () => {
    wire.value = all.value ? { slots: lines.value.map((line) => line.slot) } : null;
    word.value = all.value ? t('handset.sendOrder') : t('handset.orderNext', { n: placed.value + 1 });
  },
  { immediate: true },
);
</script>

<template>
  <div ref="root">
    <p class="hint">{{ t('handset.orderHow') }}</p>
    <VueDraggable
      :model-value="lines"
      class="bars"
      role="group"
      :aria-label="t('handset.orderHint')"
      handle=".grip"
      :animation="150"
      :disabled="disabled"
      @update:model-value="dragged"
    >
      <button
        v-for="({ slot }, i) in lines"
        :key="slot"
        type="button"
        class="bar"
        :aria-pressed="i < placed"
        :disabled="disabled"
        @click="touch(i)"
        @keydown.up.prevent="move(i, -1)"
        @keydown.down.prevent="move(i, 1)"
      >
        <span class="eyelet">{{ i < placed ? i + 1 : '' }}</span>
        <OptionContent class="grow" :option="options[slot]!" />
        <span v-if="i < placed" class="hide">{{ t('handset.isPlace', { n: i + 1 }) }}</span>
        <span class="grip" aria-hidden="true" @click.stop><v-icon :icon="mdiDragHorizontalVariant" /></span>
      </button>
    </VueDraggable>
    <button v-if="placed" type="button" class="again" :disabled="disabled" @click="startAgain">
      {{ t('handset.startAgain') }}
    </button>
  </div>
</template>

<style scoped>
.hint {
  margin: 0 0 0.5em;
  color: var(--dim);
}
</style>
