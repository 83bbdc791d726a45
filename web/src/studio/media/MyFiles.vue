<script setup lang="ts">
import { mdiClose, mdiMagnify, mdiVideoOutline, mdiVolumeHigh } from '@mdi/js';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type StoredMedia } from '../../api/server.ts';
import { pictureUrl } from '../../design/media/mediaUrl.ts';

/** What the host sent before, the latest first. */
const { kind } = defineProps<{ kind: 'picture' | 'sound' | 'video' }>();
const emit = defineEmits<{ choose: [media: StoredMedia] }>();
const { t } = useI18n();
const PAGE = 60;
const q = ref('');
const list = ref<StoredMedia[]>([]);
const total = ref<number | null>(null);
const problem = ref('');
let asked = 0;

async function load(more = false): Promise<void> {
  const own = ++asked;
  try {
    const page = await server.media(kind, q.value, more ? list.value.length : 0, PAGE);
    if (own !== asked) return;
    list.value = more ? [...list.value, ...page.media] : page.media;
    total.value = page.total;
    problem.value = '';
  } catch (error) {
    problem.value = (error as Error).message;
  }
}
async function hide(media: StoredMedia): Promise<void> {
  try {
    await server.hideMedia(media.id);
    list.value = list.value.filter((one) => one.id !== media.id);
    total.value = (total.value ?? 1) - 1;
  } catch (error) {
    problem.value = (error as Error).message;
  }
}
watch(q, () => void load(), { immediate: true });
</script>

<template>
  <v-text-field
    v-model="q"
    class="find"
    type="search"
    density="compact"
    hide-details
    clearable
    maxlength="100"
    :prepend-inner-icon="mdiMagnify"
    :label="t('media.find')"
    @click:clear="q = ''"
  />
  <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
  <p v-else-if="total === null" role="status">{{ t('common.loading') }}</p>
  <p v-else-if="total === 0" class="muted">{{ t(q ? 'media.noneFound' : 'media.none') }}</p>
  <ul class="grid">
    <li v-for="media in list" :key="media.id">
      <button type="button" class="take" @click="emit('choose', media)">
        <img v-if="kind === 'picture'" :src="pictureUrl(media.id, 'small')" :alt="media.alt" loading="lazy" />
        <v-icon v-else :icon="kind === 'sound' ? mdiVolumeHigh : mdiVideoOutline" size="36" />
        <span class="clip">{{ media.alt || media.name || t('media.unnamed') }}</span>
      </button>
      <button
        type="button"
        class="hideIt"
        :aria-label="t('media.hide', { name: media.alt || media.name })"
        :title="t('media.hideHint')"
        @click="hide(media)"
      >
        <v-icon :icon="mdiClose" size="16" />
      </button>
    </li>
  </ul>
  <v-btn v-if="total !== null && list.length < total" variant="text" @click="load(true)">{{
    t('media.more')
  }}</v-btn>
</template>

<style scoped>
.find {
  margin: 8px 0 12px;
}
.grid {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 10px;
}
li {
  position: relative;
}
.take {
  width: 100%;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  padding: 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
}
.take:hover {
  border-color: var(--moss);
}
img {
  width: 100%;
  height: 96px;
  object-fit: contain;
}
.clip {
  max-width: 100%;
  font-size: 14px;
}
.hideIt {
  position: absolute;
  top: 4px;
  right: 4px;
  min-width: 26px;
  min-height: 26px;
  border-radius: 4px;
  background: var(--paper);
  cursor: pointer;
}
</style>
