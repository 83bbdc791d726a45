<script setup lang="ts">
import { MAX_TEAMS, MIN_TEAMS, newTeam, type Team } from '@distaff/core/show';
import { mdiClose, mdiDragVertical, mdiPlus } from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import DrawDialog from './DrawDialog.vue';
import MembersMenu from './MembersMenu.vue';
import TeamSheetDialog from './TeamSheetDialog.vue';
import WeavePicker from './WeavePicker.vue';

/** The teams in the order of their turns. */
const { t } = useI18n();
const editor = useEditor();
const root = ref<HTMLElement | null>(null);
const teams = computed({ get: () => editor.show!.teams, set: (list: Team[]) => (editor.show!.teams = list) });
const nameOf = (team: Team, i: number) => team.name || t('studio.newTeam', { n: i + 1 });

async function add(): Promise<void> {
  const taken = new Set(teams.value.map((team) => team.name));
  let n = teams.value.length + 1;
  while (taken.has(t('studio.newTeam', { n }))) n++;
  teams.value.push(newTeam(teams.value, t('studio.newTeam', { n }), editor.newId));
  await nextTick();
  root.value?.querySelector<HTMLInputElement>('li:last-of-type input')?.select();
}
function remove(id: string): void {
  editor.remove('studio.removedTeam', () => (teams.value = teams.value.filter((team) => team.id !== id)));
}
async function move(from: number, by: number): Promise<void> {
  const list = [...teams.value];
  const [team] = list.splice(from, 1);
  list.splice(Math.min(Math.max(0, from + by), list.length), 0, team!);
  teams.value = list;
  await nextTick();
  root.value?.querySelector<HTMLElement>(`[data-handle="${team!.id}"]`)?.focus();
}
</script>

<template>
  <section ref="root">
    <h1>{{ t('studio.teams') }}</h1>
    <p class="muted">{{ t('studio.teamsHint') }}</p>
    <VueDraggable v-model="teams" tag="ol" class="teams" handle=".handle" :animation="150">
      <li v-for="(team, i) in teams" :key="team.id">
        <button
          type="button"
          class="handle"
          :data-handle="team.id"
          :aria-label="t('studio.moveTeam', { name: nameOf(team, i) })"
          :title="t('studio.moveTeam', { name: nameOf(team, i) })"
          @keydown.up.prevent="move(i, -1)"
          @keydown.down.prevent="move(i, 1)"
        >
          <v-icon :icon="mdiDragVertical" size="20" />
        </button>
        <b class="mono number">{{ i + 1 }}</b>
        <WeavePicker v-model="team.weave" :name="nameOf(team, i)" />
        <v-text-field
          v-model="team.name"
          class="grow"
          :label="t('studio.teamName', { n: i + 1 })"
          maxlength="40"
        />
        <MembersMenu :team="team" :name="nameOf(team, i)" />
        <v-btn
          v-if="teams.length > MIN_TEAMS"
          variant="text"
          size="small"
          :icon="mdiClose"
          :aria-label="t('studio.removeTeam', { name: nameOf(team, i) })"
          :title="t('studio.removeTeam', { name: nameOf(team, i) })"
          @click="remove(team.id)"
        />
      </li>
    </VueDraggable>
    <div class="row under">
      <v-btn variant="outlined" :prepend-icon="mdiPlus" :disabled="teams.length >= MAX_TEAMS" @click="add">{{
        t('studio.addTeam')
      }}</v-btn>
      <TeamSheetDialog />
      <DrawDialog />
    </div>
  </section>
</template>

<style scoped>
.teams {
  list-style: none;
  margin: 20px 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 8px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.under {
  flex-wrap: wrap;
}
.handle {
  min-width: 32px;
  min-height: 32px;
  cursor: grab;
  color: var(--stone);
}
/* On a phone the name has a line to itself. */
li > .grow {
  flex: 1 1 220px;
}
@media (max-width: 600px) {
  li > .grow {
    order: 1;
    flex-basis: 100%;
  }
}
.number {
  width: 2ch;
  text-align: right;
}
</style>
