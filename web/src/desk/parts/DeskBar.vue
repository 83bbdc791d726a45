<script setup lang="ts">
import {
  mdiAccountMultipleOutline,
  mdiAccountOffOutline,
  mdiAccountPlusOutline,
  mdiArrowULeftTop,
  mdiArrowURightTop,
  mdiBookOpenOutline,
  mdiChartBar,
  mdiContentCopy,
  mdiDoorClosedLock,
  mdiDoorOpen,
  mdiDotsVertical,
  mdiGestureTapButton,
  mdiHandClap,
  mdiHandClapOff,
  mdiHistory,
  mdiLayersOutline,
  mdiKeyboardOutline,
  mdiMagnify,
  mdiProjectorScreenOutline,
  mdiStop,
  mdiVolumeHigh,
  mdiVolumeOff,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOwnKey } from '../../design/useOwnKey.ts';
import { server } from '../../api/server.ts';
import { copyText } from '../../design/copyText.ts';
import { spoken, useJoinAddress } from '../../live/joinAddress.ts';
import { useSitting } from '../../live/sitting.ts';
import { useDesk } from '../useDesk.ts';
import SpinnerMenu from './SpinnerMenu.vue';
import SoundMenu from './SoundMenu.vue';

/** The top of the desk: where people join, the stage, standings, ledger, take back. */
const { sittingId } = defineProps<{ sittingId: string }>();
const { t } = useI18n();
const ownKey = useOwnKey();
const desk = useDesk();
const sitting = useSitting();
/** What a step is called; an act of a format by the format. */
const takenBack = (step: string): string =>
  t(ownKey(`formats.${desk.view.round?.format}.${step}`, `desk.step.${step}`));
const stageKey = computed(() => sitting.keys?.stage ?? '');

const address = useJoinAddress();
const copyStage = () => copy(`${address.value}${stagePath()}#${stageKey.value}`);
async function copyCoHost(): Promise<void> {
  const made = await server.deskLink(sittingId).catch((error: Error) => error.message);
  if (typeof made === 'string') desk.notice = made;
  else await copy(`${address.value}/desk/${sittingId}#${made.key}`);
}
async function closeCoHost(): Promise<void> {
  desk.notice = await server.closeDeskLink(sittingId).then(
    () => t('desk.coHostClosed'),
    (error: Error) => error.message,
  );
}
const stagePath = () => `/stage/${desk.view.code}`;
async function copy(link: string): Promise<void> {
  desk.notice = (await copyText(link)) ? t('desk.copied') : t('desk.copyFailed', { link });
}
</script>

