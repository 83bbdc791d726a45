<script setup lang="ts">
import type { StageCommand } from '@distaff/core/sitting';
import { mdiArrowRight, mdiArrowULeftTop, mdiFullscreen, mdiGestureTapButton } from '@mdi/js';
import { useEventListener } from '@vueuse/core';
import { onMounted, onUnmounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useJoinAddress } from '../live/joinAddress.ts';
import { useSitting } from '../live/sitting.ts';
import { told } from '../words/told.ts';
import { useServerNow } from '../live/useServerNow.ts';
import StageReactions from './StageReactions.vue';
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
});
onUnmounted(() => sitting.leave());
useEventListener(document, 'fullscreenchange', () => (full.value = document.fullscreenElement !== null));

async function ask(command: StageCommand): Promise<void> {
  const answer = await sitting.send(command);
  if ('refused' in answer && answer.refused !== 'already') notice.value = told(answer);
}
/** The stage alone can lead through a show: by buttons that are shown on wish, by keys, or by a clicker. */
const stepping = ref(false);
const step = () => {
  const view = sitting.stage;
  if (view && sitting.waiting === 0) void ask({ type: 'next', after: view.steppedWith });
};
const stepBack = () => void ask({ type: 'takeBackStep' });
const forwards = ['PageDown', 'ArrowRight', ' ', 'Enter'];
const backwards = ['PageUp', 'ArrowLeft'];
function press(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
  // Whoever walks over the board or types an answer means something else by these keys.
  if (event.target instanceof HTMLElement && event.target.closest('input, textarea, button, a')) return;
  if (event.key.toLowerCase() === 's' && sitting.stage?.spinner) return void ask({ type: 'spin' });
  if (forwards.includes(event.key)) step();
  else if (backwards.includes(event.key)) stepBack();
  else return;
  event.preventDefault();
}
useEventListener(window, 'keydown', press);
const goFull = () => void document.documentElement.requestFullscreen().catch(() => {});
const address = useJoinAddress();
</script>

<template>
  <div class="page">
    <StageReactions />
    <StageScreen
      v-if="sitting.stage"
      :class="{ above: stepping }"
      :view="sitting.stage"
      :now="now"
      :address="address"
      can-choose
      @choose="ask({ type: 'choose', ref: $event })"
      @act="ask({ type: 'act', act: $event })"
      @spin="ask({ type: 'spin', strength: $event })"
      @answer="ask({ type: 'answer', play: sitting.stage.question!.play, answer: $event })"
    >
      <template #tools>
        <div class="tools">
          <StageSound v-if="sitting.stage.sounds" class="tool" />
          <v-btn
            class="tool"
            :icon="mdiGestureTapButton"
            size="small"
            variant="text"
            :aria-pressed="stepping"
            :aria-label="t(stepping ? 'stage.stepOff' : 'stage.stepOn')"
            :title="t(stepping ? 'stage.stepOff' : 'stage.stepOn')"
            @click="stepping = !stepping"
          />
          <v-btn
            v-if="!full"
            class="tool"
            :icon="mdiFullscreen"
            size="small"
            variant="text"
            :aria-label="t('stage.full')"
            :title="t('stage.full')"
            @click="goFull"
          />
        </div>
      </template>
    </StageScreen>
    <div v-else-if="sitting.turnedAway" class="centre">
      <h1>{{ t('stage.turnedAway') }}</h1>
      <p>{{ sitting.turnedAway.sentence }}</p>
      <v-btn color="primary" to="/studio">{{ t('stage.signIn') }}</v-btn>
    </div>
    <p v-else class="centre">{{ t('common.loading') }}</p>
    <p v-if="sitting.stage && !sitting.connected" class="offline" role="status">
      {{ t('common.noConnection') }}
    </p>
    <div v-if="stepping && sitting.stage" class="steps">
      <v-btn size="large" variant="tonal" :prepend-icon="mdiArrowULeftTop" @click="stepBack">{{
        t('stage.stepBack')
      }}</v-btn>
      <v-btn size="large" color="primary" :append-icon="mdiArrowRight" @click="step">{{
        t('stage.step')
      }}</v-btn>
    </div>
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
/* In the header, where they stand over nothing; faint while nobody points at the stage. */
.tools {
  flex: none;
  align-self: center;
  display: flex;
}
.tool {
  opacity: 0.75;
}
@media (hover: hover) {
  .page:not(:hover) .tool:not(:focus-visible, .calls) {
    opacity: 0;
  }
}
/* The picture stands above the steps that are touched, not under them. */
.page .above {
  height: calc(100dvh - 64px);
}
.steps {
  position: absolute;
  inset: auto 0 0;
  display: flex;
  justify-content: space-between;
  padding: 8px 12px;
}
</style>
