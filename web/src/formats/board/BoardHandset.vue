<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOwnWords } from '../../screens/handset/useOwnWords.ts';
import type { HandsetPart } from '../parts.ts';

/** Whose choice it is. */
const { view, seat } = defineProps<HandsetPart>();
const { t } = useI18n();
const { own } = useOwnWords();
const isOwn = computed(() => view.turn === seat.team);
const team = computed(() => view.teams.find((one) => one.id === view.turn)?.name ?? '');
</script>

<template>
  <h1>{{ isOwn ? own(view, 'turn') : t('handset.turnOther', { team }) }}</h1>
  <p v-if="isOwn">{{ t('handset.lookUp') }}</p>
</template>
