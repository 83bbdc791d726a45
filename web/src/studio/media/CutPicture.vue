<script setup lang="ts">
import type { Cut, Picture } from '@distaff/core/media';
import { computed, ref } from 'vue';
import { Cropper } from 'vue-advanced-cropper';
import 'vue-advanced-cropper/dist/style.css';
import { useI18n } from 'vue-i18n';
import NumberField from '../question/NumberField.vue';
import { pictureUrl } from '../../design/media/mediaUrl.ts';

/** Cuts a part out of a picture, always from the whole one. */
const { picture, busy } = defineProps<{ picture: Picture; busy: boolean }>();
const emit = defineEmits<{ cut: [part: Cut | null]; cancel: [] }>();
const { t } = useI18n();
const whole = computed(() => picture.cutOf?.file ?? picture.file);

interface Result {
  coordinates: { left: number; top: number; width: number; height: number };
  image: { width: number; height: number } | null;
}
const result = ref<Result | null>(null);
const share = (part: number, of: number) => Math.min(1, Math.max(0, part / of));
function done(): void {
  const { coordinates, image } = result.value ?? {};
  if (!coordinates || !image) return;
  const x = share(coordinates.left, image.width);
  const y = share(coordinates.top, image.height);
  emit('cut', {
    x,
    y,
    width: Math.min(1 - x, share(coordinates.width, image.width)),
    height: Math.min(1 - y, share(coordinates.height, image.height)),
  });
}
/** The same in percent, for whoever does not drag: each side of the part by itself. */
const sides = ['left', 'top', 'width', 'height'] as const;
type Side = (typeof sides)[number];
const lengthOf = (side: Side) =>
  result.value!.image![side === 'left' || side === 'width' ? 'width' : 'height'];
const percent = (side: Side) => Math.round((result.value!.coordinates[side] / lengthOf(side)) * 100);
const cropper = ref<{ setCoordinates(part: Partial<Record<Side, number>>): void } | null>(null);
const set = (side: Side, value: number | null) =>
  value !== null && cropper.value?.setCoordinates({ [side]: (value / 100) * lengthOf(side) });

/** Where the cut was made before, in pixels of the whole picture. */
const before = ({ imageSize }: { imageSize: { width: number; height: number } }) => {
  const { cutOf } = picture;
  return {
    left: (cutOf?.x ?? 0) * imageSize.width,
    top: (cutOf?.y ?? 0) * imageSize.height,
    width: (cutOf?.width ?? 1) * imageSize.width,
    height: (cutOf?.height ?? 1) * imageSize.height,
  };
};
</script>

<template>
  <div>
    <Cropper
      ref="cropper"
      class="cropper"
      :src="pictureUrl(whole, 'large')"
      :default-size="before"
      :default-position="before"
      :canvas="false"
      image-restriction="fit-area"
      @change="result = $event"
    />
    <p class="muted">{{ t('media.cutHint') }}</p>
    <div v-if="result?.image" class="row sides">
      <NumberField
        v-for="side in sides"
        :key="side"
        :model-value="percent(side)"
        :label="t(`media.cutSides.${side}`)"
        :min="side === 'width' || side === 'height' ? 1 : 0"
        :max="100"
        @update:model-value="set(side, $event)"
      />
    </div>
    <div class="row end">
      <v-btn v-if="picture.cutOf" variant="text" :disabled="busy" @click="emit('cut', null)">{{
        t('media.wholeAgain')
      }}</v-btn>
      <v-btn variant="text" :disabled="busy" @click="emit('cancel')">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" :loading="busy" @click="done">{{ t('media.cutOut') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.cropper {
  height: 340px;
  background: #14211d;
}
.sides {
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.sides > * {
  flex: 1 1 110px;
}
.end {
  justify-content: flex-end;
}
p {
  margin: 6px 0;
  font-size: 14px;
}
</style>
