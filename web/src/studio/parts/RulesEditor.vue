<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';

/** The rules of the round, in words that say what they do. */
const { t } = useI18n();
const editor = useEditor();
const rules = computed(() => editor.round.rules);
</script>

<template>
  <section class="rules">
    <h1>{{ t('studio.rules') }}</h1>
    <v-text-field v-model="editor.round.title" :label="t('studio.roundTitle')" maxlength="80" />
    <v-radio-group v-model="rules.afterWrong" :label="t('studio.afterWrong')">
      <v-radio value="handOn" :label="t('studio.handOn')" />
      <v-radio value="close" :label="t('studio.closeQuestion')" />
    </v-radio-group>
    <v-radio-group v-model="rules.penalty" :label="t('studio.penalty')">
      <v-radio value="none" :label="t('studio.penaltyNone')" />
      <v-radio value="full" :label="t('studio.penaltyFull')" />
    </v-radio-group>
    <NumberField
      v-model="rules.clock"
      class="clock"
      empty
      :min="3"
      :max="600"
      :label="t('studio.roundClock')"
      :hint="t('studio.roundClockHint')"
      :problem="t('studio.clockWrong')"
    />
    <v-switch v-model="rules.shuffleOptions" :label="t('studio.shuffle')" />
  </section>
</template>

<style scoped>
.rules {
  display: flex;
  flex-direction: column;
  gap: 24px;
}
.clock {
  max-width: 420px;
}
</style>
