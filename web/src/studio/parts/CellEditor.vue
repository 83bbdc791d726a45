<script setup lang="ts">
import { mdiDeleteOutline, mdiPencilPlusOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';
import QuestionForm from '../question/QuestionForm.vue';

/** The question of one cell of the board. */
const { cell } = defineProps<{ cell: string | null }>();
const emit = defineEmits<{ next: [] }>();
const { t } = useI18n();
const { points } = useFormat();
const editor = useEditor();
const justMade = ref(false);

const content = computed(() => editor.round.content);
const place = computed(() => {
  for (const category of content.value.categories)
    for (const value of content.value.values)
      if (`${category.id}:${value.id}` === cell) return { category, value };
  return null;
});
const question = computed(() => editor.questionAt(cell));
const clockHint = computed(() => {
  const { clock } = editor.round.rules;
  return clock === null ? t('studio.clockHintNone') : t('studio.clockHint', { n: clock });
});

function write(): void {
  justMade.value = true;
  editor.writeQuestion(cell!);
}
function setCellValue(value: number | null): void {
  content.value.cells[cell!] = { ...editor.cellAt(cell!), value };
}
function remove(): void {
  editor.remove('studio.removedQuestion', () => editor.dropCells([cell!]));
}
</script>

<template>
  <section
    class="question"
    @keydown.ctrl.shift.enter.prevent="emit('next')"
    @keydown.meta.shift.enter.prevent="emit('next')"
  >
    <div v-if="!place" class="empty">
      <h2>{{ t('studio.pickCell') }}</h2>
      <p>{{ t('studio.pickCellText') }}</p>
    </div>
    <template v-else>
      <p class="topic">
        <span class="grow clip">{{ place.category.name || '…' }}</span>
        <b class="mono">{{ points(editor.cellAt(cell!).value ?? place.value.points) }}</b>
      </p>
      <div v-if="!question" class="empty">
        <p>{{ t('studio.emptyCell') }}</p>
        <v-btn color="primary" :prepend-icon="mdiPencilPlusOutline" @click="write">{{
          t('studio.writeQuestion')
        }}</v-btn>
      </div>
      <template v-else>
        <QuestionForm
          :model-value="question"
          :clock-hint="clockHint"
          :tags="editor.tags"
          :focus="justMade || question.prompt === ''"
        >
          <template #beside-clock>
            <NumberField
              :model-value="editor.cellAt(cell!).value"
              empty
              :min="-1000000"
              :max="1000000"
              :label="t('studio.cellValue')"
              :hint="t('studio.cellValueHint', { n: points(place.value.points) })"
              @update:model-value="setCellValue"
            />
          </template>
        </QuestionForm>
        <p class="muted keys">{{ t('studio.formKeys') }}</p>
        <v-btn
          class="remove"
          variant="text"
          color="error"
          size="small"
          :prepend-icon="mdiDeleteOutline"
          @click="remove"
          >{{ t('studio.removeQuestion') }}</v-btn
        >
      </template>
    </template>
  </section>
</template>

<style scoped>
.question {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.question > * {
  flex: none;
}
p {
  margin: 0;
}
.topic {
  display: flex;
  gap: 12px;
  font-size: 18px;
  color: var(--stone);
}
.topic b {
  color: var(--ink);
}
.empty {
  padding: 40px 12px;
  text-align: center;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 16px;
}
.keys {
  font-size: 14px;
}
.remove {
  align-self: flex-start;
}
</style>
