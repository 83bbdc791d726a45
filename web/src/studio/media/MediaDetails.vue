<script setup lang="ts">
import { isOfShelf, type Cut, type Picture, type Sound, type Video } from '@distaff/core/media';
import { oneLine } from '@distaff/core/text';
import { mdiCrop, mdiSwapHorizontal } from '@mdi/js';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../../api/server.ts';
import { localFiles } from '../../design/media/mediaUrl.ts';
import SoundPlayer from '../../design/media/SoundPlayer.vue';
import VideoPlayer from '../../design/media/VideoPlayer.vue';
import FocusPoint from './FocusPoint.vue';
import { pictureFrom } from './mediaFrom.ts';
import { vFirstFocus } from '../../design/firstFocus.ts';

/** What is said of a picture, a sound or a video, and what is seen of a picture. */
const CutPicture = defineAsyncComponent(() => import('./CutPicture.vue'));
const media = defineModel<Picture | Sound | Video | null>({ required: true });
const open = defineModel<boolean>('open', { required: true });
const { kind, label } = defineProps<{ kind: 'picture' | 'sound' | 'video'; label: string }>();
const emit = defineEmits<{ change: [] }>();
const { t } = useI18n();

const alt = ref('');
const credit = ref('');
const licence = ref('');
const focus = ref({ x: 0.5, y: 0.5 });
const cutting = ref(false);
const busy = ref(false);
const problem = ref('');
const picture = computed(() => (kind === 'picture' ? (media.value as Picture | null) : null));
const sound = computed(() => (kind === 'sound' ? (media.value as Sound | null) : null));
const video = computed(() => (kind === 'video' ? (media.value as Video | null) : null));
const licences = [
  'CC0 1.0',
  'CC BY 4.0',
  'CC BY-SA 4.0',
  'CC BY-NC 4.0',
  t('media.publicDomain'),
  t('media.ownWork'),
];

watch(
  open,
  (now) => {
    if (!now || !media.value) return;
    alt.value = media.value.alt;
    credit.value = media.value.credit;
    licence.value = media.value.licence;
    focus.value = picture.value ? { ...picture.value.focus } : { x: 0.5, y: 0.5 };
    cutting.value = false;
    problem.value = '';
  },
  { immediate: true },
);

function save(): void {
  const own = media.value;
  if (own) {
    const words = {
      alt: alt.value.trim(),
      credit: credit.value.trim(),
      licence: (licence.value ?? '').trim(),
    };
    media.value = { ...own, ...words, ...(picture.value ? { focus: focus.value } : {}) };
    // Offered again with the same file; of no harm where it cannot be kept now.
    if (own.file !== null && !isOfShelf(own.file) && !localFiles.has(own.file))
      void server.describeMedia(own.file, words).catch(() => undefined);
  }
  open.value = false;
}
function remove(): void {
  media.value = null;
  open.value = false;
}
function change(): void {
  open.value = false;
  emit('change');
}
/** A part of the picture becomes a file of its own, so that what is cut away is sent to nobody. */
async function cut(part: Cut | null): Promise<void> {
  const own = picture.value!;
  const whole = own.cutOf?.file ?? own.file;
  busy.value = true;
  problem.value = '';
  try {
    if (part === null) {
      const { cutOf } = own;
      // A cut keeps the pixels of the whole, so the size of the whole follows from its share.
      if (cutOf)
        media.value = {
          ...own,
          file: whole,
          width: Math.round(own.width / cutOf.width),
          height: Math.round(own.height / cutOf.height),
          cutOf: null,
        };
    } else {
      const made = pictureFrom(await server.cutMedia(whole, part));
      media.value = {
        ...own,
        file: made.file,
        width: made.width,
        height: made.height,
        cutOf: { file: whole, ...part },
      };
    }
    focus.value = { x: 0.5, y: 0.5 };
    cutting.value = false;
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="label" max-width="640" scrollable>
    <v-card v-if="media" class="card">
      <h2>{{ label }}</h2>
      <CutPicture
        v-if="cutting && picture"
        :picture="picture"
        :busy="busy"
        @cut="cut"
        @cancel="cutting = false"
      />
      <template v-else>
        <FocusPoint v-if="picture" v-model="focus" :picture="picture" />
        <SoundPlayer v-if="sound" :sound="{ ...sound, alt: '' }" />
        <VideoPlayer v-if="video" class="video" :video="video" />
        <div class="row">
          <v-btn
            v-if="picture && !isOfShelf(picture.file) && !localFiles.has(picture.file)"
            size="small"
            variant="outlined"
            :prepend-icon="mdiCrop"
            @click="cutting = true"
            >{{ t('media.cut') }}</v-btn
          >
          <v-btn size="small" variant="outlined" :prepend-icon="mdiSwapHorizontal" @click="change">{{
            t('media.another')
          }}</v-btn>
        </div>
        <v-form class="form" @submit.prevent="save">
          <v-textarea
            v-first-focus
            :model-value="alt"
            rows="2"
            auto-grow
            maxlength="300"
            :label="t(`media.alt.${kind}`)"
            :hint="t(`media.altHint.${kind}`)"
            persistent-hint
            @update:model-value="alt = oneLine($event)"
            @keydown.enter.exact.prevent="save"
          />
          <v-text-field
            v-model="credit"
            maxlength="200"
            :label="t('media.credit')"
            :hint="t('media.creditHint')"
            persistent-hint
          />
          <v-combobox
            v-model="licence"
            :items="licences"
            maxlength="60"
            :label="t('media.licence')"
            clearable
          />
          <div class="row">
            <v-btn variant="text" color="error" @click="remove">{{ t('common.remove') }}</v-btn>
            <span class="grow" />
            <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
            <v-btn type="submit" color="primary">{{ t('media.done') }}</v-btn>
          </div>
        </v-form>
      </template>
      <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 20px;
  overflow: auto;
}
.card > * {
  flex: none;
}
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.video {
  max-height: 300px;
}
</style>
