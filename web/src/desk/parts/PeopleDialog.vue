<script setup lang="ts">
import { mdiMagnify } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDisplay } from 'vuetify';
import { vFirstFocus } from '../../design/firstFocus.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { useSitting } from '../../live/sitting.ts';
import { useDesk } from '../useDesk.ts';
import PlayerMenu from './PlayerMenu.vue';

/** Everybody who is in, found by name or team; a thousand of them are no more to draw than twenty. */
const LINE = 44;
const { t } = useI18n();
const { smAndDown } = useDisplay();
const desk = useDesk();
const sitting = useSitting();
const typed = ref('');
const awayOnly = ref(false);
watch(
  () => desk.dialog,
  (dialog) => {
    if (dialog !== 'people') return;
    typed.value = desk.view.teams.find((team) => team.id === desk.peopleOf)?.name ?? '';
    awayOnly.value = false;
  },
);
const teamOf = computed(() => new Map(desk.view.teams.map((team) => [team.id, team])));
const found = computed(() => {
  const sought = typed.value.trim().toLocaleLowerCase();
  return desk.view.private.seats
    .filter((seat) => !awayOnly.value || !sitting.present.has(seat.id))
    .map((seat) => ({ seat, team: teamOf.value.get(seat.team) }))
    .filter(({ seat, team }) => `${seat.name}\n${team?.name ?? ''}`.toLocaleLowerCase().includes(sought));
});
const told = computed(() =>
  t('desk.peopleFound', { n: found.value.length, of: desk.view.private.seats.length }),
);
</script>

<template>
  <v-dialog
    :aria-label="t('desk.people')"
    :model-value="desk.dialog === 'people'"
    max-width="640"
    :fullscreen="smAndDown"
    @update:model-value="desk.dialog = null"
  >
    <v-card class="people">
      <div class="row">
        <h2 class="grow">{{ t('desk.people') }}</h2>
        <v-btn variant="text" @click="desk.dialog = null">{{ t('common.close') }}</v-btn>
      </div>
      <v-text-field
        v-model="typed"
        v-first-focus
        class="search"
        type="search"
        :label="t('desk.findPerson')"
        :prepend-inner-icon="mdiMagnify"
        autocomplete="off"
        hide-details
      />
      <div class="row">
        <span class="muted grow" role="status">{{ told }}</span>
        <v-checkbox v-model="awayOnly" :label="t('desk.awayOnly')" density="compact" hide-details />
      </div>
      <v-virtual-scroll class="list" :items="found" :item-height="LINE">
        <template #default="{ item: { seat, team } }">
          <div class="line">
            <PlayerMenu :seat="seat" />
            <span class="grow" />
            <template v-if="team && desk.view.devices.score === 'teams'">
              <span class="clip">{{ team.name }}</span>
              <WeaveSwatch :weave="team.weave" />
            </template>
            <span v-else-if="!team" class="muted">{{ t('desk.noTeam') }}</span>
          </div>
        </template>
      </v-virtual-scroll>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.people {
  padding: 20px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.search {
  flex: none;
}
.list {
  height: min(440px, 60dvh);
}
.line {
  height: 44px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding-right: 12px;
  border-bottom: 1px solid var(--line);
}
</style>
