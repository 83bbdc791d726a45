<script setup lang="ts">
import type { KnockoutView } from '@distaff/core/formats';
import { computed } from 'vue';
import { mdiCircleOutline, mdiLifebuoy } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { usePages } from '../../design/usePages.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import ListStage from '../list/ListStage.vue';
import type { StagePart } from '../parts.ts';

/** Who is still in a knockout, and with how many lives. */
const { view, now } = defineProps<StagePart>();
const round = computed(() => view.round as KnockoutView);
const { t } = useI18n();
const MOST = 24;
const livesOf = (team: string) => round.value.left[team] ?? round.value.lives;
const {
  shown: rows,
  from,
  to,
  many,
} = usePages(
  () => [...view.teams].sort((a, b) => livesOf(b.id) - livesOf(a.id) || a.place - b.place),
  MOST,
  () => now,
);
const told = (n: number) => t('formats.knockout.lives', n, { named: { n } });
</script>

<template>
  <ListStage :view="view" :now="now" :can-choose="canChoose">
    <ul class="lives">
      <li v-for="team in rows" :key="team.id" :class="{ out: livesOf(team.id) === 0 }">
        <WeaveSwatch :weave="team.weave" />
        <span class="clip">{{ team.name }}</span>
        <span class="marks" role="img" :aria-label="told(livesOf(team.id))">
          <v-icon
            v-for="n in round.lives"
            :key="n"
            :icon="n <= livesOf(team.id) ? mdiLifebuoy : mdiCircleOutline"
            size="1em"
          />
        </span>
        <b v-if="livesOf(team.id) === 0">{{ t('formats.knockout.out') }}</b>
      </li>
    </ul>
    <p v-if="many">{{ t('stage.pageOf', { from, to, of: view.playing }) }}</p>
  </ListStage>
</template>

<style scoped>
.lives {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(calc(38 * var(--u)), 1fr));
  gap: calc(1.2 * var(--u) * var(--fit, 1)) calc(2 * var(--u));
  font-size: calc(3.4 * var(--u) * max(var(--fit, 1), 0.6));
}
li {
  display: flex;
  align-items: center;
  gap: 0.5em;
  padding: 0.3em 0.6em;
  background: var(--panel);
  border-radius: 0.3em;
  min-width: 0;
}
li .clip {
  flex: 1;
}
.marks {
  color: var(--accent);
  white-space: nowrap;
}
.out {
  background: none;
  border: 2px dashed var(--edge);
  color: var(--dim);
}
.out .marks {
  color: var(--dim);
}
p {
  margin: 0;
  font-size: calc(3 * var(--u));
  color: var(--dim);
}
</style>
