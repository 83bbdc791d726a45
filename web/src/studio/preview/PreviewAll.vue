<script setup lang="ts">
import { plainText } from '@distaff/core/text';
import {
  previewDesk,
  previewSeat,
  previewStage,
  previewSteps,
  type PreviewStep,
} from '@distaff/core/preview';
import { mdiChevronLeft, mdiChevronRight, mdiMonitorDashboard } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceBar from '../../design/ChoiceBar.vue';
import DeskPicture from '../../screens/desk/DeskPicture.vue';
import HandsetScreen from '../../screens/handset/HandsetScreen.vue';
import OverlayScreen from '../../screens/overlay/OverlayScreen.vue';
import StageScreen from '../../screens/stage/StageScreen.vue';
import { useEditor } from '../editor.ts';
import { useRoundName } from '../order/useRoundName.ts';
import { useAllPlaces } from './useAllPlaces.ts';

/** Any question at any step on every surface at once: the live screens themselves, side by side. */
const { t } = useI18n();
const editor = useEditor();
const nameOf = useRoundName();
const { places } = useAllPlaces();
const open = ref(false);
const at = ref(0);
const step = ref<PreviewStep>('open');
watch(open, (on) => {
  // It begins with the round that is looked at.
  if (on)
    at.value = Math.max(
      0,
      places.value.findIndex((one) => one.round === editor.index),
    );
});
const place = computed(() => places.value[Math.min(at.value, places.value.length - 1)] ?? null);
const question = computed(() => {
  const id = place.value?.question ?? null;
  return id === null ? null : (editor.show!.questions[id] ?? null);
});
const given = computed(
  () =>
    [editor.show!, place.value?.ref ?? null, question.value, step.value, place.value?.round ?? 0] as const,
);
const stage = computed(() => previewStage(...given.value));
const desk = computed(() => previewDesk(...given.value));
const seat = computed(() => previewSeat(editor.show!, t('studio.previewPlayer')));
const handsets = [
  { name: 'large', width: 390, height: 844 },
  { name: 'small', width: 320, height: 568 },
] as const;
const titleOf = (one: (typeof places.value)[number]) => {
  const prompt = one.question === null ? '' : plainText(editor.show!.questions[one.question]?.prompt ?? '');
  return [nameOf(editor.show!.rounds[one.round]!), prompt].filter(Boolean).join(' · ');
};
const move = (by: number) => (at.value = (at.value + by + places.value.length) % places.value.length);
</script>

<template>
  <v-btn size="small" variant="outlined" :prepend-icon="mdiMonitorDashboard" @click="open = true">{{
    t('preview.all')
  }}</v-btn>
  <v-dialog v-model="open" fullscreen :aria-label="t('preview.all')">
    <v-card class="all">
      <div class="row tools">
        <h2>{{ t('preview.all') }}</h2>
        <v-btn
          variant="text"
          size="small"
          :icon="mdiChevronLeft"
          :aria-label="t('preview.before')"
          @click="move(-1)"
        />
        <v-select
          v-model="at"
          class="what"
          :label="t('preview.what')"
          :items="places.map((one, value) => ({ value, title: titleOf(one) }))"
        />
        <v-btn
          variant="text"
          size="small"
          :icon="mdiChevronRight"
          :aria-label="t('preview.next')"
          @click="move(1)"
        />
        <ChoiceBar
          v-model="step"
          :label="t('studio.previewStep')"
          :items="previewSteps.map((value) => ({ value, title: t(`studio.steps.${value}`) }))"
        />
        <span class="grow" />
        <v-btn variant="text" @click="open = false">{{ t('common.close') }}</v-btn>
      </div>
      <div class="surfaces">
        <div class="wide">
          <figure>
            <figcaption>{{ t('studio.asStage') }}</figcaption>
            <div class="screen sixteen" inert><StageScreen :view="stage" :now="0" /></div>
          </figure>
          <figure>
            <figcaption>{{ t('preview.overlay') }}</figcaption>
            <div class="screen sixteen stream" inert>
              <OverlayScreen :view="stage" place="bottom" address="" :now="0" />
            </div>
          </figure>
        </div>
        <figure v-for="one in handsets" :key="one.name">
          <figcaption>{{ t(`preview.${one.name}`, { width: one.width, height: one.height }) }}</figcaption>
          <div
            class="screen phone"
            inert
            :style="{ width: `${one.width * 0.72}px`, height: `${one.height * 0.72}px` }"
          >
            <HandsetScreen
              class="zoomed"
              :style="{ width: `${one.width}px`, height: `${one.height}px` }"
              :view="stage"
              :seat="seat"
              :now="0"
              connected
              :sending="false"
            />
          </div>
        </figure>
        <figure v-if="desk.question" class="desk">
          <figcaption>{{ t('studio.asDesk') }}</figcaption>
          <div class="screen" inert><DeskPicture class="column" :view="desk" /></div>
        </figure>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.all {
  padding: 14px 20px;
  background: var(--chalk);
  overflow: auto;
}
.tools {
  flex-wrap: wrap;
}
.what {
  flex: 1 1 320px;
  max-width: 560px;
}
.surfaces {
  margin-top: 14px;
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: 16px 20px;
}
figure {
  margin: 0;
}
figcaption {
  margin-bottom: 6px;
  color: var(--stone);
  font-weight: 700;
  font-size: 14px;
}
.wide {
  flex: 1 1 480px;
  max-width: 640px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.screen {
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: clip;
}
.sixteen {
  aspect-ratio: 16 / 9;
}
/* A stand-in for the picture of a stream. */
.stream {
  background: linear-gradient(160deg, #6d8aa0, #c9b79a 60%, #7d8f6f);
}
.zoomed {
  transform: scale(0.72);
  transform-origin: 0 0;
}
.desk .screen {
  width: 432px;
  background: var(--paper);
}
.column {
  width: 540px;
  zoom: 0.8;
}
</style>
