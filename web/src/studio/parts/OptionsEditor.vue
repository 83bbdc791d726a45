<script setup lang="ts">
import { MAX_OPTIONS, MIN_OPTIONS, type AnswerContent } from '@distaff/core';
import { mdiClose, mdiPlus } from '@mdi/js';
import { nextTick, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import { useEditor } from '../editor.ts';

/** Two to eight options and the one that is right. Enter leads to the next option. */
const content = defineModel<Extract<AnswerContent, { kind: 'choice' }>>({ required: true });
const { t } = useI18n();
const editor = useEditor();
const root = ref<HTMLElement | null>(null);

const focusOn = (i: number) => root.value?.querySelectorAll<HTMLInputElement>('.text')[i]?.focus();
async function add(): Promise<void> {
  if (content.value.options.length >= MAX_OPTIONS) return;
  content.value.options.push({ id: editor.newId(), text: '' });
  await nextTick();
  focusOn(content.value.options.length - 1);
}
function next(i: number): void {
  if (i + 1 < content.value.options.length) focusOn(i + 1);
  else void add();
}
function remove(i: number): void {
  const [gone] = content.value.options.splice(i, 1);
  // The key never slides to a neighbour: it goes with its option.
  if (gone?.id === content.value.key) content.value.key = null;
}
</script>

<template>
  <fieldset ref="root" class="options">
    <legend>
      {{ t('studio.options') }} <span class="muted">{{ t('studio.keyHint') }}</span>
    </legend>
    <div
      v-for="(option, i) in content.options"
      :key="option.id"
      class="option"
      :class="{ key: content.key === option.id }"
    >
      <input
        type="radio"
        :name="`key-${content.options[0]!.id}`"
        :checked="content.key === option.id"
        :aria-label="t('studio.isKey', { letter: letterOf(i) })"
        :title="t('studio.isKey', { letter: letterOf(i) })"
        @change="content.key = option.id"
      />
      <b class="mono">{{ letterOf(i) }}</b>
      <input
        v-model="option.text"
        class="text"
        maxlength="160"
        :aria-label="t('studio.option', { letter: letterOf(i) })"
        @keydown.enter.prevent="next(i)"
      />
      <button
        v-if="content.options.length > MIN_OPTIONS"
        type="button"
        class="drop"
        :aria-label="t('studio.removeOption', { letter: letterOf(i) })"
        :title="t('studio.removeOption', { letter: letterOf(i) })"
        @click="remove(i)"
      >
        <v-icon :icon="mdiClose" size="16" />
      </button>
    </div>
    <v-btn
      v-if="content.options.length < MAX_OPTIONS"
      variant="text"
      size="small"
      :prepend-icon="mdiPlus"
      @click="add"
      >{{ t('studio.addOption') }}</v-btn
    >
  </fieldset>
</template>

<style scoped>
.options {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
  align-items: stretch;
}
legend {
  margin-bottom: 6px;
  font-weight: 700;
}
legend .muted {
  font-weight: 400;
  font-size: 14px;
}
.option {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 6px 0 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.option.key {
  border: 2px solid var(--moss);
  padding: 0 5px 0 11px;
  background: rgb(31 77 63 / 6%);
}
input[type='radio'] {
  flex: none;
  width: 20px;
  height: 20px;
  accent-color: var(--moss);
  cursor: pointer;
  appearance: auto;
}
.text {
  flex: 1;
  min-width: 0;
  min-height: 38px;
}
.key .text {
  font-weight: 700;
}
.drop {
  min-width: 28px;
  min-height: 28px;
  color: var(--stone);
  cursor: pointer;
}
</style>
