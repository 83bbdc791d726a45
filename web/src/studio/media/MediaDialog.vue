<script setup lang="ts">
import type { Picture, Sound, Video } from '@distaff/core/media';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { StoredMedia } from '../../api/server.ts';
import DropPlace from './DropPlace.vue';
import MyFiles from './MyFiles.vue';
import { pictureFrom, soundFrom, videoFrom } from './mediaFrom.ts';
import { pictureFromShelf } from './shelf.ts';
import ShelfList from './ShelfList.vue';

/** Where a picture, a sound or a video comes from: this device, what was sent before, the shelf, an address. */
const open = defineModel<boolean>({ required: true });
const { kind } = defineProps<{ kind: 'picture' | 'sound' | 'video' }>();
const emit = defineEmits<{ choose: [media: Picture | Sound | Video] }>();
const { t } = useI18n();

const tab = ref('device');
const tabs = computed(() => [
  'device',
  'mine',
  ...(kind === 'picture' ? ['shelf'] : []),
  ...(kind === 'video' ? ['address'] : []),
]);
const link = ref('');
const linkGood = computed(() => /^https:\/\/[^\s/]+\.[^\s]+$/i.test(link.value.trim()));
watch(open, (now) => {
  if (!now) return;
  link.value = '';
  tab.value = 'device';
});

function choose(media: Picture | Sound | Video): void {
  emit('choose', media);
  open.value = false;
}
function take(media: StoredMedia): void {
  const from = { picture: pictureFrom, sound: soundFrom, video: videoFrom }[kind];
  choose(from(media));
}
const takeLink = () =>
  linkGood.value && choose({ file: null, link: link.value.trim(), alt: '', credit: '', licence: '' });
</script>

<template>
  <v-dialog v-model="open" :aria-label="t(`media.add.${kind}`)" max-width="760" scrollable>
    <v-card class="card">
      <h2>{{ t(`media.add.${kind}`) }}</h2>
      <v-tabs v-model="tab" density="compact">
        <v-tab v-for="one in tabs" :key="one" :value="one">{{ t(`media.from.${one}`) }}</v-tab>
      </v-tabs>
      <div class="body">
        <DropPlace v-if="tab === 'device'" :kind="kind" @sent="take" />
        <MyFiles v-else-if="tab === 'mine'" :kind="kind" @choose="take" />
        <ShelfList v-else-if="tab === 'shelf'" @choose="choose(pictureFromShelf($event))" />
        <v-form v-else class="link" @submit.prevent="takeLink">
          <v-text-field
            v-model="link"
            type="url"
            maxlength="500"
            placeholder="https://"
            :label="t('media.address')"
            :hint="t('media.addressHint')"
            persistent-hint
          />
          <v-btn type="submit" color="primary" :disabled="!linkGood">{{ t('media.take') }}</v-btn>
        </v-form>
      </div>
      <div class="row end">
        <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 20px;
}
.body {
  min-height: 320px;
  max-height: 60vh;
  overflow: auto;
}
.link {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 12px;
  padding-top: 8px;
}
.link > :first-child {
  width: 100%;
}
.end {
  justify-content: flex-end;
}
</style>
