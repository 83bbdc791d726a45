<script setup lang="ts">
import type { ContentOf } from '@distaff/core/question';
import { useI18n } from 'vue-i18n';

/** What the host compares with what is said. */
const content = defineModel<ContentOf<'aloud'>>({ required: true });
const { t } = useI18n();
</script>

<template>
  <v-text-field v-model="content.key" :label="t('form.aloudKey')" maxlength="200" />
</template>
