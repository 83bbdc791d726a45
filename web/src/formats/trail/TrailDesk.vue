<script setup lang="ts">
import { FACES } from '@distaff/core/formats';
import { mdiChevronLeft, mdiChevronRight, mdiDiceMultipleOutline } from '@mdi/js';
import { onKeyStroke } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import type { DeskPart } from '../parts.ts';
import { useTrail } from './useTrail.ts';

/** The die at the desk, or the number of a real one; where each piece stands, and to move one; the pages. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const { points } = useFormat();
const { round, title, stake, over } = useTrail(() => view);
const mayRoll = computed(() => !round.value.rolled && !over.value);
const name = computed(() => view.teams.find((team) => team.id === view.turn)?.name ?? '');
const roll = (face?: number) => {
  if (mayRoll.value) emit('act', face === undefined ? { do: 'roll' } : { do: 'roll', face });
};
onKeyStroke('r', (event) => {
  const { target, ctrlKey, metaKey, altKey, repeat } = event;
  if (ctrlKey || metaKey || altKey || repeat || (target as HTMLElement).closest?.('input, textarea')) return;
  roll();
});
const pieceOf = (team: string) => round.value.pieces.find((one) => one.team === team);
const moving = ref<string | null>(null);
const to = ref(0);
function move(): void {
  const known = Number.isInteger(to.value) && to.value >= 0 && to.value < round.value.spaces;
  if (moving.value === null || !known) return;
  emit('act', { do: 'move', team: moving.value, to: to.value });
  moving.value = null;
}
const page = computed(() => round.value.page);
const turnTo = (at: number | null) => emit('act', { do: 'page', page: at });
</script>

<template>
  <h2>{{ title }}</h2>
  <p v-if="round.rolled" class="muted">{{ stake }}</p>
  <div v-if="mayRoll" class="row">
    <v-btn color="primary" :prepend-icon="mdiDiceMultipleOutline" @click="roll()">{{
      t('formats.trail.rollFor', { team: name })
    }}</v-btn>
    <span class="row" role="group" :aria-label="t('formats.trail.realDie')">
      <span class="muted">{{ t('formats.trail.realDie') }}</span>
      <v-btn
        v-for="face in FACES"
        :key="face"
        variant="outlined"
        size="small"
        min-width="40"
        @click="roll(face)"
        >{{ face }}</v-btn
      >
    </span>
  </div>
  <section v-if="round.pages.length" class="row pages">
    <span>{{
      page === null
        ? t('formats.trail.pages', round.pages.length, { named: { n: round.pages.length } })
        : t('formats.trail.pageOf', { n: page + 1, of: round.pages.length })
    }}</span>
    <template v-if="page !== null">
      <v-btn
        size="small"
        variant="outlined"
        :icon="mdiChevronLeft"
        :disabled="page === 0"
        :aria-label="t('formats.trail.back')"
        @click="turnTo(page - 1)"
      />
      <v-btn
        size="small"
        variant="outlined"
        :icon="mdiChevronRight"
        :disabled="page >= round.pages.length - 1"
        :aria-label="t('formats.trail.next')"
        @click="turnTo(page + 1)"
      />
      <v-btn size="small" variant="outlined" @click="turnTo(null)">{{ t('formats.trail.showTrail') }}</v-btn>
    </template>
    <v-btn v-else size="small" variant="outlined" @click="turnTo(0)">{{
      t('formats.trail.showPages')
    }}</v-btn>
  </section>
  <ul class="all">
    <li v-for="team in view.teams" :key="team.id" :class="{ on: team.id === view.turn }">
      <WeaveSwatch :weave="team.weave" />
      <span class="grow clip">{{ team.name }}</span>
      <span class="muted">{{
        t('formats.trail.stands', {
          space: pieceOf(team.id)?.space ?? 0,
          lap: (pieceOf(team.id)?.lap ?? 0) + 1,
        })
      }}</span>
      <b>{{ points(pieceOf(team.id)?.balance ?? 0) }}</b>
      <v-btn
        v-if="mayRoll && moving !== team.id"
        size="small"
        variant="text"
        @click="((moving = team.id), (to = pieceOf(team.id)?.space ?? 0))"
        >{{ t('formats.trail.move') }}</v-btn
      >
      <form v-else-if="moving === team.id" class="row" @submit.prevent="move">
        <v-text-field
          v-model.number="to"
          type="number"
          class="to"
          hide-details
          :min="0"
          :max="round.spaces - 1"
          :label="t('formats.trail.moveTo')"
        />
        <v-btn type="submit" size="small" color="primary">{{ t('formats.trail.move') }}</v-btn>
      </form>
    </li>
  </ul>
</template>

<style scoped>
p {
  margin: 0;
}
.row {
  flex-wrap: wrap;
}
.pages {
  align-items: center;
}
.all {
  list-style: none;
  margin: 0;
  padding: 0;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 48px;
  padding: 2px 12px;
  border-bottom: 1px solid var(--line);
}
.to {
  min-width: 110px;
}
.on {
  font-weight: 700;
}
</style>
