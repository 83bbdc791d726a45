<script setup lang="ts">
import { FEWEST_STEPS, MOST_STEPS, type ContentOf } from '@distaff/core/question';
import { useI18n } from 'vue-i18n';
import NumberField from '../NumberField.vue';

/** A scale: how many steps, what the first is called, and what the two ends mean. */
const content = defineModel<ContentOf<'scale'>>({ required: true });
const { t } = useI18n();
const firsts = [0, 1].map((value) => ({ value, title: String(value) }));
</script>

<template>
  <fieldset class="scale">
    <p class="muted">{{ t('form.scaleHint') }}</p>
    <div class="row">
      <NumberField
        v-model="content.steps"
        :min="FEWEST_STEPS"
        :max="MOST_STEPS"
        :label="t('form.scaleSteps')"
      />
      <v-select v-model="content.from" :items="firsts" :label="t('form.scaleFrom')" />
    </div>
    <div class="row">
      <v-text-field v-model="content.low" maxlength="40" :label="t('form.scaleLow')" />
      <v-text-field v-model="content.high" maxlength="40" :label="t('form.scaleHigh')" />
    </div>
  </fieldset>
</template>

<style scoped>
.scale {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
p {
  margin: 0;
}
</style>
