<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { questionsLeft } from '../progress.ts';
import { useDesk } from '../useDesk.ts';

const { t } = useI18n();
const desk = useDesk();
const left = computed(() => questionsLeft(desk.view.round));
function close(): void {
  desk.dialog = null;
  void desk.ask({ type: 'close' });
}
</script>

<template>
  <v-dialog
    :aria-label="t('desk.closeTitle')"
    :model-value="desk.dialog === 'close'"
    max-width="420"
    @update:model-value="desk.dialog = null"
  >
    <v-card class="card">
      <h2>{{ t('desk.closeTitle') }}</h2>
      <p>{{ t('desk.closeText', { left }) }}</p>
      <div class="row end">
        <v-btn variant="text" @click="desk.dialog = null">{{ t('common.cancel') }}</v-btn>
        <v-btn color="primary" @click="close">{{ t('desk.closeShow') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px;
}
.end {
  justify-content: flex-end;
}
</style>
