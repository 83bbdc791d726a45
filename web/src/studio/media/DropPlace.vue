<script setup lang="ts">
import { mdiTrayArrowUp } from '@mdi/js';
import { useEventListener } from '@vueuse/core';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { StoredMedia } from '../../api/server.ts';
import UploadState from './UploadState.vue';
import { useUpload } from './useUpload.ts';

/** Takes one file: chosen, dropped here, or pasted. */
const { kind } = defineProps<{ kind: 'picture' | 'sound' | 'video' }>();
const emit = defineEmits<{ sent: [media: StoredMedia] }>();
const { t } = useI18n();
const upload = useUpload();
const over = ref(false);
const accept = {
  picture: 'image/png,image/jpeg,image/webp,image/avif,image/gif,image/tiff',
  sound: 'audio/*',
  video: 'video/mp4,video/webm',
};

async function take(file: File | undefined): Promise<void> {
  over.value = false;
  if (!file) return;
  const media = await upload.send(file);
  if (media?.kind === kind) emit('sent', media);
  else if (media)
    upload.problem.value = t('media.otherKind', {
      is: t(`media.kinds.${media.kind}`),
      wanted: t(`media.kinds.${kind}`),
    });
}
function pasted(event: ClipboardEvent): void {
  const file = event.clipboardData?.files[0];
  if (!file) return;
  event.preventDefault();
  // The form behind the dialog would take it as well.
  event.stopImmediatePropagation();
  void take(file);
}
useEventListener(document, 'paste', pasted, { capture: true });
const chosen = (event: Event) => {
  const input = event.target as HTMLInputElement;
  void take(input.files?.[0]);
  input.value = '';
};
</script>

<template>
  <label
    class="place"
    :class="{ over }"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="take($event.dataTransfer?.files[0])"
  >
    <v-icon :icon="mdiTrayArrowUp" size="40" />
    <b>{{ t('media.drop') }}</b>
    <span class="muted">{{ t(`media.takes.${kind}`) }}</span>
    <input type="file" class="hide" :accept="accept[kind]" :aria-label="t('media.choose')" @change="chosen" />
  </label>
  <UploadState :upload="upload" />
</template>

<style scoped>
.place {
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: 240px;
  padding: 20px;
  text-align: center;
  border: 2px dashed var(--line);
  border-radius: 6px;
  cursor: pointer;
}
.place.over,
.place:focus-within {
  border-color: var(--moss);
  background: #f2f6f3;
}
</style>
