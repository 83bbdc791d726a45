<script setup lang="ts">
import type { GroupGame } from '@distaff/core/term';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import ShareLine from './ShareLine.vue';

/** Every game and practice of a group: how it went, and the way to its results; the last one first. */
const { games } = defineProps<{ games: readonly GroupGame[] }>();
const { t, locale } = useI18n();
const { day } = useFormat();
const short = computed(() => new Intl.DateTimeFormat(locale.value, { day: 'numeric', month: 'short' }));
const points = computed(() =>
  games.map(({ at, share, kind }) => ({
    label: short.value.format(new Date(at)),
    share,
    isPractice: kind === 'practice',
  })),
);
const backwards = computed(() => [...games].reverse());
const pathOf = ({ kind, sitting }: GroupGame) =>
  kind === 'game' ? `/results/${sitting}` : `/studio/practice/${sitting}`;
const about = (game: GroupGame) =>
  [
    day(new Date(game.at).toISOString()),
    ...(game.kind === 'practice' ? [t('groups.practice')] : []),
    t(game.by === 'people' ? 'groups.whole.n' : 'groups.whole.teams', game.people, {
      named: { n: game.people },
    }),
    t('groups.questionsOf', game.items, { named: { n: game.items } }),
  ].join(' · ');
</script>

<template>
  <section class="stack">
    <div v-if="games.length > 1" class="card">
      <h2>{{ t('groups.chart') }}</h2>
      <ShareLine :points="points" />
    </div>
    <ul class="list">
      <li v-for="game in backwards" :key="game.sitting">
        <div class="grow">
          <router-link class="title clip" :to="pathOf(game)" dir="auto">{{ game.title }}</router-link>
          <span class="muted">{{ about(game) }}</span>
        </div>
        <b class="figure">{{
          game.share === null ? '–' : t('groups.percent', { n: Math.round(game.share * 100) })
        }}</b>
      </li>
    </ul>
  </section>
</template>

<style scoped src="../lists.css" />
<style scoped>
.stack {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
h2 {
  margin: 0 0 8px;
}
.figure {
  font: 700 20px/1 var(--display);
}
</style>
