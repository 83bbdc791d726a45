<script setup lang="ts">
import type { Picture } from '@distaff/core/media';
import { useI18n } from 'vue-i18n';
import { pictureUrl } from '../../design/media/mediaUrl.ts';

/** The point that stays in sight where a picture is trimmed: set by a click, or moved with the arrow keys. */
const focus = defineModel<{ x: number; y: number }>({ required: true });
const { picture } = defineProps<{ picture: Picture }>();
const { t } = useI18n();
const within = (value: number) => Math.min(1, Math.max(0, Math.round(value * 100) / 100));
const STEP = 0.05;
function point(event: MouseEvent): void {
  // A click by keyboard has no place.
  if (event.detail === 0) return;
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
  focus.value = {
    x: within((event.clientX - box.left) / box.width),
    y: within((event.clientY - box.top) / box.height),
  };
}
const move = (x: number, y: number) =>
  (focus.value = { x: within(focus.value.x + x * STEP), y: within(focus.value.y + y * STEP) });
</script>

<template>
  <div class="focus">
    <button
      type="button"
      class="whole"
      :aria-label="t('media.focusAt', { x: Math.round(focus.x * 100), y: Math.round(focus.y * 100) })"
      @click="point"
      @keydown.left.prevent="move(-1, 0)"
      @keydown.right.prevent="move(1, 0)"
      @keydown.up.prevent="move(0, -1)"
      @keydown.down.prevent="move(0, 1)"
    >
      <img :src="pictureUrl(picture.file, 'large')" alt="" draggable="false" />
      <i :style="{ left: `${focus.x * 100}%`, top: `${focus.y * 100}%` }" />
    </button>
    <p class="muted">{{ t('media.focusHint') }}</p>
  </div>
</template>

<style scoped>
.focus {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  background: #eef1ee;
  border-radius: 6px;
  padding: 8px;
}
.whole {
  position: relative;
  cursor: crosshair;
}
img {
  display: block;
  max-width: 100%;
  max-height: 260px;
}
i {
  position: absolute;
  width: 22px;
  height: 22px;
  margin: -11px 0 0 -11px;
  border: 3px solid #fff;
  border-radius: 50%;
  box-shadow: 0 0 0 2px #14211d;
  pointer-events: none;
}
p {
  margin: 0;
  font-size: 14px;
}
</style>
