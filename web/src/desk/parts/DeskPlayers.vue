<script setup lang="ts">
import {
  mdiAccountArrowRightOutline,
  mdiAccountCancelOutline,
  mdiAccountRemoveOutline,
  mdiDotsHorizontal,
  mdiPencilOutline,
} from '@mdi/js';
import type { TeamView } from '@distaff/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../../live/sitting.ts';
import { useDesk } from '../useDesk.ts';
import { vFirstFocus } from '../../design/firstFocus.ts';

/** The players of one team: rename, move, remove; who is not connected is said. */
const { team } = defineProps<{ team: Pick<TeamView, 'id'> }>();
const { t } = useI18n();
const desk = useDesk();
const sitting = useSitting();
const seats = computed(() => desk.view.private.seats.filter((seat) => seat.team === team.id));
const renaming = ref<{ id: string; name: string } | null>(null);

function rename(): void {
  const { id, name } = renaming.value!;
  if (name.trim() !== '') void desk.ask({ type: 'renameSeat', seat: id, name: name.trim() });
  renaming.value = null;
}
</script>

<template>
  <div>
    <ul
      v-if="seats.length"
      class="players"
      :aria-label="t('desk.players', seats.length, { named: { n: seats.length } })"
    >
      <li v-for="seat in seats" :key="seat.id" :class="{ away: !sitting.present.has(seat.id) }">
        <v-menu>
          <template #activator="{ props }">
            <button v-bind="props" type="button" class="player">
              {{ seat.name }}<span v-if="!sitting.present.has(seat.id)"> ({{ t('desk.away') }})</span>
              <v-icon :icon="mdiDotsHorizontal" size="14" />
            </button>
          </template>
          <v-list>
            <v-list-item
              :prepend-icon="mdiPencilOutline"
              :title="t('desk.renamePlayer', { name: seat.name })"
              @click="renaming = { id: seat.id, name: seat.name }"
            />
            <v-list-item
              v-for="other in desk.view.teams.filter((one) => one.id !== team.id)"
              :key="other.id"
              :prepend-icon="mdiAccountArrowRightOutline"
              :title="t('desk.moveTo', { team: other.name })"
              @click="desk.ask({ type: 'moveSeat', seat: seat.id, team: other.id })"
            />
            <v-list-item
              :prepend-icon="mdiAccountRemoveOutline"
              :title="t('desk.removePlayer', { name: seat.name })"
              @click="desk.ask({ type: 'removeSeat', seat: seat.id })"
            />
            <v-list-item
              :prepend-icon="mdiAccountCancelOutline"
              :title="t('desk.banPlayer', { name: seat.name })"
              @click="desk.ask({ type: 'removeSeat', seat: seat.id, ban: true })"
            />
          </v-list>
        </v-menu>
      </li>
    </ul>
    <v-dialog
      :aria-label="t('desk.renamePlayer', { name: renaming?.name ?? '' })"
      :model-value="renaming !== null"
      max-width="380"
      @update:model-value="renaming = null"
    >
      <v-card v-if="renaming" class="pa">
        <form @submit.prevent="rename">
          <h2>{{ t('desk.newName') }}</h2>
          <v-text-field
            v-model="renaming.name"
            v-first-focus
            class="field"
            :label="t('desk.newName')"
            maxlength="24"
          />
          <div class="row end">
            <v-btn variant="text" @click="renaming = null">{{ t('common.cancel') }}</v-btn>
            <v-btn type="submit" color="primary">{{ t('desk.save') }}</v-btn>
          </div>
        </form>
      </v-card>
    </v-dialog>
  </div>
</template>

<style scoped>
.players {
  list-style: none;
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.player {
  min-height: 26px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 13px;
  font-size: 14px;
  cursor: pointer;
}
.away .player {
  border-style: dashed;
  color: var(--stone);
}
.pa {
  padding: 20px;
}
.field {
  margin: 16px 0;
}
.end {
  justify-content: flex-end;
}
</style>
