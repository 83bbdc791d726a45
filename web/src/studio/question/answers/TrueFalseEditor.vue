<script setup lang="ts">
import type { ContentOf } from '@distaff/core/question';
import { useI18n } from 'vue-i18n';

/** True or false, under their own names. */
const content = defineModel<ContentOf<'truefalse'>>({ required: true });
const { t } = useI18n();
const rows = [
  { value: true, word: 'true' },
  { value: false, word: 'false' },
] as const;
</script>

<template>
  <fieldset>
    <legend>
      {{ t('form.options') }} <span class="muted">{{ t('form.keyHint') }}</span>
    </legend>
    <div v-for="row in rows" :key="row.word" class="option" :class="{ key: content.key === row.value }">
      <input
        type="radio"
        name="truth"
        class="mark"
        :checked="content.key === row.value"
        :aria-label="t('form.isKeyWord', { word: content.words[row.word] })"
        @change="content.key = row.value"
      />
      <input
        v-model="content.words[row.word]"
        class="text"
        maxlength="40"
        :aria-label="t(row.value ? 'form.wordTrue' : 'form.wordFalse')"
        @keydown.ctrl.enter.exact.prevent="content.key = row.value"
        @keydown.meta.enter.exact.prevent="content.key = row.value"
      />
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
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
.key {
  border: 2px solid var(--moss);
  padding: 0 5px 0 11px;
  background: #f2f6f3;
  font-weight: 700;
}
.mark {
  width: 20px;
  height: 20px;
  accent-color: var(--moss);
  appearance: auto;
}
.text {
  flex: 1;
  min-height: 38px;
}
</style>
