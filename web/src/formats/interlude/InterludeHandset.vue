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
  <template v-if="round.what === 'league' && round.table">
    <h1 dir="auto">{{ round.table.title }}</h1>
    <ol class="league">
      <li v-for="row in round.table.rows" :key="row.name">
        <b>{{ row.place }}</b> <span dir="auto">{{ row.name }}</span> <b>{{ row.points }}</b>
      </li>
    </ol>
    <h2>{{ t('formats.interlude.sort.standings') }}</h2>
  </template>
  <h1 v-else>{{ view.roundTitle || t(`formats.interlude.sort.${round.what}`) }}</h1>
  <RichText v-if="round.text" :text="round.text" />
</template>

<style scoped>
.league {
  margin: 0 0 16px;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 2em minmax(0, 1fr) auto;
  gap: 8px;
  padding: 4px 0;
  overflow-wrap: anywhere;
}
</style>
