<script setup lang="ts">
import { useBroadcastChannel } from '@vueuse/core';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { CHANNEL, type VirtualPress } from './useBuzzers.ts';

/** A box of twelve buzzers that are none: for trying without hardware, in a second window beside the desk. */
const { t } = useI18n();
const BUZZERS = 12;
const { post, isSupported } = useBroadcastChannel<VirtualPress, VirtualPress>({ name: CHANNEL });
const last = ref<number | null>(null);
onMounted(() => (document.title = `${t('common.appName')} – ${t('desk.gear.virtualTitle')}`));
/** As a finger meets it: not when it leaves again. */
function press(button: number, event: Event): void {
  last.value = button;
  post({ button, at: performance.timeOrigin + event.timeStamp });
}
</script>

<template>
  <main class="page">
    <h1>{{ t('desk.gear.virtualTitle') }}</h1>
    <p>{{ t(isSupported ? 'desk.gear.virtualHow' : 'desk.gear.virtualNot') }}</p>
    <div class="box">
      <button
        v-for="n in BUZZERS"
        :key="n"
        type="button"
        :class="{ last: last === n }"
        :aria-label="t('desk.gear.virtual', { n })"
        @pointerdown="press(n, $event)"
        @keydown.enter.prevent="press(n, $event)"
        @keydown.space.prevent="press(n, $event)"
      >
        {{ n }}
      </button>
    </div>
  </main>
</template>

<style scoped>
.page {
  max-width: 720px;
  margin: 0 auto;
  padding: 32px 20px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.box {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
  gap: 16px;
}
.box button {
  aspect-ratio: 1;
  font-family: var(--display);
  font-size: 40px;
  border: 3px solid var(--moss);
  border-radius: 16px;
  background: var(--paper);
  cursor: pointer;
  touch-action: manipulation;
}
.box button:active,
.box .last {
  background: var(--moss);
  color: var(--paper);
}
p {
  margin: 0;
}
</style>
