<script setup lang="ts">
import { previewStage, showAround } from '@distaff/core/preview';
import type { Question } from '@distaff/core/question';
import type { Remark } from '@distaff/core/review';
import { nextTick, ref, shallowRef } from 'vue';
import { pictureUrl } from '../../design/media/mediaUrl.ts';
import StageScreen from '../../screens/stage/StageScreen.vue';

/** The real stage, 16:9 and out of sight, on which questions are measured one after the other. */
const root = ref<HTMLElement | null>(null);
const view = shallowRef<ReturnType<typeof previewStage> | null>(null);
/** Rounding of boxes, in pixels. */
const HAIR = 2;
/** Height of the stage, in pixels. */
const HEIGHT = 720;
/** Type lower than this share of the screen is not read at the back of a room. */
const SMALLEST = 0.0298;

/** Whether a question asks too much of the stage: it had to give way too far, or is cut off even so. */
function cutOff(): boolean {
  const section = root.value?.querySelector<HTMLElement>('.question');
  if (!section) return false;
  const texts = [...section.querySelectorAll('.prompt, .bars li:not(.gone)')];
  const smallest = Math.min(...texts.map((text) => parseFloat(getComputedStyle(text).fontSize)));
  return (
    smallest < SMALLEST * HEIGHT ||
    section.scrollHeight > section.clientHeight + HAIR ||
    section.scrollWidth > section.clientWidth + HAIR
  );
}

/** @returns a remark for the first step at which something is cut off, or null. */
async function measure(question: Question): Promise<Remark | null> {
  const { show, ref: cell } = showAround(question, '');
  const pictures = [question.picture, question.answerPicture].flatMap((one) => one ?? []);
  // A picture that is not there yet takes no place.
  await Promise.all(
    pictures.map(async ({ file }) => {
      const img = new Image();
      img.src = pictureUrl(file, 'large');
      await img.decode().catch(() => undefined);
    }),
  );
  for (const step of ['open', 'key'] as const) {
    view.value = previewStage(show, cell, question, step);
    // The first turn draws; the second is for what is fetched, such as the renderer of formulas.
    // The last one is for what gives way so that all has room.
    for (let turn = 0; turn < 3; turn++) await nextTick();
    if (cutOff()) return { code: 'tooLongForStage', weight: 'should', params: { step }, mend: null };
  }
  view.value = null;
  return null;
}
defineExpose({ measure });
</script>

<template>
  <div ref="root" class="measure" aria-hidden="true" inert>
    <StageScreen v-if="view" :view="view" :now="0" />
  </div>
</template>

<style scoped>
.measure {
  position: fixed;
  left: -4000px;
  top: 0;
  width: 1280px;
  height: 720px;
  visibility: hidden;
}
</style>
