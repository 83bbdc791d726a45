<script setup lang="ts">
import type { KnockoutView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ListDesk from '../list/ListDesk.vue';
import type { DeskPart } from '../parts.ts';

/** How far it is, and the lives of all. */
const { view } = defineProps<DeskPart>();
const { t } = useI18n();
const round = computed(() => view.round as KnockoutView);
</script>

<template>
  <ListDesk :view="view" />
  <h3>{{ t('formats.knockout.livesTitle') }}</h3>
  <ul class="lives">
    <li v-for="team in view.teams" :key="team.id">
      {{ team.name }} <b class="mono">{{ round.left[team.id] ?? round.lives }}</b>
    </li>
  </ul>
</template>

<style scoped>
.lives {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  color: var(--stone);
}
</style>
