<script setup lang="ts">
import {
  boosts,
  formatOf,
  harmlessBoosts,
  isHindering,
  usualBoosts,
  type BoostName,
} from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';

/** Which boosts there are in the round, what they do, and what they cost where they are sold. */
const { t } = useI18n();
const editor = useEditor();
const rules = computed(() => editor.round.rules);
const sells = computed(() => formatOf(editor.round.format).sells);
const on = computed({
  get: () => rules.value.boosts !== null,
  set: (own: boolean) => (rules.value.boosts = own ? harmlessBoosts.map((one) => ({ ...one })) : null),
});
const lineOf = (boost: BoostName) => rules.value.boosts?.find((one) => one.boost === boost) ?? null;
function toggle(boost: BoostName, has: boolean): void {
  const others = (rules.value.boosts ?? []).filter((one) => one.boost !== boost);
  rules.value.boosts = has
    ? boosts.flatMap((name) =>
        name === boost
          ? [{ boost, ...usualBoosts[boost] }]
          : (others.find((one) => one.boost === name) ?? []),
      )
    : others;
}
/** What can be set of what a boost does; the others are as they are. */
const settable = new Set<BoostName>(['double', 'forgive', 'moreTime', 'hurry', 'tithe']);
</script>

<template>
  <v-switch v-model="on" :label="t('rules.boosts')" />
  <template v-if="on">
    <p class="muted">{{ t(sells ? 'rules.boostsSold' : 'rules.boostsGiven') }}</p>
    <div v-for="boost in boosts" :key="boost" class="boost">
      <v-checkbox
        :model-value="lineOf(boost) !== null"
        :label="t(`extras.boosts.name.${boost}`)"
        :hint="isHindering(boost) ? t('rules.hindering') : ''"
        persistent-hint
        density="compact"
        @update:model-value="toggle(boost, $event === true)"
      />
      <template v-if="lineOf(boost)">
        <NumberField
          v-if="settable.has(boost)"
          v-model="lineOf(boost)!.amount"
          :min="1"
          :max="boost === 'hurry' || boost === 'tithe' ? 100 : boost === 'moreTime' ? 600 : 20"
          :label="t(`rules.boostAmount.${boost}`)"
        />
        <NumberField
          v-if="sells"
          v-model="lineOf(boost)!.price"
          :min="0"
          :max="1000000"
          :label="t('rules.boostPrice')"
        />
      </template>
    </div>
  </template>
</template>

<style scoped>
p {
  margin: 0;
}
.boost {
  display: grid;
  grid-template-columns: minmax(200px, 1fr) repeat(2, minmax(140px, 200px));
  gap: 12px;
  align-items: start;
}
@media (max-width: 767px) {
  .boost {
    grid-template-columns: 1fr;
  }
}
</style>
