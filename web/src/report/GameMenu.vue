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
const items = computed(() => {
  const ofPeople = hasPeople.value && !isCleared.value;
  const isShut = sitting.value?.answersClosed === true;
  return [
    { says: 'report.records.open', can: ofPeople, does: () => (sending.value = true) },
    {
      says: isShut ? 'report.menu.openAnswers' : 'report.menu.closeAnswers',
      can: ofPeople,
      does: () => results.closeAnswers(!isShut),
    },
    { says: 'report.menu.anonymous', can: ofPeople, does: () => (asking.value = 'anonymous') },
    {
      says: 'report.menu.clear',
      can: results.isClosed && !isCleared.value,
      does: () => (asking.value = 'clear'),
    },
    { says: 'report.menu.delete', can: results.isClosed, does: results.remove },
  ];
});
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
        v-for="item in items"
        :key="item.says"
        :title="t(item.says)"
        :disabled="!item.can"
        @click="item.does"
      />
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
