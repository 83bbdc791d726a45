<script setup lang="ts">
import { difficulties, kindNames } from '@distaff/core/question';
import { questionStates } from '@distaff/core/library';
import { mdiFilterVariant } from '@mdi/js';
import ISO6391 from 'iso-639-1';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBank } from './bank.ts';

/** Narrows the list: kind, tag, difficulty, language, what is wrong with it; and how it is sorted. */
const { t, locale } = useI18n();
const bank = useBank();
const filters = ['kind', 'tag', 'difficulty', 'language', 'state', 'deleted'] as const;
const names = computed(() => new Intl.DisplayNames([locale.value], { type: 'language' }));
const languages = computed(() =>
  ISO6391.getAllCodes().map((value) => ({ value, title: names.value.of(value) ?? value })),
);
const wordOf = (filter: (typeof filters)[number]): string => {
  const value = bank.query[filter];
  if (filter === 'kind') return t(`common.kinds.${value}`);
  if (filter === 'difficulty') return t(`form.difficulties.${value}`);
  if (filter === 'state') return t(`library.states.${value}`);
  if (filter === 'language') return names.value.of(value) ?? value;
  return filter === 'deleted' ? t('library.deletedOnes') : value;
};
const active = computed(() => filters.filter((filter) => bank.query[filter]));
</script>

<template>
  <v-menu :close-on-content-click="false">
    <template #activator="{ props }">
      <v-btn v-bind="props" variant="outlined" size="small" :prepend-icon="mdiFilterVariant">{{
        t('library.filter')
      }}</v-btn>
    </template>
    <v-card class="filters">
      <v-select
        v-model="bank.query.kind"
        clearable
        :label="t('form.kind')"
        :items="kindNames.map((value) => ({ value, title: t(`common.kinds.${value}`) }))"
        @click:clear="bank.query.kind = ''"
      />
      <v-autocomplete
        v-model="bank.query.tag"
        clearable
        :label="t('library.tag')"
        :items="bank.tags"
        @click:clear="bank.query.tag = ''"
      />
      <v-select
        v-model="bank.query.difficulty"
        clearable
        :label="t('form.difficulty')"
        :items="difficulties.map((value) => ({ value, title: t(`form.difficulties.${value}`) }))"
        @click:clear="bank.query.difficulty = ''"
      />
      <v-autocomplete
        v-model="bank.query.language"
        clearable
        :label="t('form.language')"
        :items="languages"
        @click:clear="bank.query.language = ''"
      />
      <v-select
        v-model="bank.query.state"
        clearable
        :label="t('library.state')"
        :items="questionStates.map((value) => ({ value, title: t(`library.states.${value}`) }))"
        @click:clear="bank.query.state = ''"
      />
      <v-select
        v-model="bank.query.sort"
        :label="t('library.sort')"
        :items="[
          { value: 'changed', title: t(bank.query.set ? 'library.sorts.place' : 'library.sorts.changed') },
          { value: 'prompt', title: t('library.sorts.prompt') },
        ]"
      />
      <v-switch
        :model-value="bank.query.deleted === '1'"
        :label="t('library.showDeleted')"
        @update:model-value="bank.query.deleted = $event ? '1' : ''"
      />
    </v-card>
  </v-menu>
  <v-chip
    v-for="filter in active"
    :key="filter"
    size="small"
    closable
    :close-label="t('library.dropFilter', { what: wordOf(filter) })"
    @click:close="bank.query[filter] = ''"
    >{{ wordOf(filter) }}</v-chip
  >
</template>

<style scoped>
.filters {
  width: 320px;
  padding: 16px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
</style>
