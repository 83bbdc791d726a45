<script setup lang="ts">
import type { InterludeView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../../design/rich/RichText.vue';
import type { HandsetPart } from '../parts.ts';

/** What stands between the rounds. */
const { view } = defineProps<HandsetPart>();
const { t } = useI18n();
const round = computed(() => view.round as InterludeView);
</script>

<template>
  <h1>{{ view.roundTitle || t(`formats.interlude.sort.${round.what}`) }}</h1>
  <RichText v-if="round.text" :text="round.text" />
</template>
