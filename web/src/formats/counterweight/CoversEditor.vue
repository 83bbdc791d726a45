<script setup lang="ts">
import { balancedValues, MOST_COVERS } from '@distaff/core/formats';
import { seeded } from '@distaff/core/random';
import type { RoundOf } from '@distaff/core/show';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../../studio/editor.ts';
import NumberField from '../../studio/question/NumberField.vue';

/** The hidden values of a counterweight round: drawn in balance, or written by hand. */
const { t } = useI18n();
const { change } = useFormat();
const editor = useEditor();
const content = computed(() => (editor.list as RoundOf<'counterweight'>).content);
const text = ref('');
const numbersIn = (typed: string) =>
  [...typed.replaceAll('−', '-').matchAll(/-?\d+/g)].map(Number).filter((one) => Math.abs(one) <= 999);
watch(
  () => content.value.values,
  (values) => {
    if (values && values.join(' ') !== numbersIn(text.value).join(' ')) text.value = values.join(', ');
  },
  { immediate: true },
);
const sum = computed(() => (content.value.values ?? []).reduce((total, one) => total + one, 0));
const byHand = computed({
  get: () => content.value.values !== null,
  set: (on: boolean) => {
    const { covers, most, seed } = content.value;
    content.value.values = on ? balancedValues(covers, most, seeded(seed || 'values')) : null;
  },
});
function write(typed: string): void {
  text.value = typed;
  const values = numbersIn(typed).slice(0, MOST_COVERS);
  if (values.length >= 2) Object.assign(content.value, { values, covers: values.length });
}
</script>

<template>
  <div class="covers">
    <div class="row settings">
      <NumberField
        v-model="content.covers"
        :min="2"
        :max="MOST_COVERS"
        :disabled="byHand"
        :label="t('editors.counterweight.covers')"
      />
      <NumberField
        v-model="content.most"
        :min="1"
        :max="999"
        :disabled="byHand"
        :label="t('editors.counterweight.heaviest')"
      />
      <v-text-field
        v-model="content.seed"
        maxlength="40"
        :disabled="byHand"
        :label="t('editors.counterweight.seed')"
        :hint="t('editors.counterweight.seedHint')"
        persistent-hint
      />
    </div>
    <v-switch v-model="byHand" :label="t('editors.counterweight.valuesByHand')" />
    <v-textarea
      v-if="byHand"
      :model-value="text"
      rows="2"
      auto-grow
      :label="t('editors.counterweight.values')"
      :hint="
        t(sum === 0 ? 'editors.counterweight.sumZero' : 'editors.counterweight.sumIs', { sum: change(sum) })
      "
      persistent-hint
      @update:model-value="write"
    />
  </div>
</template>

<style scoped>
.covers {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.settings {
  flex-wrap: wrap;
  align-items: flex-start;
}
.settings > * {
  flex: 1 1 130px;
}
</style>
