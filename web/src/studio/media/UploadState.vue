<script setup lang="ts">
import { reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import type { useUpload } from './useUpload.ts';

/** How far an upload is, with a way to break it off; or why it was refused. */
const { upload } = defineProps<{ upload: ReturnType<typeof useUpload> }>();
const { t } = useI18n();
const state = reactive(upload);
</script>

<template>
  <div v-if="state.progress !== null" class="row going" role="status">
    <span class="clip">{{
      t(state.progress < 1 ? 'media.sending' : 'media.working', { name: state.name })
    }}</span>
    <v-progress-linear
      class="grow"
      color="primary"
      height="8"
      :model-value="state.progress * 100"
      :indeterminate="state.progress >= 1"
      :aria-label="t('media.progress')"
    />
    <v-btn size="small" variant="text" @click="state.cancel()">{{ t('common.cancel') }}</v-btn>
  </div>
  <p v-if="state.problem" role="alert" class="problem">{{ state.problem }}</p>
</template>

<style scoped>
.going {
  gap: 12px;
  padding: 8px 0;
}
.clip {
  max-width: 45%;
}
.problem {
  margin: 8px 0 0;
}
</style>
