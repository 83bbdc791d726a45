<script setup lang="ts">
import { boosts, isHindering } from '@distaff/core/formats';
import { defaultSpinner, MOST_SURPRISES, type Spinner, type Surprise } from '@distaff/core/show';
import { mdiDeleteOutline, mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';

/** What the spinner may bring a team in this show, and with which odds. */
const { t } = useI18n();
const { points } = useFormat();
const editor = useEditor();
const own = computed<Spinner>(() => editor.show!.spinner ?? defaultSpinner);
/** A show that never had one of its own gets a copy of the usual one to change. */
function mine(): Spinner {
  editor.show!.spinner ??= JSON.parse(JSON.stringify(defaultSpinner)) as Spinner;
  return editor.show!.spinner;
}
const harmless = boosts.filter((one) => !isHindering(one));
/** A kind as it is chosen: a boost by its name. */
const kindOf = (one: Surprise) => (one.does === 'boost' ? `boost ${one.boost}` : one.does);
const kinds = computed(() => [
  { value: 'points', title: t('building.spinner.points') },
  { value: 'double', title: t('extras.spinner.does.double') },
  ...harmless.map((boost) => ({
    value: `boost ${boost}`,
    title: t('building.spinner.boost', { boost: t(`extras.boosts.name.${boost}`) }),
  })),
  { value: 'loseTurn', title: t('extras.spinner.does.loseTurn') },
  { value: 'swap', title: t('extras.spinner.does.swap') },
  { value: 'nothing', title: t('extras.spinner.does.nothing') },
]);
function setKind(i: number, kind: string): void {
  const { weight } = own.value.surprises[i]!;
  const [does, boost] = kind.split(' ');
  mine().surprises[i] =
    does === 'points'
      ? { does, amount: 50, weight }
      : does === 'boost'
        ? { does, boost: boost as (typeof boosts)[number], weight }
        : { does: does as 'nothing', weight };
}
const setWeight = (i: number, weight: number | null) => (mine().surprises[i]!.weight = weight ?? 1);
function setAmount(i: number, amount: number | null): void {
  const one = mine().surprises[i]!;
  if (one.does === 'points') one.amount = amount ?? 0;
}
const all = computed(() => own.value.surprises.reduce((sum, { weight }) => sum + weight, 0));
const FEWEST = 2;
</script>

<template>
  <details class="spinner">
    <summary>
      <b>{{ t('building.spinner.title') }}</b>
      <span class="muted">{{ t('building.spinner.hint') }}</span>
    </summary>
    <div class="body">
      <div v-for="(one, i) in own.surprises" :key="i" class="field">
        <v-select
          :model-value="kindOf(one)"
          :items="kinds"
          :label="t('building.spinner.field', { n: i + 1 })"
          hide-details
          @update:model-value="setKind(i, $event)"
        />
        <NumberField
          v-if="one.does === 'points'"
          :model-value="one.amount"
          :min="-1000000"
          :max="1000000"
          :label="t('building.spinner.amount')"
          @update:model-value="setAmount(i, $event)"
        />
        <span v-else />
        <NumberField
          :model-value="one.weight"
          :min="1"
          :max="99"
          :label="t('building.spinner.weight')"
          :hint="t('extras.spinner.odds', { n: points(one.weight), of: points(all) })"
          @update:model-value="setWeight(i, $event)"
        />
        <v-btn
          variant="text"
          size="small"
          :icon="mdiDeleteOutline"
          :disabled="own.surprises.length <= FEWEST"
          :aria-label="t('building.spinner.drop', { n: i + 1 })"
          @click="mine().surprises.splice(i, 1)"
        />
      </div>
      <v-btn
        variant="outlined"
        :prepend-icon="mdiPlus"
        :disabled="own.surprises.length >= MOST_SURPRISES"
        @click="mine().surprises.push({ does: 'nothing', weight: 1 })"
        >{{ t('building.spinner.add') }}</v-btn
      >
      <v-switch
        :model-value="own.everybodyFirst"
        :label="t('building.spinner.everybodyFirst')"
        @update:model-value="mine().everybodyFirst = $event === true"
      />
    </div>
  </details>
</template>

<style scoped>
.spinner {
  padding: 12px 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
summary {
  cursor: pointer;
}
summary span {
  margin-inline-start: 10px;
}
.body {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 12px;
  padding-top: 12px;
}
.field {
  display: grid;
  grid-template-columns: minmax(180px, 2fr) minmax(110px, 1fr) minmax(110px, 1fr) auto;
  gap: 12px;
  width: 100%;
  align-items: start;
}
@media (max-width: 767px) {
  .field {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
