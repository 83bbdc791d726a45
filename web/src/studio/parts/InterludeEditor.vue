<script setup lang="ts">
import { interludes, type RoundOf } from '@distaff/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';

/** Something between the rounds: a title, how to play, a break, the standings. */
const { t } = useI18n();
const editor = useEditor();
const round = computed(() => editor.round as RoundOf<'interlude'>);
</script>

<template>
  <section class="interlude" :aria-label="t('common.formats.interlude')">
    <v-select
      v-model="round.content.what"
      :label="t('studio.interlude')"
      :items="interludes.map((value) => ({ value, title: t(`common.interludes.${value}`) }))"
    />
    <v-text-field
      v-if="round.content.what !== 'standings'"
      v-model="round.title"
      :label="t('studio.interludeTitle')"
      maxlength="80"
    />
    <v-textarea
      v-if="round.content.what !== 'standings'"
      v-model="round.content.text"
      :label="t('studio.interludeText')"
      :hint="t('studio.promptHint')"
      persistent-hint
      rows="5"
      auto-grow
      maxlength="2000"
    />
    <NumberField
      v-if="round.content.what === 'break'"
      v-model="round.content.minutes"
      empty
      :min="1"
      :max="120"
      :label="t('studio.breakMinutes')"
    />
  </section>
</template>

<style scoped>
.interlude {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.interlude > * {
  flex: none;
}
</style>
