<script setup lang="ts">
import { mdiFlagCheckered } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';
import DialogFrame from '../design/DialogFrame.vue';
import { useRun } from './useRun.ts';

/** Which question this is, what is left, and the way to end it before the end. */
const { t } = useI18n();
const { points } = useFormat();
const { practice, seat, number, lives, comesAgain } = useRun();
const ending = ref(false);
async function finish(): Promise<void> {
  ending.value = false;
  await practice.send({ type: 'finish' });
}
</script>

<template>
  <header>
    <b>{{ number }}</b>
    <span v-if="lives !== null">{{ t('practice.lives', lives, { named: { n: lives } }) }}</span>
    <span v-else-if="comesAgain" class="mono">{{ points(seat.standing?.score ?? 0) }}</span>
    <v-btn
      class="end"
      variant="text"
      size="small"
      :icon="mdiFlagCheckered"
      :aria-label="t('practice.finish')"
      :title="t('practice.finish')"
      @click="ending = true"
    />
    <DialogFrame v-model="ending" :title="t('practice.finish')" :width="360">
      <p>{{ t('practice.finishSure') }}</p>
      <template #actions>
        <v-btn variant="text" @click="ending = false">{{ t('practice.keepOn') }}</v-btn>
        <v-btn color="primary" @click="finish">{{ t('practice.finish') }}</v-btn>
      </template>
    </DialogFrame>
  </header>
</template>

<style scoped>
header {
  flex: none;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 4px 8px 0 16px;
}
.end {
  margin-inline-start: auto;
  color: var(--dim);
}
</style>
