<script setup lang="ts">
import type { KnockoutView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ListHandset from '../list/ListHandset.vue';
import type { HandsetPart } from '../parts.ts';

/** How far it is, and the lives that are left. */
const { view, seat } = defineProps<HandsetPart>();
const { t } = useI18n();
const lives = computed(() => {
  const round = view.round as KnockoutView;
  return round.left[seat.team] ?? round.lives;
});
</script>

<template>
  <ListHandset :view="view" :seat="seat" />
  <p class="own">
    {{ lives > 0 ? t('formats.knockout.yourLives', lives, { named: { n: lives } }) : t('handset.forHonour') }}
  </p>
</template>
