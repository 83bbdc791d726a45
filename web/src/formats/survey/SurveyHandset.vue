<script setup lang="ts">
import type { SurveyView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { HandsetPart } from '../parts.ts';

/** Between two questions of a survey: how far it is. */
const { view } = defineProps<HandsetPart>();
const { t } = useI18n();
const round = computed(() => view.round as SurveyView);
const over = computed(() => round.value.played >= round.value.of);
</script>

<template>
  <h1>
    {{ over ? t('common.poll.thanks') : t('common.questionOf', { n: round.played + 1, of: round.of }) }}
  </h1>
</template>
