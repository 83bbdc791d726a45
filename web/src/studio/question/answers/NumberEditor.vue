<script setup lang="ts">
import type { ContentOf } from '@distaff/core/question';
import { mdiClose, mdiPlus } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import DecimalField from '../DecimalField.vue';

/** The number that is right, how near is near enough, and the units it may come in. */
const content = defineModel<ContentOf<'number'>>({ required: true });
const { t } = useI18n();
const markings = ['exact', 'within', 'closest'] as const;
</script>

<template>
  <div class="number">
    <div class="pair">
      <DecimalField v-model="content.key" :label="t('form.numberKey')" empty />
      <v-text-field
        v-model="content.unit"
        :label="t('form.unit')"
        :hint="t('form.unitHint')"
        persistent-hint
        maxlength="20"
      />
    </div>
    <v-select
      v-model="content.marking"
      :label="t('form.marking')"
      :items="markings.map((value) => ({ value, title: t(`form.markNumber.${value}`) }))"
      :hint="content.marking === 'closest' ? t('form.closestHint') : ''"
      persistent-hint
    />
    <div v-if="content.marking === 'within'" class="pair">
      <DecimalField v-model="content.tolerance" :label="t('form.tolerance')" :min="0" />
      <v-select
        v-model="content.percent"
        :label="t('form.toleranceIn')"
        :items="[
          { value: false, title: content.unit || t('form.toleranceUnits') },
          { value: true, title: t('form.tolerancePercent') },
        ]"
      />
    </div>
    <div v-for="(unit, i) in content.units" :key="i" class="other">
      <span>1</span>
      <v-text-field
        v-model="unit.name"
        density="compact"
        hide-details
        maxlength="20"
        :label="t('form.otherUnit')"
      />
      <span>=</span>
      <DecimalField v-model="unit.factor" dense :label="t('form.factor')" above-zero />
      <span>{{ content.unit || '…' }}</span>
      <button
        type="button"
        class="drop"
        :aria-label="t('form.removeUnit', { name: unit.name })"
        @click="content.units.splice(i, 1)"
      >
        <v-icon :icon="mdiClose" size="16" />
      </button>
    </div>
    <v-btn
      v-if="content.unit.trim() && content.units.length < 8"
      class="add"
      variant="text"
      size="small"
      :prepend-icon="mdiPlus"
      @click="content.units.push({ name: '', factor: 1 })"
      >{{ t('form.addUnit') }}</v-btn
    >
  </div>
</template>

<style scoped>
.number {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: start;
}
.other {
  display: grid;
  grid-template-columns: auto 1fr auto 1fr auto auto;
  gap: 8px;
  align-items: center;
}
.add {
  align-self: flex-start;
}
.drop {
  min-width: 28px;
  min-height: 28px;
  cursor: pointer;
}
</style>
