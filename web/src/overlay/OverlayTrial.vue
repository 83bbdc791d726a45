<script setup lang="ts">
import { mdiContentCopy } from '@mdi/js';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { copyText } from '../design/copyText.ts';
import { useJoinAddress } from '../live/joinAddress.ts';
import { useServerNow } from '../live/useServerNow.ts';
import ChoiceBar from '../design/ChoiceBar.vue';
import OverlayScreen, { type Place } from '../screens/overlay/OverlayScreen.vue';
import MovingPicture from './MovingPicture.vue';
import { useOverlay } from './useOverlay.ts';

/** The overlay over a made-up moving picture, so that it can be tried without a streaming program. */
const { t } = useI18n();
const route = useRoute();
const sitting = useOverlay();
const now = useServerNow();
const address = useJoinAddress();
const place = ref<Place>('bottom');
const said = ref('');
const link = computed(
  () => `${location.origin}/overlay/${String(route.params.code)}?at=${place.value}${route.hash}`,
);
onMounted(() => (document.title = `${t('common.appName')} – ${t('overlay.trial')}`));
async function copy(): Promise<void> {
  said.value = (await copyText(link.value)) ? t('overlay.copied') : link.value;
}
</script>

<template>
  <div class="page">
    <header class="row tools">
      <b class="grow">{{ t('overlay.trial') }}</b>
      <ChoiceBar
        v-model="place"
        :label="t('overlay.place')"
        :items="
          (['bottom', 'top', 'side'] as const).map((value) => ({
            value,
            title: t(`overlay.places.${value}`),
          }))
        "
      />
      <v-btn variant="outlined" size="small" :prepend-icon="mdiContentCopy" @click="copy">{{
        t('overlay.copy')
      }}</v-btn>
    </header>
    <p class="muted hint">{{ said || t('overlay.hint') }}</p>
    <main class="picture">
      <MovingPicture class="under" />
      <OverlayScreen
        v-if="sitting.stage"
        class="over"
        :view="sitting.stage"
        :now="now"
        :place="place"
        :address="address"
      />
      <p v-else-if="sitting.turnedAway" role="alert" class="over away">{{ sitting.turnedAway.sentence }}</p>
    </main>
  </div>
</template>

<style scoped>
.page {
  min-height: 100dvh;
  display: flex;
  flex-direction: column;
  background: var(--chalk);
}
.tools {
  flex-wrap: wrap;
  padding: 10px 16px 0;
}
.hint {
  margin: 4px 16px 10px;
  overflow-wrap: anywhere;
}
.picture {
  position: relative;
  width: 100%;
  max-width: calc((100dvh - 100px) * 16 / 9);
  margin: 0 auto;
  aspect-ratio: 16 / 9;
}
.under,
.over {
  position: absolute;
  inset: 0;
}
.away {
  padding: 20px;
  color: #fff;
}
</style>
