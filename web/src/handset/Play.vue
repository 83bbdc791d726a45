<script setup lang="ts">
import type { PublicView, SeatView } from '@distaff/core';
import { useI18n } from 'vue-i18n';
import HandsetScreen from '../screens/handset/HandsetScreen.vue';

/** The screen of a seat, and what the server had to say against what was asked. */
defineProps<{
  view: PublicView;
  seat: SeatView;
  now: number;
  connected: boolean;
  sending: boolean;
  notice: string;
}>();
const emit = defineEmits<{ answer: [wire: object]; buzz: []; act: [what: object]; noticed: [] }>();
const { t } = useI18n();
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
        @answer="emit('answer', $event)"
        @buzz="emit('buzz')"
        @act="emit('act', $event)"
      />
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
