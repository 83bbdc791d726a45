<script setup lang="ts">
import { repeats, type Selection } from '@distaff/core/library';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import { useBank } from '../questions/bank.ts';
import { useRuleWords } from './useRuleWords.ts';

/**
 * From where in the library questions are taken, and whether those that were played come again. The
 * page that holds it loads sets and tags.
 */
const from = defineModel<Pick<Selection, 'sets' | 'tags' | 'repeat'>>({ required: true });
const { t } = useI18n();
const bank = useBank();
const editor = useEditor();
const { group } = useRuleWords();
</script>

<template>
  <v-autocomplete
    v-model="from.sets"
    multiple
    class="wide"
    :label="t('building.sets')"
    :placeholder="t('building.anySet')"
    persistent-placeholder
    :items="bank.sets.map((one) => ({ value: one.id, title: one.title }))"
  />
  <v-autocomplete
    v-model="from.tags"
    multiple
    :label="t('building.tags')"
    :placeholder="t('building.anyTag')"
    persistent-placeholder
    :items="bank.tags"
  />
  <v-select
    v-model="from.repeat"
    :label="t('building.repeat')"
    :items="repeats.map((value) => ({ value, title: t(`building.repeats.${value}`, { group: group() }) }))"
    :hint="
      (from.repeat === 'notForGroup' || from.repeat === 'due') && !editor.show?.group
        ? t('building.noGroupYet')
        : ''
    "
  />
</template>

<style scoped>
/* In a grid of the page that holds it. */
.wide {
  grid-column: 1 / -1;
}
</style>
