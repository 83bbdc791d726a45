<script setup lang="ts">
import {
  previewDesk,
  previewSeat,
  previewStage,
  previewSteps,
  type PreviewStep,
} from '@distaff/core/preview';
import type { Question } from '@distaff/core/question';
import type { Show } from '@distaff/core/show';
import { watchDebounced } from '@vueuse/core';
import { computed, ref, shallowRef, toRaw, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DeskPicture from '../../screens/desk/DeskPicture.vue';
import ChoiceBar from '../../design/ChoiceBar.vue';
import HandsetScreen from '../../screens/handset/HandsetScreen.vue';
import StageScreen from '../../screens/stage/StageScreen.vue';

/** The chosen cell as stage and handset will show it: the live screens themselves, at true proportions. */
const {
  show,
  cell,
  question,
  round = 0,
  touched,
} = defineProps<{
  show: Show;
  /** Counts the changes of what is written. */
  touched: number;
  /** Which round of the show. */
  round?: number;
  cell: string | null;
  question: Question | null;
}>();
const { t } = useI18n();
const step = ref<PreviewStep>('open');

/** What is written is read past the watching of its changes: that is many times faster. */
function look() {
  if (show.teams.length === 0) return null;
  const given = [toRaw(show), cell, toRaw(question), step.value, round] as const;
  return { stage: previewStage(...given), desk: previewDesk(...given) };
}
const view = shallowRef(look());
/** A pause in typing after which the pictures follow (ms): the screens are drawn anew each time. */
const PAUSE = 250;
watch([() => cell, () => round, step], () => (view.value = look()));
watchDebounced([() => show, () => question, () => touched], () => (view.value = look()), { debounce: PAUSE });
const seat = computed(() => previewSeat(show, t('studio.previewPlayer')));
</script>

<template>
  <aside class="preview" :aria-label="t('studio.preview')">
    <div class="row">
      <h2 class="grow">{{ t('studio.preview') }}</h2>
      <slot />
      <ChoiceBar
        v-model="step"
        size="x-small"
        :label="t('studio.previewStep')"
        :items="previewSteps.map((value) => ({ value, title: t(`studio.steps.${value}`) }))"
      />
    </div>
    <template v-if="view">
      <h3>{{ t('studio.asStage') }}</h3>
      <div class="stage" inert><StageScreen :view="view.stage" :now="0" /></div>
      <h3>{{ t('studio.asHandset') }}</h3>
      <div class="phone" inert>
        <HandsetScreen class="screen" :view="view.stage" :seat="seat" :now="0" connected :sending="false" />
      </div>
      <template v-if="view.desk.question">
        <h3>{{ t('studio.asDesk') }}</h3>
        <div class="desk" inert><DeskPicture class="column" :view="view.desk" /></div>
      </template>
    </template>
  </aside>
</template>

<style scoped>
/* The steps and what stands beside them may need a second line. */
.row {
  flex-wrap: wrap;
}
.row > h2 {
  flex: 1 0 auto;
}
.preview {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
h3 {
  font-size: 14px;
  color: var(--stone);
}
.stage {
  aspect-ratio: 16 / 9;
  width: 100%;
  flex: none;
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: hidden;
}
/* The middle column of the desk, 540 px wide, at six tenths of its size. */
.desk {
  flex: none;
  align-self: center;
  width: 324px;
  max-width: 100%;
  overflow: clip;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.column {
  width: 540px;
  zoom: 0.6;
}
/* A handset of 390 × 844 at six tenths of its size. */
.phone {
  width: 234px;
  height: 506px;
  flex: none;
  /* Clipped, not scrolled: a scroller would hold the handset's own bottom line too high. */
  overflow: clip;
  border: 1px solid var(--line);
  border-radius: 12px;
  align-self: center;
}
.screen {
  width: 390px;
  height: 844px;
  transform: scale(0.6);
  transform-origin: 0 0;
}
</style>
