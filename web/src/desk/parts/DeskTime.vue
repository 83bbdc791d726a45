<script setup lang="ts">
import { cutsFor } from '@distaff/core/show';
import { expectedEnd } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useServerNow } from '../../live/useServerNow.ts';
import { useDesk } from '../useDesk.ts';
import { useRoundTitle } from '../../design/useRoundTitle.ts';

/** When the show is likely to end, how far that is from the plan, and what could be left out to end on time. */
const { t } = useI18n();
const { list, clockTime } = useFormat();
const desk = useDesk();
const now = useServerNow();
const titleOf = useRoundTitle();
/** Nearer to the plan than this (s) is on time. */
const ON_TIME = 90;

const timing = computed(() => desk.view.private.timing);
const expected = computed(() => expectedEnd(timing.value, now.value));
const minutes = computed(() => Math.round(Math.abs(expected.value.behind ?? 0) / 60));
const how = computed<'onTime' | 'behind' | 'ahead' | null>(() => {
  const { behind } = expected.value;
  if (behind === null) return null;
  if (Math.abs(behind) <= ON_TIME) return 'onTime';
  return behind > 0 ? 'behind' : 'ahead';
});
const cuts = computed(() => {
  if (how.value !== 'behind') return [];
  const found = cutsFor(expected.value.behind!, timing.value.coming);
  return found.map(({ index }) => titleOf(desk.view.private.rounds[index]!));
});
</script>

<template>
  <section v-if="desk.view.phase !== 'closed'" class="time" :aria-label="t('desk.time')">
    <p>
      {{ t(timing.startedAt === null ? 'desk.wouldEnd' : 'desk.ends') }}
      <b class="mono">{{ clockTime(expected.end) }}</b>
    </p>
    <p v-if="how" :class="how">{{ t(`desk.${how}`, { n: minutes }) }}</p>
    <p v-if="cuts.length" class="muted">
      {{ t('desk.couldLeaveOut', { what: list(cuts.map((one) => `“${one}”`)) }) }}
    </p>
  </section>
</template>

<style scoped>
.time {
  margin-top: 20px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
  display: flex;
  flex-direction: column;
  gap: 6px;
  font-size: 15px;
}
p {
  margin: 0;
}
.behind,
.ahead,
.onTime {
  padding-left: 8px;
  border-left: 4px solid var(--moss);
  font-weight: 700;
}
.behind {
  border-left-color: var(--weld);
}
</style>
