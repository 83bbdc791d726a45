<script setup lang="ts">
import { mdiPause, mdiPlay, mdiStop } from '@mdi/js';
import { useTimeoutFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import LongClock from '../../design/LongClock.vue';
import { useServerNow } from '../../live/useServerNow.ts';
import { useDesk } from '../useDesk.ts';

/** The clock of the whole round, and what the host can do about it: pause, more or less time, the end. */
const { t } = useI18n();
const desk = useDesk();
const now = useServerNow();
const timer = computed(() => desk.view.timer);
const alone = computed(() => timer.value?.alone === 'on');
/** Ending it cannot be done by mistake: it is asked once. */
const sure = ref(false);
/** More teams than this are not told one by one. */
const MANY = 12;
const PATIENCE = 4000;
const { start } = useTimeoutFn(() => (sure.value = false), PATIENCE, { immediate: false });
function end(): void {
  if (sure.value) void desk.ask({ type: 'endRound' });
  sure.value = !sure.value;
  if (sure.value) start();
}
/** Who has how many turns left, where the round ends by them. */
const left = computed(() => {
  const { teams } = desk.view;
  const turns = timer.value?.turnsLeft;
  if (!turns || teams.length > MANY) return '';
  return teams
    .map(({ id, name }) => {
      const n = turns[id] ?? 0;
      return `${name}: ${t('common.turnsLeft', n, { named: { n } })}`;
    })
    .join(' · ');
});
const addMinute = (by: 1 | -1) => void desk.ask({ type: 'addTime', seconds: 60 * by });
</script>

<template>
  <section v-if="timer && (timer.clock || alone || left)" class="time">
    <p v-if="left" class="turns">{{ left }}</p>
    <LongClock v-if="timer.clock" class="clock" :clock="timer.clock" :limit="timer.limit" :now="now" />
    <template v-if="timer.clock && !desk.question">
      <v-btn variant="outlined" size="small" @click="addMinute(-1)">{{ t('desk.alone.lessTime') }}</v-btn>
      <v-btn variant="outlined" size="small" @click="addMinute(1)">{{ t('desk.alone.moreTime') }}</v-btn>
    </template>
    <v-btn
      v-if="alone || !desk.question"
      variant="outlined"
      :prepend-icon="timer.held ? mdiPlay : mdiPause"
      :disabled="!alone && !timer.clock"
      @click="desk.ask({ type: 'clock', act: timer.held ? 'run' : 'hold' })"
      >{{ t(timer.held ? 'desk.alone.goOn' : 'desk.alone.pause') }}</v-btn
    >
    <v-btn
      v-if="alone"
      :variant="sure ? 'flat' : 'outlined'"
      :color="sure ? 'primary' : ''"
      :prepend-icon="mdiStop"
      @click="end"
      >{{ t(sure ? 'desk.alone.endSure' : 'desk.alone.end') }}</v-btn
    >
  </section>
</template>

<style scoped>
.time {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 14px;
  padding: 10px 14px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.turns {
  flex-basis: 100%;
  margin: 0;
}
.clock {
  --u: 5px;
  min-width: 150px;
  margin-inline-end: auto;
}
</style>
