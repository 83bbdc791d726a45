<script setup lang="ts">
import { kindNames, kindOf, lacksOf, type KindName } from '@distaff/core';
import { mdiAlertOutline, mdiCheck, mdiDeleteOutline, mdiPencilPlusOutline } from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';
import { useLacks } from '../useLacks.ts';
import AcceptedEditor from './AcceptedEditor.vue';
import NumberField from './NumberField.vue';
import OptionsEditor from './OptionsEditor.vue';

/** The question of one cell. There is never a silent key: what is missing is said until it is there. */
const { cell } = defineProps<{ cell: string | null }>();
const { t } = useI18n();
const { points } = useFormat();
const { lackWords } = useLacks();
const editor = useEditor();
const root = ref<HTMLElement | null>(null);

const content = computed(() => editor.round.content);
const place = computed(() => {
  for (const category of content.value.categories)
    for (const value of content.value.values)
      if (`${category.id}:${value.id}` === cell) return { category, value };
  return null;
});
const question = computed(() => editor.questionAt(cell));
const lacks = computed(() => (question.value ? lacksOf(question.value) : []));
const roundClock = computed(() => editor.round.rules.clock);

async function write(): Promise<void> {
  editor.writeQuestion(cell!);
  await nextTick();
  root.value?.querySelector('textarea')?.focus();
}
/** Another kind starts without a key; what was written for the old kind is kept for a change of mind. */
const kept = new Map<KindName, object>();
function setKind(kind: KindName): void {
  const own = question.value!;
  if (own.answer.kind === kind) return;
  kept.set(own.answer.kind, own.answer);
  own.answer = (kept.get(kind) ?? kindOf(kind).blank(editor.newId)) as typeof own.answer;
}
function setCellValue(value: number | null): void {
  content.value.cells[cell!] = { ...editor.cellAt(cell!), value };
}
function remove(): void {
  editor.remove('studio.removedQuestion', () => editor.dropCells([cell!]));
}
</script>

<template>
  <section ref="root" class="question">
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
        <p class="state" :class="{ lacking: lacks.length }" role="status">
          <v-icon :icon="lacks.length ? mdiAlertOutline : mdiCheck" size="18" />
          {{ lacks.length ? t('studio.unfinished', { lacks: lackWords(lacks) }) : t('studio.finished') }}
        </p>
        <v-textarea
          v-model="question.prompt"
          :label="t('studio.prompt')"
          rows="2"
          auto-grow
          maxlength="400"
        />
        <v-btn-toggle
          :model-value="question.answer.kind"
          mandatory
          density="compact"
          variant="outlined"
          divided
          color="primary"
          :aria-label="t('studio.kind')"
          @update:model-value="setKind"
        >
          <v-btn v-for="kind in kindNames" :key="kind" :value="kind" size="small">{{
            t(`common.kinds.${kind}`)
          }}</v-btn>
        </v-btn-toggle>

        <OptionsEditor v-if="question.answer.kind === 'choice'" v-model="question.answer" />
        <AcceptedEditor v-else-if="question.answer.kind === 'text'" v-model="question.answer.accepted" />
        <v-text-field v-else v-model="question.answer.key" :label="t('studio.aloudKey')" maxlength="160" />

        <v-textarea
          v-model="question.explanation"
          :label="t('studio.explanation')"
          :hint="t('studio.explanationHint')"
          persistent-hint
          rows="1"
          auto-grow
          maxlength="400"
        />
        <v-textarea
          v-model="question.notes"
          :label="t('studio.notes')"
          :hint="t('studio.notesHint')"
          persistent-hint
          rows="1"
          auto-grow
          maxlength="1000"
        />
        <div class="pair">
          <NumberField
            v-model="question.clock"
            empty
            :min="3"
            :max="600"
            :label="t('studio.clock')"
            :hint="roundClock === null ? t('studio.clockHintNone') : t('studio.clockHint', { n: roundClock })"
            :problem="t('studio.clockWrong')"
          />
          <NumberField
            :model-value="editor.cellAt(cell!).value"
            empty
            :min="-1000000"
            :max="1000000"
            :label="t('studio.cellValue')"
            :hint="t('studio.cellValueHint', { n: points(place.value.points) })"
            @update:model-value="setCellValue"
          />
        </div>
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
.state {
  color: var(--moss);
  font-weight: 700;
}
.state.lacking {
  padding: 6px 10px;
  border: 2px dashed var(--weld);
  border-radius: 6px;
  background: #fbf1d2;
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
.pair {
  display: grid;
  align-items: start;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.remove {
  align-self: flex-start;
}
</style>
