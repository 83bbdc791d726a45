<script setup lang="ts">
import type { Question } from '@distaff/core/question';
import { mdiBookArrowDownOutline } from '@mdi/js';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type StoredQuestion } from '../../api/server.ts';

/** Tells when the library's question, of which this is a copy, was changed since, and offers to take that over. */
const { question } = defineProps<{ question: Question }>();
const emit = defineEmits<{ takeOver: [from: Question, version: number] }>();
const { t } = useI18n();
const newer = ref<StoredQuestion | null>(null);

watch(
  () => [question.id, question.origin?.id, question.origin?.version] as const,
  async ([id, origin, version]) => {
    newer.value = null;
    if (!origin || version === undefined) return;
    try {
      const stored = await server.question(origin);
      if (question.id === id && stored.version > version) newer.value = stored;
    } catch {
      // The library's question may be gone: the copy does not need it.
    }
  },
  { immediate: true },
);
</script>

<template>
  <p v-if="newer" class="newer" role="status">
    {{ t('library.newer') }}
    <v-btn
      size="small"
      variant="outlined"
      :prepend-icon="mdiBookArrowDownOutline"
      @click="emit('takeOver', newer.question, newer.version)"
      >{{ t('library.takeNewer') }}</v-btn
    >
  </p>
</template>

<style scoped>
.newer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 0;
  padding: 6px 10px;
  border-left: 4px solid var(--woad);
  background: var(--chalk);
}
</style>
