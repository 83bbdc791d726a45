<script setup lang="ts">
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
  const practices = games.filter(({ kind }) => kind === 'practice').length;
  const shares = games.flatMap(({ share }) => share ?? []);
  const last = shares.at(-1);
  const own = games.filter(({ by }) => by === 'people').length;
  const always = people.filter(({ attended }) => own > 0 && attended === own).length;
  return [
    {
      label: t('groups.strip.games'),
      figure: `${games.length}`,
      more: practices === 0 ? '' : t('groups.strip.practices', { n: practices }),
    },
    {
      label: t('groups.strip.share'),
      figure: shares.length === 0 ? '–' : percent(shares.reduce((sum, one) => sum + one, 0) / shares.length),
      more: last === undefined ? '' : t('groups.strip.lastTime', { n: Math.round(last * 100) }),
    },
    {
      label: t('groups.strip.people'),
      figure: `${people.length}`,
      more: own === 0 ? '' : t('groups.strip.everyTime', { n: always }),
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
