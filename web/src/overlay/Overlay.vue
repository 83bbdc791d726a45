<script setup lang="ts">
import { computed, onMounted, onUnmounted } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useJoinAddress } from '../live/joinAddress.ts';
import { useServerNow } from '../live/useServerNow.ts';
import OverlayScreen, { type Place } from '../screens/overlay/OverlayScreen.vue';
import { useOverlay } from './useOverlay.ts';

/** The page that a streaming program lays over its picture: nothing but the overlay, on a see-through ground. */
const { t } = useI18n();
const route = useRoute();
const sitting = useOverlay();
const now = useServerNow();
const address = useJoinAddress();
const place = computed<Place>(() => {
  const { at } = route.query;
  return at === 'top' || at === 'side' ? at : 'bottom';
});
onMounted(() => {
  document.title = `${t('common.appName')} – ${t('overlay.title')}`;
  document.documentElement.classList.add('see-through');
});
onUnmounted(() => document.documentElement.classList.remove('see-through'));
</script>

<template>
  <div class="page">
    <OverlayScreen v-if="sitting.stage" :view="sitting.stage" :now="now" :place="place" :address="address" />
    <p v-else-if="sitting.turnedAway" class="away">{{ sitting.turnedAway.sentence }}</p>
  </div>
</template>

<style scoped>
.page {
  width: 100%;
  height: 100dvh;
}
.away {
  margin: 5vh 5vw;
  padding: 0.5em 1em;
  border-radius: 6px;
  background: #101a17;
  color: #f2f5f1;
}
</style>
<style>
html.see-through,
html.see-through body,
html.see-through .v-application {
  background: transparent !important;
}
</style>
