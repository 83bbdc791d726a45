<script setup lang="ts">
import type { TeamView } from '@distaff/core/sitting';
import type { BoostName } from '@distaff/core/formats';
import { isHindering } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDesk } from '../useDesk.ts';

/** Boosts of one team at the desk: what it has and has on, and a menu to give one or to use one for it. */
const { team } = defineProps<{ team: TeamView }>();
const { t } = useI18n();
const desk = useDesk();
const boosts = computed(() => desk.view.private.boosts);
const held = computed(() => boosts.value.held[team.id] ?? []);
const running = computed(() => desk.view.running.filter((one) => one.team === team.id));
const name = (boost: BoostName) => t(`extras.boosts.name.${boost}`);
const usable = computed(() => [...new Set(held.value)]);
/** What hinders is used against whoever leads, or the next one where that is the own team. */
const rival = computed(
  () => [...desk.view.teams].sort((a, b) => a.place - b.place).find(({ id }) => id !== team.id)?.id,
);
const use = (boost: BoostName) =>
  desk.ask({
    type: 'useBoostFor',
    team: team.id,
    boost,
    ...(isHindering(boost) && rival.value ? { on: rival.value } : {}),
  });
</script>

<template>
  <div class="boosts">
    <span v-for="(boost, i) in held" :key="i" class="slip">{{ name(boost) }}</span>
    <span v-for="one in running" :key="one.boost" class="slip on"
      >{{ name(one.boost) }}: {{ t('extras.boosts.left', one.left, { named: { n: one.left } }) }}</span
    >
    <v-menu>
      <template #activator="{ props }">
        <v-btn v-bind="props" size="x-small" variant="text">{{ t('extras.boosts.title') }}</v-btn>
      </template>
      <v-list density="compact">
        <v-list-item
          v-for="boost in usable"
          :key="`use ${boost}`"
          :title="t('extras.boosts.useOf', { boost: name(boost), team: team.name })"
          @click="use(boost)"
        />
        <v-list-subheader>{{ t('extras.boosts.give') }}</v-list-subheader>
        <v-list-item
          v-for="boost in boosts.here"
          :key="boost"
          :title="t('extras.boosts.giveOne', { boost: name(boost) })"
          @click="desk.ask({ type: 'giveBoost', team: team.id, boost })"
        />
      </v-list>
    </v-menu>
  </div>
</template>

<style scoped>
.boosts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  padding: 0 8px 6px 0;
}
.slip {
  padding: 0 8px;
  border: 1px dashed var(--stone);
  font-size: 14px;
}
.slip.on {
  background: #fbf1d2;
  border-style: solid;
}
</style>
