<script setup lang="ts">
import type { CounterweightView } from '@distaff/core/formats';
import type { TeamView } from '@distaff/core/sitting';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import CoverGrid from './CoverGrid.vue';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** The choice that a right answer earned: who lifts a cover – oneself, or another team – and which one. */
const { round, teams } = defineProps<{ round: CounterweightView; teams: readonly TeamView[] }>();
const emit = defineEmits<{ lift: [act: { do: 'lift'; cover: number; team: string }] }>();
const { t } = useI18n();
const given = ref<string | null>(null);
/** The team that won keeps the cover unless another one is named. */
const lifter = computed(() => given.value ?? round.choosing ?? '');
const lift = (cover: number) => emit('lift', { do: 'lift', cover, team: lifter.value });
</script>

<template>
  <div class="choice">
    <fieldset v-if="round.choosing">
      <legend>{{ t('formats.counterweight.whoLifts') }}</legend>
      <div class="teams">
        <button
          v-for="team in teams"
          :key="team.id"
          type="button"
          class="team"
          :aria-pressed="team.id === lifter"
          @click="given = team.id"
        >
          <WeaveSwatch :weave="team.weave" /> <span class="clip">{{ team.name }}</span>
          <b class="mono">{{ team.score }}</b>
        </button>
      </div>
    </fieldset>
    <CoverGrid
      class="grid"
      :covers="round.covers"
      :teams="teams"
      :can-lift="round.choosing !== null"
      @lift="lift"
    />
  </div>
</template>

<style scoped>
.choice {
  display: flex;
  flex-direction: column;
  gap: var(--cover-gap, 12px);
  min-height: 0;
}
fieldset {
  display: flex;
  flex-direction: column;
  margin: 0;
  padding: 0;
  border: none;
  /* Of very many the list scrolls under its question: the covers keep their place. */
  max-height: 40%;
}
.teams {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  min-height: 0;
  overflow-y: auto;
}
legend {
  padding: 0;
  margin-bottom: 6px;
}
.team {
  display: flex;
  align-items: center;
  gap: 0.5em;
  max-width: 100%;
  min-height: 2.6em;
  padding: 0.3em 0.7em;
  border: 2px solid var(--cell-edge, var(--line));
  border-radius: 8px;
  cursor: pointer;
}
.team[aria-pressed='true'] {
  border-color: var(--accent, var(--moss));
  border-width: 3px;
  font-weight: 700;
}
.grid {
  flex: 1;
  min-height: 0;
}
</style>
