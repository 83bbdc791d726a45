<script setup lang="ts">
import { emptyCells } from '@distaff/core/formats';
import type { Selection } from '@distaff/core/library';
import { computed, onMounted, reactive, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../../design/DialogFrame.vue';
import { useEditor } from '../../../studio/editor.ts';
import LibraryFields from '../../../studio/order/LibraryFields.vue';
import { useBank } from '../../../studio/questions/bank.ts';
import { useFill } from './useFill.ts';

/** Fills the empty cells of a category from the library, sorts it, and sets its values, by difficulty. */
const { category } = defineProps<{ category: { id: string; name: string } | null }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const editor = useEditor();
const bank = useBank();
const { fill, sort, suggest, problem } = useFill();
const from = reactive<Pick<Selection, 'sets' | 'tags' | 'repeat'>>({
  sets: [],
  tags: [],
  repeat: 'notForGroup',
});
const said = ref('');
const working = ref(false);
onMounted(async () => {
  await bank.loadSets();
  // A tag that is called like the category is what is meant most of the time.
  const like = category?.name.trim().toLowerCase();
  from.tags = bank.tags.filter((tag) => tag.toLowerCase() === like);
});
const empty = computed(() => (category ? emptyCells(editor.board!.content, category.id).length : 0));

async function run(work: () => Promise<void>): Promise<void> {
  if (working.value) return;
  working.value = true;
  await work();
  working.value = false;
}
const fillNow = () =>
  run(async () => {
    const n = await fill(category!.id, from);
    if (n !== null)
      said.value = n === 0 ? t('editors.board.fillNone') : t('editors.board.filled', n, { named: { n } });
  });
const sortNow = () =>
  run(async () => {
    const told = await sort(category!.id);
    if (told) said.value = t('editors.board.sorted', told);
  });
const suggestNow = () =>
  run(async () => {
    const told = await suggest(category!.id);
    if (!told) return;
    const { own: n, ...rest } = told;
    const measured = t('editors.board.measuredFor', rest);
    said.value =
      n === null
        ? t('editors.board.suggestNone')
        : t('editors.board.suggested', n, { named: { n, measured } });
  });
</script>

<template>
  <DialogFrame
    :model-value="category !== null"
    :width="680"
    :title="t('editors.board.fillCategory', { category: category?.name || '…' })"
    @update:model-value="emit('close')"
  >
    <p class="muted">{{ t('editors.board.fillHint') }}</p>
    <LibraryFields v-model="from" />
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-else-if="said" role="status">{{ said }}</p>

    <template #actions>
      <v-btn variant="text" @click="emit('close')">{{ t('common.close') }}</v-btn>
      <v-btn
        variant="outlined"
        :disabled="working"
        :title="t('editors.board.suggestHint')"
        @click="suggestNow"
        >{{ t('editors.board.suggest') }}</v-btn
      >
      <v-btn variant="outlined" :disabled="working" @click="sortNow">{{
        t('editors.board.byDifficulty')
      }}</v-btn>
      <v-btn color="primary" :disabled="empty === 0" :loading="working" @click="fillNow">{{
        t('editors.board.fillCells', empty, { named: { n: empty } })
      }}</v-btn>
    </template>
  </DialogFrame>
</template>
