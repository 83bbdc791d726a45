<script setup lang="ts">
import type { PublicView, SpinnerView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpinner } from '../../design/spinner/useSpinner.ts';
import { useThrown } from '../../design/spinner/useThrown.ts';

/** What the spinner draws, and what came up with its chance: in two lines over the picture of a stream. */
const { view, spinner, now } = defineProps<{ view: PublicView; spinner: SpinnerView; now: number }>();
const { t } = useI18n();
const { nameOf, titleOf } = useSpinner();
const told = useThrown(
  () => spinner,
  () => now,
);
const owner = computed(() => view.teams.find(({ id }) => id === spinner.team)?.name ?? '');
const field = computed(() => (spinner.field === null ? null : (spinner.fields[spinner.field] ?? null)));
</script>

<template>
  <section :aria-label="titleOf(spinner, owner)">
    <p class="clip">{{ titleOf(spinner, owner) }}</p>
    <p v-if="told && field" class="came">
      <b class="clip">{{ nameOf(field) }}</b>
      <span>{{ t('extras.spinner.chance', { n: field.weight, of: spinner.of }) }}</span>
    </p>
    <p v-else-if="spinner.spunAt !== null" class="came">{{ t('extras.spinner.moving') }}</p>
  </section>
</template>

<style scoped>
p {
  margin: 0;
  color: var(--dim);
}
.came {
  display: flex;
  align-items: baseline;
  gap: 1em;
  font-size: 1.5em;
  color: var(--light);
}
.came span {
  flex: none;
  font-size: 0.7em;
  color: var(--dim);
}
</style>
