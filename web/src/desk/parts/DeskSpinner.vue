<script setup lang="ts">
import type { SpinnerView } from '@distaff/core/sitting';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpinner } from '../../design/spinner/useSpinner.ts';
import { useDesk } from '../useDesk.ts';

/** The spinner at the desk: its fields with their odds, the throw, and another one for a reason. */
const { spinner } = defineProps<{ spinner: SpinnerView }>();
const { t } = useI18n();
const desk = useDesk();
const { nameOf, oddsOf, titleOf } = useSpinner();
const owner = computed(() => desk.view.teams.find(({ id }) => id === spinner.team)?.name ?? '');
const reason = ref('');
async function again(): Promise<void> {
  if (reason.value.trim() === '') return;
  await desk.ask({ type: 'spinAgain', reason: reason.value.trim() });
  reason.value = '';
}
</script>

<template>
  <section class="spinner">
    <h2>{{ titleOf(spinner, owner) }}</h2>
    <ol>
      <li v-for="(one, i) in spinner.fields" :key="i" :class="{ on: i === spinner.field }">
        <b class="clip">{{ nameOf(one) }}</b> <span class="muted">{{ oddsOf(one, spinner) }}</span>
        <span v-if="i === spinner.field">{{ t('extras.spinner.random') }}</span>
      </li>
    </ol>
    <div class="row">
      <v-btn v-if="spinner.field === null" color="primary" @click="desk.ask({ type: 'spin' })">{{
        t('extras.spinner.throw')
      }}</v-btn>
      <form v-else class="row grow" @submit.prevent="again">
        <v-text-field
          v-model="reason"
          density="compact"
          hide-details
          maxlength="200"
          :label="t('extras.spinner.againWhy')"
        />
        <v-btn type="submit" variant="outlined" :disabled="reason.trim() === ''">{{
          t('extras.spinner.again')
        }}</v-btn>
      </form>
      <v-btn v-if="spinner.field === null" variant="text" @click="desk.ask({ type: 'closeSpinner' })">{{
        t('extras.spinner.close')
      }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.spinner {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 6px;
}
li {
  display: flex;
  gap: 12px;
  padding: 8px 12px;
}
li + li {
  border-top: 1px solid var(--line);
}
li.on {
  background: #fbf1d2;
}
</style>
