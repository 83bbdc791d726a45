<script setup lang="ts">
import { computed } from 'vue';
import { mdiCheck, mdiChevronRight } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useDesk } from '../useDesk.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** Where the show is, and whether turns are even. */
const { t } = useI18n();
const desk = useDesk();
const phases = ['lobby', 'round', 'closed'] as const;
const items = computed(() => [
  { phase: 'lobby', title: t('desk.orderLobby') },
  { phase: 'round', title: desk.view.roundTitle || t('desk.orderRound') },
  { phase: 'closed', title: t('desk.orderClose') },
]);
const at = computed(() => phases.indexOf(desk.view.phase));
const cells = computed(
  () => desk.view.board?.rows.flatMap((row) => row.cells).filter((cell) => cell.state !== 'empty') ?? [],
);
const used = computed(() => cells.value.filter((cell) => cell.state === 'used').length);
</script>

<template>
  <nav class="order" :aria-label="t('desk.order')">
    <h2>{{ t('desk.order') }}</h2>
    <ol>
      <li
        v-for="(item, i) in items"
        :key="item.phase"
        :class="{ on: i === at, done: i < at }"
        :aria-current="i === at ? 'step' : undefined"
      >
        <v-icon :icon="i < at ? mdiCheck : mdiChevronRight" size="18" />
        <span>{{ item.title }}</span>
        <p v-if="item.phase === 'round' && desk.view.board" class="muted">
          {{ t('desk.progress', { used, all: cells.length }) }}
        </p>
      </li>
    </ol>
    <template v-if="desk.view.phase === 'round'">
      <h3>{{ t('desk.turnsTaken') }}</h3>
      <ul class="turns">
        <li v-for="team in desk.view.teams" :key="team.id">
          <WeaveSwatch :weave="team.weave" /> <span class="clip grow">{{ team.name }}</span>
          <b class="mono">{{ desk.view.private.turnsTaken[team.id] ?? 0 }}</b>
        </li>
      </ul>
    </template>
  </nav>
</template>

<style scoped>
.order {
  padding: 16px;
}
h2 {
  font-size: 16px;
  margin-bottom: 12px;
}
h3 {
  font-size: 14px;
  margin: 24px 0 8px;
  color: var(--stone);
}
ol,
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
ol li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 0 6px;
  padding: 8px 8px 8px 4px;
  border-left: 3px solid transparent;
}
ol li.on {
  border-left-color: var(--moss);
  background: rgb(31 77 63 / 8%);
  font-weight: 700;
}
.done {
  color: var(--stone);
}
p {
  grid-column: 2;
  margin: 2px 0 0;
  font-weight: 400;
  font-size: 14px;
}
.turns li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  font-size: 14px;
}
</style>
