<script setup lang="ts">
import type { RoundRules } from '@distaff/core/formats';
import { useI18n } from 'vue-i18n';
import NumberField from '../../studio/question/NumberField.vue';

/** What a square brings to the show. */
const rules = defineModel<RoundRules>({ required: true });
const { t } = useI18n();
</script>

<template>
  <NumberField
    v-if="rules.brings === 'counted'"
    v-model="rules.lifePoints"
    class="short"
    :min="0"
    :max="100000"
    :label="t('editors.claim.squarePoints')"
  />
</template>
