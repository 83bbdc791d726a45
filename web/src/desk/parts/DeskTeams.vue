<script setup lang="ts">
import { mdiMagnify } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDesk } from '../useDesk.ts';
import DeskPlayers from './DeskPlayers.vue';
import DeskTeam from './DeskTeam.vue';

/** The teams with award and take away; a digit or a click picks one. Many are searched and drawn as far as seen. */
const { t } = useI18n();
const desk = useDesk();
const sought = ref('');
const LINE = 74;

const found = computed(() => {
  const word = sought.value.trim().toLocaleLowerCase();
  const all = desk.view.teams.map((team, i) => ({ team, number: i + 1 }));
  return word === '' ? all : all.filter(({ team }) => team.name.toLocaleLowerCase().includes(word));
});
/** Whether somebody waits to be put into a team. */
const waiting = computed(() => desk.playersOf.has(''));

/** Where members answer each for themselves, a difference in size is said, with what it does. */
const uneven = computed(() => {
  const { private: own, devices, teams } = desk.view;
  const sizes = teams.map((team) => team.players).filter((n) => n > 0);
  if (!own.memberwise || sizes.length < 2) return '';
  const [least, most] = [Math.min(...sizes), Math.max(...sizes)];
  if (least === most) return '';
  const effect = { sum: 'unevenSum', first: 'unevenFirst', mean: 'unevenFair', majority: 'unevenFair' };
  return `${t('desk.uneven', { least, most })} ${t(`desk.${effect[devices.combine]}`)}`;
});

function pickFound(): void {
  const [first] = found.value;
  if (first) desk.picked = first.team.id;
}
</script>

<template>
  <aside class="teams" :class="{ many: desk.manyTeams }" :aria-label="t('desk.teams')">
    <section v-if="waiting" class="waiting">
      <b>{{ t('desk.noTeam') }}</b>
      <DeskPlayers team="" />
    </section>
    <p v-if="uneven" class="note">{{ uneven }}</p>
    <form v-if="desk.manyTeams" class="search" @submit.prevent="pickFound">
      <v-text-field
        v-model="sought"
        type="search"
        :label="t('desk.findTeam')"
        :prepend-inner-icon="mdiMagnify"
        autocomplete="off"
        :messages="t('desk.teamsFound', { n: found.length, of: desk.view.teams.length })"
      />
    </form>
    <v-virtual-scroll v-if="desk.manyTeams" class="list" :items="found" :item-height="LINE" item-key="number">
      <template #default="{ item }">
        <div class="line"><DeskTeam :team="item.team" :number="item.number" /></div>
      </template>
    </v-virtual-scroll>
    <template v-else>
      <DeskTeam v-for="{ team, number } in found" :key="team.id" :team="team" :number="number" />
    </template>
  </aside>
</template>

<style scoped>
.teams {
  padding: 10px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.teams.many {
  min-height: 0;
}
.search,
.waiting,
.note {
  flex: none;
}
.waiting,
.note {
  margin: 0;
  padding: 8px 12px;
  border-left: 4px solid var(--weld);
  background: #fbf1d2;
}
.list {
  flex: 1;
  min-height: 0;
}
.line {
  padding-bottom: 6px;
}
@media (max-width: 1000px) {
  .list {
    flex: none;
    height: 60dvh;
  }
}
</style>
