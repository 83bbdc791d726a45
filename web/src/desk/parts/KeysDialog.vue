<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { keyName, type Action } from '../actions.ts';
import { useDesk } from '../useDesk.ts';

defineProps<{ actions: Action[] }>();
const { t } = useI18n();
const desk = useDesk();
</script>

<template>
  <v-dialog
    :aria-label="t('desk.keys')"
    max-width="640"
    :model-value="desk.dialog === 'keys'"
    @update:model-value="desk.dialog = null"
  >
    <v-card class="card">
      <h2>{{ t('desk.keys') }}</h2>
      <dl>
        <dt><kbd>1</kbd>–<kbd>9</kbd></dt>
        <dd>{{ t('desk.keyList.digits') }}</dd>
        <template v-for="action in actions" :key="action.key">
          <dt>
            <kbd>{{ keyName(action.key) }}</kbd>
            <kbd v-if="action.clicker">{{ keyName(action.clicker) }}</kbd>
          </dt>
          <dd>{{ t(`desk.${action.word}`) }}</dd>
        </template>
      </dl>
      <v-btn variant="outlined" @click="desk.dialog = null">{{ t('common.close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  margin: 16px 0;
}
dd {
  margin: 0;
}
kbd + kbd {
  margin-inline-start: 6px;
}
kbd {
  padding: 1px 8px;
  border: 1px solid var(--stone);
  border-radius: 4px;
  font-family: var(--mono);
}
</style>
