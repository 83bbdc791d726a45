<script setup lang="ts">
import { mdiCheckBold, mdiClose, mdiGestureTapButton } from '@mdi/js';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { useDesk } from '../useDesk.ts';
import { useGear } from './gear.ts';

/** Which buzzer is whose: each is learned by pressing it once. */
const { t } = useI18n();
const desk = useDesk();
const gear = useGear();
const open = computed({
  get: () => desk.dialog === 'gear',
  set: (on) => (desk.dialog = on ? 'gear' : null),
});
// Whoever closes the dialog is done with learning.
watch(open, (on) => on || (gear.learning = null));

/** What a buzzer is called: which button of what. */
function told(signal: string): string {
  const [kind, ...rest] = signal.split(' ');
  if (kind === 'key') return t('desk.gear.key', { key: rest.join(' ').replace(/^(?:Key|Digit)/, '') });
  if (kind === 'virtual') return t('desk.gear.virtual', { n: Number(rest[0]) });
  return t('desk.gear.button', { pad: Number(rest[0]) + 1, n: Number(rest[1]) + 1 });
}
const toggle = (team: string) => (gear.learning = gear.learning === team ? null : team);
</script>

<template>
  <DialogFrame v-model="open" :title="t('desk.gear.title')">
    <p>{{ t('desk.gear.how') }}</p>
    <p v-if="gear.learning" class="learning" role="status">
      {{
        t('desk.gear.pressNow', { team: desk.view.teams.find(({ id }) => id === gear.learning)?.name ?? '' })
      }}
    </p>
    <ul>
      <li v-for="team in desk.view.teams" :key="team.id" :class="{ seen: gear.seen === team.id }">
        <WeaveSwatch :weave="team.weave" />
        <span class="grow clip">{{ team.name }}</span>
        <span class="muted">
          <v-icon v-if="gear.seen === team.id" :icon="mdiCheckBold" size="18" />
          {{ gear.signalOf(team.id) === null ? t('desk.gear.none') : told(gear.signalOf(team.id)!) }}
        </span>
        <v-btn
          size="small"
          variant="outlined"
          :prepend-icon="mdiGestureTapButton"
          :color="gear.learning === team.id ? 'primary' : undefined"
          :aria-pressed="gear.learning === team.id"
          :aria-label="t('desk.gear.learnOf', { team: team.name })"
          @click="toggle(team.id)"
          >{{ t('desk.gear.learn') }}</v-btn
        >
        <v-btn
          size="small"
          variant="text"
          :icon="mdiClose"
          :disabled="gear.signalOf(team.id) === null"
          :aria-label="t('desk.gear.forget', { team: team.name })"
          @click="gear.forget(team.id)"
        />
      </li>
    </ul>
    <p class="muted">{{ t('desk.gear.inFront') }}</p>
    <p class="muted">{{ t('desk.gear.clicker') }}</p>
    <template #actions>
      <v-btn variant="text" href="/buzzers/try" target="distaff-buzzers">{{ t('desk.gear.tryThem') }}</v-btn>
      <v-btn variant="outlined" @click="open = false">{{ t('common.close') }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 12px 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 6px 8px;
  border: 1px solid transparent;
  border-radius: 6px;
}
.seen {
  border-color: var(--moss);
  background: #f2f6f3;
}
.learning {
  padding: 8px 12px;
  border-left: 4px solid var(--weld);
  background: #fbf1d2;
  font-weight: 700;
}
p {
  margin: 0 0 8px;
}
</style>
