<script setup lang="ts">
import { groupSummary } from '@distaff/core/term';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { GroupPage } from '../../api/server.ts';
import FigureRow from '../../design/FigureRow.vue';
import { useGroups } from './groups.ts';

/** A group in four figures. */
const { page } = defineProps<{ page: GroupPage }>();
const { t } = useI18n();
const groups = useGroups();
const percent = (share: number) => t('groups.percent', { n: Math.round(share * 100) });
const figures = computed(() => {
  const { games, people, missed } = page.term;
  const { practices, share, last, ownGames, always } = groupSummary(page.term);
  return [
    {
      label: t('groups.strip.games'),
      figure: `${games.length}`,
      more: practices === 0 ? '' : t('groups.strip.practices', { n: practices }),
    },
    {
      label: t('groups.strip.share'),
      figure: share === null ? '–' : percent(share),
      more: last === null ? '' : t('groups.strip.lastTime', { n: Math.round(last * 100) }),
    },
    {
      label: t('groups.strip.people'),
      figure: `${people.length}`,
      more: ownGames === 0 ? '' : t('groups.strip.everyTime', { n: always }),
    },
    {
      label: t('groups.strip.due'),
      figure: `${groups.due.length}`,
      more: t('groups.strip.missed', { n: missed.length }),
    },
  ];
});
</script>

<template>
  <FigureRow :figures="figures" />
</template>
