<script setup lang="ts">
import type { StageView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import LongClock from '../../../design/LongClock.vue';
import { pictureUrl } from '../../../design/media/mediaUrl.ts';
import { spoken } from '../../../live/joinAddress.ts';

/** The upper edge: what is played, where people join, how long it still goes, the logo. */
defineProps<{
  view: StageView;
  now: number;
  /** Where people join; empty where that is not to be told now. */
  address: string;
  /** The round has a clock or a number of turns. */
  timed: boolean;
}>();
const { t } = useI18n();
</script>

<template>
  <header>
    <h1 class="clip">{{ view.roundTitle && view.phase === 'round' ? view.roundTitle : view.title }}</h1>
    <p v-if="timed && view.timer?.ended" class="last">{{ t('common.lastTurns') }}</p>
    <LongClock
      v-if="timed && view.timer?.clock"
      class="clock"
      :clock="view.timer.clock"
      :limit="view.timer.limit"
      :now="now"
    />
    <p v-if="address" class="join">
      {{ t('stage.join') }} <b>{{ spoken(address) }}</b> <b class="code">{{ view.code }}</b>
    </p>
    <img
      v-if="view.look.logo"
      class="logo"
      :src="pictureUrl(view.look.logo.file, 'large')"
      :alt="view.look.logo.alt"
    />
    <slot />
  </header>
</template>

<style scoped>
header {
  display: flex;
  align-items: baseline;
  gap: 1em;
}
h1 {
  flex: 1;
  min-width: 0;
  font-size: calc(3.4 * var(--u));
  color: var(--dim);
}
.join {
  margin: 0;
  color: var(--dim);
  white-space: nowrap;
}
.join b {
  color: var(--light);
}
.join .code {
  margin-inline-start: 0.4em;
  font-family: var(--mono);
  font-size: calc(3.6 * var(--u));
  letter-spacing: 0.1em;
}
.clock {
  align-self: center;
  font-size: calc(1.7 * var(--u));
}
.last {
  margin: 0;
  font-weight: 700;
}
.logo {
  flex: none;
  align-self: center;
  max-width: 14cqw;
  max-height: calc(6 * var(--u));
  object-fit: contain;
}
</style>
