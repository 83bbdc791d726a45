<script setup lang="ts">
import type { ClimbView } from '@distaff/core/formats';
import { mdiDiceMultipleOutline, mdiFlashOutline, mdiMagnify, mdiStop } from '@mdi/js';
import { useTimeoutFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import type { DeskPart } from '../parts.ts';

/** Between two rungs, or two climbs: what stopping and a miss would mean, and who climbs next. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ act: [act: object]; ask: [command: object] }>();
const { t } = useI18n();
const { points } = useFormat();
const round = computed(() => view.round as ClimbView);
const on = computed(() => round.value.on);
const nameOf = (team: string) => view.teams.find((one) => one.id === team)?.name ?? '';
const isOver = computed(() => !on.value && round.value.done.length >= round.value.climbs);
const sought = ref('');
const MANY = 12;
const found = computed(() => {
  const word = sought.value.trim().toLocaleLowerCase();
  return view.teams.filter(({ name }) => name.toLocaleLowerCase().includes(word));
});
/** A climb is not stopped by mistake: it is asked once. */
const sure = ref(false);
const { start } = useTimeoutFn(() => (sure.value = false), 4000, { immediate: false });
function stop(): void {
  if (sure.value) emit('act', { do: 'stop' });
  sure.value = !sure.value;
  if (sure.value) start();
}
</script>

<template>
  <section v-if="on" class="on">
    <h2>{{ t('formats.climb.ofTeam', { team: nameOf(on.team) }) }}</h2>
    <p v-if="on.reached < round.rungs.length">
      {{ t('formats.climb.nextRung', { n: on.reached + 1, of: round.rungs.length }) }}:
      <b>{{ points(round.rungs[on.reached]!) }}</b>
    </p>
    <p>{{ t('formats.climb.wrongKeeps', { points: points(on.miss) }) }}</p>
    <p v-if="on.ready" class="ready">{{ t('formats.climb.wantsOn', { team: nameOf(on.team) }) }}</p>
    <v-btn
      class="stop"
      :variant="sure ? 'flat' : 'outlined'"
      :color="sure ? 'primary' : ''"
      :prepend-icon="mdiStop"
      @click="stop"
      >{{
        t(sure ? 'formats.climb.stopsSure' : 'formats.climb.stops', {
          team: nameOf(on.team),
          points: points(on.stop),
        })
      }}</v-btn
    >
  </section>
  <h2 v-else-if="round.fastest">{{ t('formats.climb.fastestTitle') }}</h2>
  <h2 v-else-if="isOver">{{ t('formats.climb.climbsOver') }}</h2>
  <section v-else class="on">
    <h2>{{ t('formats.climb.chooseWho') }}</h2>
    <div class="row">
      <v-btn color="primary" :prepend-icon="mdiDiceMultipleOutline" @click="emit('act', { do: 'draw' })">{{
        t('formats.climb.draw')
      }}</v-btn>
      <v-btn variant="outlined" :prepend-icon="mdiFlashOutline" @click="emit('act', { do: 'fastest' })">{{
        t('formats.climb.byFastest')
      }}</v-btn>
    </div>
    <v-text-field
      v-if="view.teams.length > MANY"
      v-model="sought"
      type="search"
      :prepend-inner-icon="mdiMagnify"
      :label="t('formats.climb.find')"
    />
    <ul>
      <li v-for="team in found" :key="team.id">
        <button
          type="button"
          :disabled="round.exhausted.includes(team.id)"
          @click="emit('act', { do: 'climber', team: team.id })"
        >
          <WeaveSwatch :weave="team.weave" />
          <span class="grow clip">{{ team.name }}</span>
          <small v-if="round.exhausted.includes(team.id)">{{ t('formats.climb.hadAll') }}</small>
        </button>
      </li>
    </ul>
    <v-btn v-if="round.done.length > 0" variant="text" @click="emit('ask', { type: 'endRound' })">{{
      t('formats.climb.endNow')
    }}</v-btn>
  </section>
  <ol v-if="round.done.length" class="done">
    <li v-for="(one, i) in round.done" :key="i">
      <span class="grow clip">{{ nameOf(one.team) }}</span>
      <span>{{ t('formats.climb.reachedRung', { n: one.reached, of: round.rungs.length }) }}</span>
      <b>{{ points(one.worth) }}</b>
    </li>
  </ol>
</template>

<style scoped>
.on {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
p {
  margin: 0;
}
.ready {
  padding: 6px 12px;
  border-left: 4px solid var(--weld);
  background: #fbf1d2;
  font-weight: 700;
}
.stop {
  align-self: flex-start;
}
ul,
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
ul {
  max-height: 320px;
  overflow-y: auto;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
button:not(.v-btn) {
  width: 100%;
  min-height: 48px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 14px;
  border-bottom: 1px solid var(--line);
  text-align: start;
  cursor: pointer;
}
button:not(.v-btn):disabled {
  color: var(--stone);
  cursor: default;
}
.done li {
  display: flex;
  gap: 16px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
</style>
