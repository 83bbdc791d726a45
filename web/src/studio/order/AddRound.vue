<script setup lang="ts">
import { formats, type FormatName } from '@distaff/core/formats';
import { MAX_ROUNDS } from '@distaff/core/show';
import { mdiPlus } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import { formatIcons } from '../../formats/icons.ts';

/** Adds a round of any format, or an interlude, after the one that is looked at. */
const { t } = useI18n();
const editor = useEditor();
const names = Object.keys(formats) as FormatName[];
</script>

<template>
  <v-menu v-if="editor.show!.rounds.length < MAX_ROUNDS">
    <template #activator="{ props }">
      <v-btn v-bind="props" size="small" variant="text" :prepend-icon="mdiPlus">{{
        t('studio.addRound')
      }}</v-btn>
    </template>
    <v-list>
      <v-list-item
        v-for="name in names"
        :key="name"
        :prepend-icon="formatIcons[name]"
        :title="t(`formats.${name}.name`)"
        :subtitle="t(`editors.${name}.hint`)"
        @click="editor.addRound(name)"
      />
    </v-list>
  </v-menu>
</template>
