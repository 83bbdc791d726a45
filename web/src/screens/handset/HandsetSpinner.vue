<script setup lang="ts">
import type { PublicView, SeatView, SpinnerView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { HOUSE } from '../../design/weave/house.ts';
import SewnLabel from '../../design/weave/SewnLabel.vue';
import { weaveBackground } from '../../design/weave/tile.ts';
import { useFlick } from '../../design/spinner/useFlick.ts';
import { useSpinner } from '../../design/spinner/useSpinner.ts';
import { useThrown } from '../../design/spinner/useThrown.ts';

/** The spinner on a phone: fields as tall as their odds, and the throw for whoever has it; then what came up. */
const { view, seat, spinner, now } = defineProps<{
  view: PublicView;
  seat: SeatView;
  spinner: SpinnerView;
  now: number;
}>();
const emit = defineEmits<{ spin: [strength: number] }>();
const { t } = useI18n();
const { nameOf, oddsOf, titleOf } = useSpinner();
const owner = computed(() => view.teams.find((team) => team.id === spinner.team)?.name ?? '');
const told = useThrown(
  () => spinner,
  () => now,
);
const field = computed(() => (spinner.field === null ? null : (spinner.fields[spinner.field] ?? null)));
const weave = computed(() => {
  const id = field.value?.team ?? spinner.team;
  return view.teams.find((team) => team.id === id)?.weave ?? HOUSE;
});
const flick = useFlick((strength) => seat.maySpin && emit('spin', strength));
</script>

<template>
  <p class="topic">{{ t('extras.spinner.title') }}</p>
  <h1>{{ titleOf(spinner, owner) }}</h1>
  <div v-if="told && field" class="came" :style="weaveBackground(weave, 2)">
    <SewnLabel class="label" role="status">
      <b>{{ nameOf(field) }}</b>
      <p>{{ t(`extras.spinner.came.${spinner.what}`, { team: owner }) }}</p>
    </SewnLabel>
  </div>
  <p v-if="told && field?.surprise">
    {{ t(`extras.spinner.doesText.${field.surprise.does}`, { team: owner }) }}
  </p>
  <template v-else-if="!told">
    <ol class="fields" v-on="flick">
      <li v-for="(one, i) in spinner.fields" :key="i" :style="{ flexGrow: one.weight }">
        <b class="clip">{{ nameOf(one) }}</b>
        <span>{{ oddsOf(one, spinner) }}</span>
      </li>
    </ol>
    <v-btn
      v-if="seat.maySpin"
      class="throw"
      color="primary"
      size="x-large"
      block
      @click="emit('spin', 0.5)"
      >{{ t('extras.spinner.throw') }}</v-btn
    >
    <p v-else>{{ t('extras.spinner.waits') }}</p>
  </template>
</template>

<style scoped>
h1 {
  font-size: 26px;
}
p {
  margin: 0;
}
.topic {
  color: var(--accent);
  font-weight: 700;
}
.fields {
  flex: 1;
  display: flex;
  flex-direction: column;
  list-style: none;
  margin: 0 -16px;
  padding: 0;
  touch-action: none;
}
li {
  flex-basis: 0;
  min-height: 34px;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 0 16px;
  border-top: 2px solid var(--edge);
  background: repeating-linear-gradient(
    to bottom,
    color-mix(in srgb, var(--light) 16%, transparent) 0 1px,
    transparent 1px 6px
  );
}
li b,
li span {
  padding: 2px 8px;
  background: var(--ground);
}
.came {
  flex: 1 0 220px;
  display: grid;
  place-content: center;
  margin: 0 -16px;
}
.label {
  align-items: center;
  text-align: center;
  font-weight: 700;
}
.label b {
  font-size: 44px;
}
.throw {
  flex: none;
}
</style>
