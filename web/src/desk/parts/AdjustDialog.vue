<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import { useDesk } from '../useDesk.ts';
import { vFirstFocus } from '../../design/firstFocus.ts';

/** Changes points by hand; the reason goes into the ledger. */
const { t } = useI18n();
const desk = useDesk();
const amount = ref('');
const reason = ref('');
const tried = ref(false);
const team = computed(() => desk.view.teams.find((one) => one.id === desk.adjusting?.team));
watch(
  () => desk.adjusting,
  (now) => {
    if (!now) return;
    amount.value = now.amount === 0 ? '' : String(now.amount);
    reason.value = '';
    tried.value = false;
  },
);
const number = computed(() => Number(amount.value.trim().replace('−', '-')));
const amountOk = computed(
  () =>
    amount.value.trim() !== '' &&
    Number.isInteger(number.value) &&
    number.value !== 0 &&
    Math.abs(number.value) <= 1_000_000,
);
const reasonOk = computed(() => reason.value.trim() !== '');

function save(): void {
  tried.value = true;
  if (!amountOk.value || !reasonOk.value || !desk.adjusting) return;
  void desk.ask({
    type: 'adjust',
    team: desk.adjusting.team,
    amount: number.value,
    reason: reason.value.trim(),
  });
  desk.adjusting = null;
}
</script>

<template>
  <DialogFrame
    :model-value="desk.adjusting !== null"
    :title="t('desk.adjustTitle', { team: team?.name ?? '' })"
    :width="420"
    form
    @update:model-value="desk.adjusting = null"
    @submit="save"
  >
    <v-text-field
      v-model="amount"
      v-first-focus="desk.adjusting?.amount === 0"
      :label="t('desk.amount')"
      :hint="t('desk.amountHint')"
      persistent-hint
      inputmode="text"
      :error-messages="tried && !amountOk ? t('desk.amountWrong') : ''"
    />
    <v-text-field
      v-model="reason"
      v-first-focus="desk.adjusting?.amount !== 0"
      :label="t('desk.reason')"
      maxlength="200"
      :error-messages="tried && !reasonOk ? t('desk.reasonNeeded') : ''"
    />

    <template #actions>
      <v-btn variant="text" @click="desk.adjusting = null">{{ t('common.cancel') }}</v-btn>
      <v-btn type="submit" color="primary">{{ t('desk.adjust') }}</v-btn>
    </template>
  </DialogFrame>
</template>
