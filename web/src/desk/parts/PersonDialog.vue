<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
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
  <DialogFrame
    :model-value="desk.person !== null"
    :title="title"
    :width="420"
    form
    @update:model-value="desk.person = null"
    @submit="save"
  >
    <template v-if="desk.person"
      ><v-text-field
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
    </template>
    <template #actions>
      <v-btn variant="text" @click="desk.person = null">{{ t('common.cancel') }}</v-btn>
      <v-btn type="submit" color="primary">{{ t('desk.save') }}</v-btn>
    </template>
  </DialogFrame>
</template>
