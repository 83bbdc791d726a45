<script setup lang="ts">
import { cellId, swapCells } from '@distaff/core/formats';
import { plainText } from '@distaff/core/text';
import { mdiSwapHorizontal } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../../design/useFormat.ts';
import { useEditor } from '../../../studio/editor.ts';

/** Where a question stands on the board, to be put elsewhere without dragging: what stands there changes places with it. */
const { place } = defineProps<{ place: string }>();
const emit = defineEmits<{ moved: [place: string] }>();
const { t } = useI18n();
const { points } = useFormat();
const editor = useEditor();
const places = computed(() => {
  const { categories, values } = editor.board!.content;
  return categories.flatMap((category, r) =>
    values.map((value) => {
      const id = cellId(category.id, value.id);
      const own = editor.questionAt(id);
      return {
        value: id,
        title: `${category.name || t('editors.board.category', { n: r + 1 })} · ${points(value.points)}`,
        subtitle: own ? plainText(own.prompt).slice(0, 60) : t('editors.board.cellFree'),
      };
    }),
  );
});
function move(to: string): void {
  if (to === place) return;
  swapCells(editor.board!.content, place, to);
  emit('moved', to);
}
</script>

<template>
  <v-select
    :model-value="place"
    :items="places"
    :label="t('editors.board.cellPlace')"
    :hint="t('editors.board.cellPlaceHint')"
    :prepend-inner-icon="mdiSwapHorizontal"
    item-props
    @update:model-value="move"
  />
</template>
