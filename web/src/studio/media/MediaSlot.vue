<script setup lang="ts">
import type { Picture, Sound, Video } from '@distaff/core/media';
import { mdiImagePlusOutline, mdiVideoPlusOutline, mdiVolumePlus } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { pictureUrl } from '../../design/media/mediaUrl.ts';
import MediaDetails from './MediaDetails.vue';
import MediaDialog from './MediaDialog.vue';

/** A place for one picture, sound or video: empty a button, filled a small card that can be opened. */
const media = defineModel<Picture | Sound | Video | null>({ required: true });
const {
  kind,
  label,
  small = false,
} = defineProps<{
  kind: 'picture' | 'sound' | 'video';
  /** What the place is for, as in "Picture for option B". */
  label: string;
  /** In a line of options: a sign alone. */
  small?: boolean;
}>();
const { t } = useI18n();
const choosing = ref(false);
const editing = ref(false);
const signs = { picture: mdiImagePlusOutline, sound: mdiVolumePlus, video: mdiVideoPlusOutline };
const picture = computed(() =>
  media.value && 'focus' in media.value ? pictureUrl(media.value.file, 'small') : null,
);
const words = computed(() => media.value?.alt || t(kind === 'picture' ? 'media.noAlt' : 'media.noWords'));

function choose(chosen: Picture | Sound | Video): void {
  media.value = chosen;
  // What it shows is asked for at once, where nobody has said it before.
  editing.value = chosen.alt === '';
}
defineExpose({ choose });
</script>

<template>
  <button
    v-if="!media"
    type="button"
    class="add"
    :class="{ small }"
    :title="label"
    :aria-label="label"
    @click="choosing = true"
  >
    <v-icon :icon="signs[kind]" size="20" /> <span v-if="!small">{{ label }}</span>
  </button>
  <button
    v-else
    type="button"
    class="filled"
    :class="{ small, lacking: !media.alt }"
    :aria-label="t('media.editLabel', { label, words })"
    :title="`${label}: ${words}`"
    @click="editing = true"
  >
    <img v-if="picture" :src="picture" alt="" />
    <v-icon v-else :icon="signs[kind]" size="22" />
    <span v-if="!small" class="words"
      ><small>{{ label }}</small
      >{{ words }}</span
    >
  </button>
  <MediaDialog v-if="choosing" v-model="choosing" :kind="kind" @choose="choose" />
  <MediaDetails
    v-if="editing"
    v-model="media"
    v-model:open="editing"
    :kind="kind"
    :label="label"
    @change="choosing = true"
  />
</template>

<style scoped>
button {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 38px;
  padding: 4px 10px;
  border: 1px dashed var(--line);
  border-radius: 6px;
  color: var(--stone);
  cursor: pointer;
}
button:hover {
  border-color: var(--moss);
  color: var(--moss);
}
.small {
  flex: none;
  padding: 0 4px;
  border: 0;
  min-width: 30px;
  min-height: 30px;
}
.filled {
  border-style: solid;
  color: var(--ink);
  text-align: left;
}
.filled.lacking {
  border: 2px dashed var(--weld);
}
img {
  height: 44px;
  max-width: 72px;
  object-fit: contain;
}
.small img {
  height: 32px;
  max-width: 48px;
}
.words {
  display: flex;
  flex-direction: column;
  max-width: 240px;
  font-size: 14px;
  overflow-wrap: anywhere;
}
.words small {
  color: var(--stone);
}
</style>
