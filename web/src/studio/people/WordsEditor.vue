<script setup lang="ts">
import { defaultWordRules, type WordRules } from '@distaff/core/show';
import ISO6391 from 'iso-639-1';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../../api/server.ts';
import { useEditor } from '../editor.ts';

/** Unwanted words in names and typed answers: in which languages, which more, and which are fine. */
const { t } = useI18n();
const editor = useEditor();
const rules = computed<WordRules>(() => editor.show!.doors.words ?? defaultWordRules);
const languages = ref<string[]>([]);
const names = computed(() =>
  languages.value.map((value) => ({ value, title: ISO6391.getNativeName(value) || value })),
);
// Without the list the languages that are chosen stand there by their codes.
onMounted(async () => (languages.value = await server.wordLanguages().catch(() => rules.value.languages)));

const change = (by: Partial<WordRules>) => (editor.show!.doors.words = { ...rules.value, ...by });
const MOST = 200;
const tidy = (words: unknown) =>
  [...new Set((words as string[]).map((word) => word.trim().slice(0, 40)).filter(Boolean))].slice(0, MOST);
</script>

<template>
  <section class="words">
    <v-switch
      :model-value="!rules.off"
      :label="t('people.words.on')"
      @update:model-value="change({ off: $event !== true })"
    />
    <template v-if="!rules.off">
      <p class="muted">{{ t('people.words.hint') }}</p>
      <v-select
        :model-value="rules.languages"
        :items="names"
        multiple
        chips
        closable-chips
        :label="t('people.words.languages')"
        @update:model-value="change({ languages: ($event as string[]).slice(0, 12) })"
      >
        <template #chip="{ props, internalItem }"
          ><v-chip v-bind="props" :close-label="t('common.dropWord', { word: internalItem.title })"
        /></template>
      </v-select>
      <v-combobox
        :model-value="rules.also"
        multiple
        chips
        closable-chips
        hide-no-data
        :label="t('people.words.also')"
        @update:model-value="change({ also: tidy($event) })"
      >
        <template #chip="{ props, internalItem }"
          ><v-chip v-bind="props" :close-label="t('common.dropWord', { word: internalItem.title })"
        /></template>
      </v-combobox>
      <v-combobox
        :model-value="rules.allow"
        multiple
        chips
        closable-chips
        hide-no-data
        :label="t('people.words.allow')"
        @update:model-value="change({ allow: tidy($event) })"
      >
        <template #chip="{ props, internalItem }"
          ><v-chip v-bind="props" :close-label="t('common.dropWord', { word: internalItem.title })"
        /></template>
      </v-combobox>
    </template>
  </section>
</template>

<style scoped>
.words {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
p {
  margin: 0;
}
</style>
