<script setup lang="ts">
import { spun } from '@distaff/core/formats';
import { mdiDiceMultipleOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDesk } from '../useDesk.ts';

/** What the spinner can draw, while nothing is asked. */
const { t } = useI18n();
const desk = useDesk();
const team = computed(() => {
  const id = desk.picked ?? desk.view.turn;
  return desk.view.teams.find((one) => one.id === id) ?? desk.view.teams[0] ?? null;
});
/** Whoever has no phone is no player here, and only where one chooses is there a category to draw. */
const kinds = computed(() =>
  spun.filter((what) => {
    if (what === 'player') return desk.view.devices.mode !== 'none';
    if (what === 'category' || what === 'question') return desk.view.rules?.chosen === true;
    return what !== 'surprise' || team.value !== null;
  }),
);
const show = (what: (typeof spun)[number]) =>
  desk.ask({
    type: 'showSpinner',
    what,
    ...(what === 'surprise' && team.value ? { team: team.value.id } : {}),
  });
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <v-btn
        v-bind="props"
        variant="text"
        size="small"
        :icon="mdiDiceMultipleOutline"
        :aria-label="t('extras.spinner.title')"
        :title="t('extras.spinner.title')"
      />
    </template>
    <v-list>
      <v-list-item
        v-for="what in kinds"
        :key="what"
        :title="t(`extras.spinner.menu.${what}`, { team: team?.name ?? '' })"
        @click="show(what)"
      />
    </v-list>
  </v-menu>
</template>
