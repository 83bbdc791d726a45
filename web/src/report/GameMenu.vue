<script setup lang="ts">
import { mdiDotsVertical } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../design/DialogFrame.vue';
import LearningRecords from './LearningRecords.vue';
import { useResults } from './results.ts';

/** Clearing up after a game: its people made anonymous, or all of it deleted. */
const { t } = useI18n();
const results = useResults();
const asking = ref(false);
const sending = ref(false);
const busy = ref(false);
async function makeAnonymous(): Promise<void> {
  busy.value = true;
  await results.makeAnonymous();
  busy.value = false;
  asking.value = false;
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
        :disabled="!results.isClosed || results.data?.sitting.anonymousSince != null"
        @click="sending = true"
      />
      <v-list-item
        :title="t('report.menu.anonymous')"
        :disabled="!results.isClosed || results.data?.sitting.anonymousSince != null"
        @click="asking = true"
      />
      <v-list-item :title="t('report.menu.delete')" :disabled="!results.isClosed" @click="results.remove" />
    </v-list>
  </v-menu>
  <LearningRecords v-model="sending" />
  <DialogFrame v-model="asking" :title="t('report.menu.anonymousTitle')" :width="440">
    <p>{{ t('report.menu.anonymousGone') }}</p>
    <p>{{ t('report.menu.anonymousStays') }}</p>
    <template #actions>
      <v-btn variant="outlined" @click="asking = false">{{ t('common.cancel') }}</v-btn>
      <v-btn color="error" :loading="busy" @click="makeAnonymous">{{ t('report.menu.anonymousDo') }}</v-btn>
    </template>
  </DialogFrame>
</template>
