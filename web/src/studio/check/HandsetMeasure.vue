<script setup lang="ts">
import { previewSeat, previewStage, showAround } from '@distaff/core/preview';
import type { Question } from '@distaff/core/question';
import type { SeatView } from '@distaff/core/sitting';
import { nextTick, ref, shallowRef } from 'vue';
import HandsetScreen from '../../screens/handset/HandsetScreen.vue';

/**
 * The real handset of a small old phone (320 × 568 CSS pixels), out of sight. A handset scrolls, so a
 * question is too long only where its options begin below the first screen.
 */
const root = ref<HTMLElement | null>(null);
const view = shallowRef<ReturnType<typeof previewStage> | null>(null);
const HEIGHT = 568;
const seat = shallowRef<SeatView | null>(null);

/** @returns whether the first thing to answer with lies below the first screen. */
async function measure(question: Question): Promise<boolean> {
  const { show, ref: cell } = showAround(question, '');
  seat.value = previewSeat(show, '');
  view.value = previewStage(show, cell, question, 'open');
  await nextTick();
  await nextTick();
  const first = root.value?.querySelector<HTMLElement>('.answer-pad, input, button, li');
  const top = root.value?.getBoundingClientRect().top ?? 0;
  const below = first ? first.getBoundingClientRect().top - top > HEIGHT : false;
  view.value = null;
  return below;
}
defineExpose({ measure });
</script>

<template>
  <div ref="root" class="measure" aria-hidden="true" inert>
    <HandsetScreen v-if="view && seat" :view="view" :seat="seat" :now="0" connected :sending="false" />
  </div>
</template>

<style scoped>
.measure {
  position: fixed;
  left: -4000px;
  top: 0;
  width: 320px;
  height: 568px;
  overflow: hidden;
  visibility: hidden;
}
</style>
