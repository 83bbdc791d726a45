<script setup lang="ts">
import { mdiCellphoneArrowDown } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../../live/sitting.ts';

/** Players who hold another phone now and ask for their seat: the host knows whether it is them. */
const { t } = useI18n();
const sitting = useSitting();
</script>

<template>
  <ul class="claims" role="status">
    <li v-for="claim in sitting.claims" :key="claim.id">
      <v-icon :icon="mdiCellphoneArrowDown" />
      <span class="grow">{{ t('desk.claim', { name: claim.name }) }}</span>
      <v-btn size="small" color="primary" @click="sitting.nod(claim.id, true)">{{
        t('desk.claimYes')
      }}</v-btn>
      <v-btn size="small" variant="outlined" @click="sitting.nod(claim.id, false)">{{
        t('desk.claimNo')
      }}</v-btn>
    </li>
  </ul>
</template>

<style scoped>
.claims {
  position: fixed;
  z-index: 5;
  left: 50%;
  top: 64px;
  transform: translateX(-50%);
  width: min(560px, 94vw);
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 6px;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 8px 12px;
  border-left: 4px solid var(--weld);
  border-radius: 6px;
  background: #fbf1d2;
  box-shadow: 0 0 0 1px var(--line);
}
</style>
