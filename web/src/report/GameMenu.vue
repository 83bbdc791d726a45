<script setup lang="ts">
import { mdiDotsVertical } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../design/DialogFrame.vue';
import LearningRecords from './LearningRecords.vue';
import { useResults } from './results.ts';

/** What is done with a game that is over: its records, players' own answers, and clearing up after it. */
const { t } = useI18n();
const results = useResults();
/** What cannot be undone is asked about first. */
type Final = 'anonymous' | 'clear';
const asking = ref<Final | null>(null);
const sending = ref(false);
const busy = ref(false);
const sitting = computed(() => results.data?.sitting);
const hasPeople = computed(() => results.isClosed && sitting.value?.anonymousSince == null);
const isCleared = computed(() => sitting.value?.clearedAt != null);
async function doIt(): Promise<void> {
  const work = { anonymous: results.makeAnonymous, clear: results.clear };
  if (!asking.value || busy.value) return;
  busy.value = true;
  await work[asking.value]();
  busy.value = false;
  asking.value = null;
}
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <v-btn
        variant="outlined"
        :icon="mdiDotsVertical"
        size="small"
        :aria-label="t('report.menu.label')"
        v-bind="props"
      />
    </template>
    <v-list>
      <v-list-item
        :title="t('report.records.open')"
        :disabled="!hasPeople || isCleared"
        @click="sending = true"
      />
      <v-list-item
        :title="t(sitting?.answersClosed ? 'report.menu.openAnswers' : 'report.menu.closeAnswers')"
        :disabled="!hasPeople || isCleared"
        @click="results.closeAnswers(!sitting?.answersClosed)"
      />
      <v-list-item
        :title="t('report.menu.anonymous')"
        :disabled="!hasPeople || isCleared"
        @click="asking = 'anonymous'"
      />
      <v-list-item
        :title="t('report.menu.clear')"
        :disabled="!results.isClosed || isCleared"
        @click="asking = 'clear'"
      />
      <v-list-item :title="t('report.menu.delete')" :disabled="!results.isClosed" @click="results.remove" />
    </v-list>
  </v-menu>
  <LearningRecords v-model="sending" />
  <DialogFrame
    v-if="asking"
    :model-value="true"
    :title="t(`report.menu.sure.${asking}.title`)"
    :width="440"
    @update:model-value="asking = null"
  >
    <p>{{ t(`report.menu.sure.${asking}.gone`) }}</p>
    <p>{{ t(`report.menu.sure.${asking}.stays`) }}</p>
    <template #actions>
      <v-btn variant="outlined" @click="asking = null">{{ t('common.cancel') }}</v-btn>
      <v-btn color="error" :loading="busy" @click="doIt">{{ t(`report.menu.sure.${asking}.do`) }}</v-btn>
    </template>
  </DialogFrame>
</template>
