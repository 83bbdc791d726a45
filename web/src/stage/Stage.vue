<script setup lang="ts">
import type { StageCommand } from '@distaff/core';
import { mdiFullscreen } from '@mdi/js';
import { onMounted, onUnmounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useJoinAddress } from '../live/joinAddress.ts';
import { useSitting } from '../live/sitting.ts';
import { useServerNow } from '../live/useServerNow.ts';
import StageSound from './StageSound.vue';
import StageScreen from '../screens/stage/StageScreen.vue';

/** The stage for everyone: only looks on, but a cell can be touched to choose it. */
const { t } = useI18n();
const route = useRoute();
const sitting = useSitting();
const now = useServerNow();
const notice = ref('');
const full = ref(document.fullscreenElement !== null);

onMounted(() => {
  document.title = `${t('common.appName')} – ${t('stage.title')}`;
  const code = String(route.params.code);
  const key = route.hash.slice(1);
  sitting.connect(() => (key ? { as: 'stage', code, key } : { as: 'stage', code }));
  document.addEventListener('fullscreenchange', noticeFull);
});
onUnmounted(() => {
  sitting.leave();
  document.removeEventListener('fullscreenchange', noticeFull);
});
const noticeFull = () => (full.value = document.fullscreenElement !== null);

async function ask(command: StageCommand): Promise<void> {
  const answer = await sitting.send(command);
  if ('refused' in answer && answer.refused !== 'already') notice.value = answer.sentence;
}
const goFull = () => void document.documentElement.requestFullscreen().catch(() => {});
const address = useJoinAddress();
</script>

<template>
  <div class="page">
    <StageScreen
      v-if="sitting.stage"
      :view="sitting.stage"
      :now="now"
      :address="address"
      can-choose
      @choose="ask({ type: 'choose', ref: $event })"
      @act="ask({ type: 'act', act: $event })"
      @answer="ask({ type: 'answer', play: sitting.stage.question!.play, answer: $event })"
    />
    <div v-else-if="sitting.turnedAway" class="centre">
      <h1>{{ t('stage.turnedAway') }}</h1>
      <p>{{ sitting.turnedAway.sentence }}</p>
      <v-btn color="primary" to="/studio">{{ t('stage.signIn') }}</v-btn>
    </div>
    <p v-else class="centre">{{ t('common.loading') }}</p>
    <p v-if="sitting.stage && !sitting.connected" class="offline" role="status">
      {{ t('common.noConnection') }}
    </p>
    <StageSound v-if="sitting.stage?.sounds" class="tool" />
    <v-btn
      v-if="!full"
      class="full tool"
      :icon="mdiFullscreen"
      size="small"
      variant="text"
      :aria-label="t('stage.full')"
      :title="t('stage.full')"
      @click="goFull"
    />
    <v-snackbar :model-value="notice !== ''" @update:model-value="notice = ''">{{ notice }}</v-snackbar>
  </div>
</template>

<style scoped>
.page {
  position: relative;
  width: 100%;
  height: 100dvh;
  background: #101a17;
  color: #f2f5f1;
}
.centre {
  height: 100%;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 16px;
  text-align: center;
}
.offline {
  position: absolute;
  inset: auto 0 0 0;
  margin: 0;
  padding: 6px;
  text-align: center;
  background: var(--weld);
  color: var(--ink);
}
.full {
  position: absolute;
  right: 4px;
  bottom: 4px;
  opacity: 0.6;
}
/* It must not stand over a score: there while the mouse is, and always where there is none. */
@media (hover: hover) {
  .page:not(:hover) .tool:not(:focus-visible):not(.calls) {
    opacity: 0;
  }
}
</style>
