<script setup lang="ts">
import type { RehearsalWish } from '@distaff/core/rehearsal';
import { mdiFastForward, mdiHandBackRightOutline, mdiPlay } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../../live/sitting.ts';
import ChoiceBar from '../../design/ChoiceBar.vue';
import { useDesk } from '../useDesk.ts';
import { useRoundTitle } from '../../design/useRoundTitle.ts';

/** A rehearsal is run from here: by hand or by itself, how fast, how far; and a seat may be played. */
const { showId } = defineProps<{ showId: string | null }>();
const { t } = useI18n();
const sitting = useSitting();
const desk = useDesk();
const titleOf = useRoundTitle();
const RATES = [1, 2, 5, 10, 20];
const told = computed(() => sitting.rehearsal!);
const rate = ref(5);
const stopBefore = ref<RehearsalWish['stopBefore']>(null);
const over = computed(() => desk.view.phase === 'closed');

function run(byItself: boolean): void {
  const wish: RehearsalWish = {
    byItself,
    rate: byItself ? rate.value : 1,
    stopBefore: byItself ? stopBefore.value : null,
  };
  sitting.runRehearsal(wish);
}
function setRate(to: number): void {
  rate.value = to;
  if (told.value.byItself) run(true);
}
/** Parts that are still to come: it can be run up to any of them. */
const stops = computed(() => [
  { value: null, title: t('rehearsal.toTheEnd') },
  { value: 'question', title: t('rehearsal.toQuestion') },
  { value: 'key', title: t('rehearsal.toKey') },
  ...desk.view.private.rounds.flatMap((line, index) =>
    index === 0 || (desk.view.phase === 'round' && index < desk.view.roundNumber)
      ? []
      : [{ value: index, title: titleOf(line) }],
  ),
]);
</script>

<template>
  <section class="rehearsal" :aria-label="t('rehearsal.title')">
    <b>{{ t('rehearsal.title') }}</b>
    <span>{{ t('rehearsal.with', told.standIns, { named: { n: told.standIns } }) }}</span>
    <template v-if="!over">
      <v-btn
        v-if="told.byItself"
        size="small"
        color="primary"
        :prepend-icon="mdiHandBackRightOutline"
        @click="run(false)"
        >{{ t('rehearsal.byHand') }}</v-btn
      >
      <v-btn v-else size="small" color="primary" :prepend-icon="mdiPlay" @click="run(true)">{{
        t('rehearsal.byItself')
      }}</v-btn>
      <ChoiceBar
        :model-value="rate"
        size="x-small"
        :label="t('rehearsal.rate')"
        :items="
          RATES.map((n) => ({
            value: n,
            title: t('rehearsal.times', { n }),
            ...(n === 20 ? { icon: mdiFastForward } : {}),
          }))
        "
        @update:model-value="setRate"
      />
      <v-select
        v-model="stopBefore"
        class="until"
        :label="t('rehearsal.until')"
        :items="stops"
        @update:model-value="told.byItself && run(true)"
      />
      <v-btn
        v-if="desk.view.devices.mode !== 'none'"
        size="small"
        variant="outlined"
        :href="`/join/${desk.view.code}`"
        target="_blank"
        >{{ t('rehearsal.playSeat') }}</v-btn
      >
      <span v-if="desk.view.private.next.code === 'rule'" class="muted">{{ t('rehearsal.aloudHint') }}</span>
    </template>
    <span class="grow" />
    <v-btn v-if="showId" size="small" variant="outlined" :to="`/studio/shows/${showId}`">{{
      t('rehearsal.end')
    }}</v-btn>
  </section>
</template>

<style scoped>
.rehearsal {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  padding: 8px 16px;
  border-top: 4px solid var(--heather);
  background: #f1ecf5;
}
.until {
  flex: 0 1 220px;
  min-width: 150px;
}
</style>
