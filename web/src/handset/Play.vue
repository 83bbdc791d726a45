<script setup lang="ts">
import type { PublicView, SeatView } from '@distaff/core/sitting';
import type { Reaction } from '@distaff/core/wire';
import { mdiVibrate, mdiVibrateOff } from '@mdi/js';
import { useLocalStorage, useVibrate, useWakeLock } from '@vueuse/core';
import { onBeforeUnmount, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import HandsetScreen from '../screens/handset/HandsetScreen.vue';

/** The screen of a seat, and what the server had to say against what was asked. */
const { view, seat } = defineProps<{
  view: PublicView;
  seat: SeatView;
  now: number;
  connected: boolean;
  sending: boolean;
  notice: string;
  /** Where one's own answers are kept once the game is over, or ''. */
  mine: string;
}>();
const emit = defineEmits<{
  answer: [wire: object];
  buzz: [];
  act: [what: object];
  choose: [ref: string];
  goOn: [];
  react: [what: Reaction];
  spin: [strength: number];
  useBoost: [boost: string, on: string | null];
  buyBoost: [boost: string];
  noticed: [];
}>();
const { t } = useI18n();
// A phone must not go dark while somebody waits for the host to read.
const wake = useWakeLock();
watch(
  () => view.phase,
  (phase) => void (phase === 'closed' ? wake.release() : wake.request('screen')).catch(() => {}),
  { immediate: true },
);
onBeforeUnmount(() => void wake.release().catch(() => {}));
/** A short buzz in the hand when there is something to do or to see; some do not want that. */
const vibrates = useLocalStorage('distaff-vibrates', true);
const { vibrate, isSupported } = useVibrate({ pattern: 60 });
watch(
  () => [view.question?.step, view.question?.floor],
  ([step], [before]) => {
    const tells = step === 'open' || step === 'locked' || step === 'key';
    // Browsers let a page shake the hand only after it was touched once.
    if (!navigator.userActivation?.hasBeenActive) return;
    if (vibrates.value && tells && (step !== before || view.question?.floor === seat.team)) vibrate();
  },
);
</script>

<template>
  <v-app>
    <v-main>
      <HandsetScreen
        class="screen"
        :view="view"
        :seat="seat"
        :now="now"
        :connected="connected"
        :sending="sending"
        :mine="mine"
        @answer="emit('answer', $event)"
        @buzz="emit('buzz')"
        @act="emit('act', $event)"
        @choose="emit('choose', $event)"
        @react="emit('react', $event)"
        @spin="emit('spin', $event)"
        @use-boost="(boost, on) => emit('useBoost', boost, on)"
        @buy-boost="emit('buyBoost', $event)"
        @go-on="emit('goOn')"
      >
        <v-btn
          v-if="isSupported"
          size="small"
          variant="text"
          :icon="vibrates ? mdiVibrate : mdiVibrateOff"
          :aria-label="t('handset.vibrates')"
          :aria-pressed="vibrates"
          @click="vibrates = !vibrates"
        />
      </HandsetScreen>
      <v-snackbar :model-value="notice !== ''" location="top" @update:model-value="emit('noticed')">
        {{ notice }}
        <template #actions
          ><v-btn variant="text" @click="emit('noticed')">{{ t('common.close') }}</v-btn></template
        >
      </v-snackbar>
    </v-main>
  </v-app>
</template>

<style scoped>
.screen {
  height: 100dvh;
}
</style>
