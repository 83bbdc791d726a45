<script setup lang="ts">
import type { InterludeView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../../design/rich/RichText.vue';
import type { DeskPart } from '../parts.ts';

/** What is on the stage between the rounds. */
const { view } = defineProps<DeskPart>();
const { t } = useI18n();
const round = computed(() => view.round as InterludeView);
</script>

<template>
  <h2>{{ view.roundTitle || t(`formats.interlude.sort.${round.what}`) }}</h2>
  <RichText v-if="round.text" :text="round.text" />
</template>
