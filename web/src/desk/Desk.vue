<script setup lang="ts">
import { onMounted, onUnmounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { server } from '../api/server.ts';
import { useSitting } from '../live/sitting.ts';
import { deskActions } from './actions.ts';
import AdjustDialog from './parts/AdjustDialog.vue';
import ClaimsNote from './parts/ClaimsNote.vue';
import CloseDialog from './parts/CloseDialog.vue';
import GearDialog from './gear/GearDialog.vue';
import { useBuzzers } from './gear/useBuzzers.ts';
import DeskBar from './parts/DeskBar.vue';
import DeskNow from './parts/DeskNow.vue';
import DeskTeams from './parts/DeskTeams.vue';
import EarlierDialog from './parts/EarlierDialog.vue';
import EnterDialog from './parts/EnterDialog.vue';
import KeysDialog from './parts/KeysDialog.vue';
import LedgerDrawer from './parts/LedgerDrawer.vue';
import NextStepBar from './parts/NextStepBar.vue';
import PaletteDialog from './parts/PaletteDialog.vue';
import PeopleDialog from './parts/PeopleDialog.vue';
import PersonDialog from './parts/PersonDialog.vue';
import RehearsalBar from './parts/RehearsalBar.vue';
import RunningOrder from './parts/RunningOrder.vue';
import TallyDialog from './parts/TallyDialog.vue';
import { useDesk } from './useDesk.ts';
import { useDeskKeys } from './useDeskKeys.ts';

/** The host's desk: running order, what is on, teams; and along the bottom what Space will do. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const sitting = useSitting();
const desk = useDesk();
const id = String(route.params.sitting);
const now = ref<InstanceType<typeof DeskNow> | null>(null);

const next = () =>
  desk.nextStep(
    () => now.value?.focusBoard(),
    // What was rehearsed is in no results: it is added up instead.
    () => (sitting.rehearsal ? void (desk.dialog = 'tally') : void router.push(`/results/${id}`)),
  );
const actions = deskActions(next);
useBuzzers();
useDeskKeys(actions);

onMounted(() => {
  document.title = `${t('common.appName')} – ${t('desk.title')}`;
  // A co-host comes by a link whose key stands behind the #, so in no log.
  const key = route.hash.slice(1);
  sitting.connect(() => (key ? { as: 'desk', sitting: id, key } : { as: 'desk', sitting: id }));
});
onUnmounted(() => sitting.leave());
/** The show that is rehearsed, to go back to. */
const showId = ref<string | null>(null);
watch(
  () => sitting.rehearsal !== null,
  async (on) => {
    if (on)
      showId.value = await server.sitting(id).then(
        (one) => one.showId,
        () => null,
      );
  },
);
</script>

<template>
  <div v-if="sitting.turnedAway" class="centre">
    <h1>{{ t('desk.notHere') }}</h1>
    <p>{{ sitting.turnedAway.sentence }}</p>
    <v-btn color="primary" :to="{ path: '/studio/sign-in', query: { to: route.fullPath } }">{{
      t('desk.signIn')
    }}</v-btn>
  </div>
  <div v-else-if="!sitting.desk" class="centre" role="status">{{ t('common.loading') }}</div>
  <div v-else class="desk" :data-seq="sitting.desk.seq">
    <DeskBar :sitting-id="id" />
    <RunningOrder class="order" />
    <DeskNow ref="now" class="now" />
    <DeskTeams class="teams" />
    <div class="next">
      <RehearsalBar v-if="sitting.rehearsal" :show-id="showId" />
      <NextStepBar @next="next" />
    </div>
    <TallyDialog v-if="sitting.rehearsal" :sitting-id="id" />
    <LedgerDrawer />
    <AdjustDialog />
    <CloseDialog />
    <EarlierDialog />
    <EnterDialog />
    <PeopleDialog />
    <PersonDialog />
    <KeysDialog :actions="actions" />
    <GearDialog />
    <PaletteDialog :actions="actions" />
    <ClaimsNote v-if="sitting.claims.length" class="claims" />
    <v-snackbar
      :model-value="desk.notice !== ''"
      location="top"
      :timeout="8000"
      @update:model-value="desk.notice = ''"
    >
      {{ desk.notice }}
      <template #actions
        ><v-btn variant="text" @click="desk.notice = ''">{{ t('common.close') }}</v-btn></template
      >
    </v-snackbar>
  </div>
</template>

<style scoped>
.desk {
  height: 100dvh;
  display: grid;
  grid-template:
    'bar bar bar' auto 'order now teams' minmax(0, 1fr) 'next next next' auto / 190px minmax(0, 1fr)
    360px;
}
.order {
  grid-area: order;
  border-right: 1px solid var(--line);
  overflow-y: auto;
}
.now {
  grid-area: now;
  overflow-y: auto;
}
.teams {
  grid-area: teams;
  border-left: 1px solid var(--line);
  overflow-y: auto;
}
.next {
  grid-area: next;
}
.centre {
  min-height: 100dvh;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 16px;
}
@media (max-width: 1000px) {
  .desk {
    height: auto;
    min-height: 100dvh;
    grid-template: 'bar' auto 'now' auto 'teams' auto 'order' auto 'next' auto / minmax(0, 1fr);
  }
  .teams,
  .order {
    border: none;
    border-top: 1px solid var(--line);
  }
  .next {
    position: sticky;
    bottom: 0;
    z-index: 1;
    background: var(--chalk);
  }
}
</style>
