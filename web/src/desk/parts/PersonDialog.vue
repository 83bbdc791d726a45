<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { vFirstFocus } from '../../design/firstFocus.ts';
import { useDesk } from '../useDesk.ts';

/** A new name for a player, or a team found among many. */
const { t } = useI18n();
const desk = useDesk();
const name = ref('');
const team = ref<string | null>(null);
const title = computed(() =>
  desk.person?.act === 'move'
    ? t('desk.movePlayer', { name: desk.person.seat.name })
    : t('desk.renamePlayer', { name: desk.person?.seat.name ?? '' }),
);
watch(
  () => desk.person,
  (person) => {
    name.value = person?.seat.name ?? '';
    team.value = null;
  },
);

function save(): void {
  const { seat, act } = desk.person!;
  if (act === 'rename' && name.value.trim() !== '')
    void desk.ask({ type: 'renameSeat', seat: seat.id, name: name.value.trim() });
  if (act === 'move' && team.value !== null)
    void desk.ask({ type: 'moveSeat', seat: seat.id, team: team.value });
  desk.person = null;
}
</script>

<template>
  <v-dialog
    :aria-label="title"
    :model-value="desk.person !== null"
    max-width="420"
    @update:model-value="desk.person = null"
  >
    <v-card v-if="desk.person" class="card">
      <form @submit.prevent="save">
        <h2>{{ title }}</h2>
        <v-text-field
          v-if="desk.person.act === 'rename'"
          v-model="name"
          v-first-focus
          :label="t('desk.newName')"
          maxlength="24"
        />
        <v-autocomplete
          v-else
          v-model="team"
          v-first-focus
          :label="t('desk.findTeam')"
          :items="desk.view.teams.filter((one) => one.id !== desk.person!.seat.team)"
          item-title="name"
          item-value="id"
        />
        <div class="row end">
          <v-btn variant="text" @click="desk.person = null">{{ t('common.cancel') }}</v-btn>
          <v-btn type="submit" color="primary">{{ t('desk.save') }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px;
}
form {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.end {
  justify-content: flex-end;
}
</style>
