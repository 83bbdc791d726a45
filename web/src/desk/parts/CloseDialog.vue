<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import { questionsLeft } from '../../formats/progress.ts';
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
  <DialogFrame
    :model-value="desk.dialog === 'close'"
    :title="t('desk.closeTitle')"
    :width="420"
    @update:model-value="desk.dialog = null"
  >
    <p>{{ t('desk.closeText', { left }) }}</p>

    <template #actions>
      <v-btn variant="text" @click="desk.dialog = null">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" @click="close">{{ t('desk.closeShow') }}</v-btn>
    </template>
  </DialogFrame>
</template>
