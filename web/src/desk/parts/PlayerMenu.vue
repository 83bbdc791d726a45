<script setup lang="ts">
import {
  mdiAccountArrowRightOutline,
  mdiAccountCancelOutline,
  mdiAccountRemoveOutline,
  mdiCellphoneArrowDown,
  mdiDotsHorizontal,
  mdiEyeOffOutline,
  mdiEyeOutline,
  mdiPencilOutline,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../../live/sitting.ts';
import { useDesk, type Player } from '../useDesk.ts';

/** One player: who it is, whether connected, and what can be done about them. */
const { seat } = defineProps<{ seat: Player }>();
const { t } = useI18n();
const desk = useDesk();
const sitting = useSitting();
const away = computed(() => !sitting.present.has(seat.id));
/** Another team to go to; where everybody plays alone there is none. */
const others = computed(() =>
  desk.view.devices.score === 'players' ? [] : desk.view.teams.filter((one) => one.id !== seat.team),
);
/** More teams than this are not read in a menu, but searched. */
const LISTED = 12;
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <button v-bind="props" type="button" class="player" :class="{ away, held: seat.asked !== null }">
        <v-icon v-if="seat.asked !== null" :icon="mdiEyeOffOutline" size="14" />
        {{ seat.name }}<span v-if="away"> ({{ t('desk.away') }})</span>
        <v-icon :icon="mdiDotsHorizontal" size="14" />
      </button>
    </template>
    <v-list>
      <v-list-item
        v-if="seat.asked !== null"
        :prepend-icon="mdiEyeOutline"
        :title="t('desk.letNameThrough', { name: seat.asked })"
        :subtitle="t('desk.nameHeld')"
        @click="desk.ask({ type: 'renameSeat', seat: seat.id, name: seat.asked })"
      />
      <v-list-item
        :prepend-icon="mdiPencilOutline"
        :title="t('desk.renamePlayer', { name: seat.name })"
        @click="desk.person = { seat, act: 'rename' }"
      />
      <v-list-item
        v-if="others.length > LISTED"
        :prepend-icon="mdiAccountArrowRightOutline"
        :title="t('desk.movePlayer', { name: seat.name })"
        @click="desk.person = { seat, act: 'move' }"
      />
      <template v-else>
        <v-list-item
          v-for="other in others"
          :key="other.id"
          :prepend-icon="mdiAccountArrowRightOutline"
          :title="t('desk.moveTo', { team: other.name })"
          @click="desk.ask({ type: 'moveSeat', seat: seat.id, team: other.id })"
        />
      </template>
      <v-list-item
        v-if="desk.view.devices.mode !== 'none'"
        :prepend-icon="mdiCellphoneArrowDown"
        :title="t('desk.otherPhone', { name: seat.name })"
        @click="desk.showSeatCode(seat)"
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
</template>

<style scoped>
.player {
  min-height: 26px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 13px;
  font-size: 14px;
  cursor: pointer;
}
.held {
  border: 2px solid var(--weld);
}
.away {
  border-style: dashed;
  color: var(--stone);
}
</style>
