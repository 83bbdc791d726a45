<script setup lang="ts">
import { mdiAccountMultipleOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../../live/sitting.ts';
import { useDesk } from '../useDesk.ts';
import PlayerMenu from './PlayerMenu.vue';

/** The players of one team: each by name, or their number where there are too many to read here. */
const { team } = defineProps<{ team: string }>();
const { t } = useI18n();
const desk = useDesk();
const sitting = useSitting();
const seats = computed(() => desk.playersOf.get(team) ?? []);
const away = computed(() => seats.value.filter((seat) => !sitting.present.has(seat.id)).length);
const told = computed(() => t('desk.players', seats.value.length, { named: { n: seats.value.length } }));
</script>

<template>
  <ul v-if="!desk.crowded && seats.length" class="players" :aria-label="told">
    <li v-for="seat in seats" :key="seat.id"><PlayerMenu :seat="seat" /></li>
  </ul>
  <v-btn
    v-else-if="seats.length"
    size="small"
    variant="text"
    :prepend-icon="mdiAccountMultipleOutline"
    @click="desk.showPeople(team)"
  >
    {{ told }}
    <template v-if="away">({{ t('desk.awayCount', { n: away }) }})</template>
  </v-btn>
</template>

<style scoped>
.players {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
</style>