<template>
  <header class="bar">
    <router-link to="/studio" class="home">{{ t('common.appName') }}</router-link>
    <h1 class="clip grow">{{ desk.view.title }}</h1>
    <p v-if="desk.view.devices.mode !== 'none'" class="join">
      {{ t('desk.joinAt') }} <b>{{ spoken(address) }}</b> · {{ t('desk.code') }}
      <b class="mono code">{{ desk.view.code }}</b>
    </p>
    <span v-if="!sitting.connected" class="offline" role="status">{{ t('common.noConnection') }}</span>
    <v-btn
      variant="outlined"
      :prepend-icon="mdiProjectorScreenOutline"
      :href="`${stagePath()}#${stageKey}`"
      target="distaff-stage"
      >{{ t('desk.stage') }}</v-btn
    >
    <v-btn
      v-if="desk.view.phase === 'round'"
      variant="outlined"
      :prepend-icon="mdiChartBar"
      @click="desk.toggleStandings()"
    >
      {{ t(desk.view.standings ? 'desk.hideStandings' : 'desk.standings') }}
    </v-btn>
    <v-btn
      variant="text"
      size="small"
      :icon="mdiBookOpenOutline"
      :aria-label="t('desk.ledger')"
      :title="t('desk.ledger')"
      @click="desk.ledgerOpen = !desk.ledgerOpen"
    />
    <v-btn
      variant="outlined"
      :prepend-icon="mdiArrowULeftTop"
      :disabled="!desk.view.private.takeBack"
      :title="
        desk.view.private.takeBack
          ? t('desk.backWhat', { what: takenBack(desk.view.private.takeBack) })
          : t('desk.nothingBack')
      "
      @click="desk.ask({ type: 'takeBack' })"
    >
      {{ t('desk.back') }}
    </v-btn>
    <SpinnerMenu v-if="desk.view.phase === 'round'" />
    <SoundMenu />
    <v-menu>
      <template #activator="{ props }">
        <v-btn
          v-bind="props"
          variant="text"
          :icon="mdiDotsVertical"
          size="small"
          :aria-label="t('desk.more')"
        />
      </template>
      <v-list>
        <v-list-item :prepend-icon="mdiContentCopy" :title="t('desk.copyStage')" @click="copyStage" />
        <template v-if="sitting.keys && !sitting.keys.coHost">
          <v-list-item
            :prepend-icon="mdiAccountPlusOutline"
            :title="t('desk.coHost')"
            :subtitle="t('desk.coHostHint')"
            @click="copyCoHost"
          />
          <v-list-item
            :prepend-icon="mdiAccountOffOutline"
            :title="t('desk.coHostClose')"
            @click="closeCoHost"
          />
        </template>
        <v-list-item
          :prepend-icon="mdiLayersOutline"
          :title="t('desk.overlay')"
          :href="`/overlay/${desk.view.code}/try#${sitting.keys?.view ?? ''}`"
          target="distaff-overlay"
        />
        <v-list-item
          :prepend-icon="mdiArrowURightTop"
          :title="t('desk.forward')"
          :disabled="!desk.view.private.forward"
          @click="desk.ask({ type: 'forward' })"
        />
        <v-list-item
          v-if="desk.view.private.muted !== null"
          :prepend-icon="desk.view.private.muted ? mdiVolumeHigh : mdiVolumeOff"
          :title="t(desk.view.private.muted ? 'desk.unmute' : 'desk.mute')"
          @click="desk.toggleSound()"
        />
        <v-list-item
          v-if="desk.view.devices.mode !== 'none'"
          :prepend-icon="desk.view.private.reactions ? mdiHandClapOff : mdiHandClap"
          :title="t(desk.view.private.reactions ? 'desk.stopReactions' : 'desk.allowReactions')"
          @click="desk.ask({ type: 'allowReactions', on: !desk.view.private.reactions })"
        />
        <v-list-item
          :prepend-icon="mdiAccountMultipleOutline"
          :title="t('desk.people')"
          @click="desk.showPeople()"
        />
        <v-list-item
          v-if="desk.view.phase !== 'closed' && desk.view.devices.mode !== 'none'"
          :prepend-icon="desk.view.doors.locked ? mdiDoorOpen : mdiDoorClosedLock"
          :title="t(desk.view.doors.locked ? 'desk.unlockDoors' : 'desk.lockDoors')"
          @click="desk.ask({ type: 'lockDoors', on: !desk.view.doors.locked })"
        />
        <v-list-item :prepend-icon="mdiHistory" :title="t('desk.earlier')" @click="desk.dialog = 'earlier'" />
        <v-list-item :prepend-icon="mdiMagnify" :title="t('desk.palette')" @click="desk.dialog = 'palette'" />
        <v-list-item
          :prepend-icon="mdiGestureTapButton"
          :title="t('desk.gear.title')"
          @click="desk.dialog = 'gear'"
        />
        <v-list-item
          :prepend-icon="mdiKeyboardOutline"
          :title="t('desk.keys')"
          @click="desk.dialog = 'keys'"
        />
        <v-list-item
          v-if="desk.view.phase === 'round'"
          :prepend-icon="mdiStop"
          :title="t('desk.closeShow')"
          @click="desk.dialog = 'close'"
        />
      </v-list>
    </v-menu>
  </header>
</template>

<style scoped>
.bar {
  grid-area: bar;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 8px 12px 8px 16px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.home {
  font-family: var(--display);
  font-weight: 700;
  color: var(--moss);
  text-decoration: none;
  padding-right: 8px;
}
h1 {
  font-size: 18px;
  min-width: 120px;
}
.join {
  margin: 0 8px 0 0;
  white-space: nowrap;
}
@media (max-width: 420px) {
  .join {
    white-space: normal;
  }
}
.code {
  letter-spacing: 0.1em;
}
.offline {
  padding: 4px 10px;
  border-radius: 6px;
  background: var(--weld);
  color: var(--ink);
}
</style>
