<script setup lang="ts">
import { comparedWith, shownWhen } from '@distaff/core/formats';
import type { RoundOf } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../../studio/editor.ts';
import ListEditor from '../list/ListEditor.vue';

/** A list of questions without a key: with or without names, when it is seen what came out, and beside what. */
const place = defineModel<string | null>('place', { required: true });
const { t } = useI18n();
const editor = useEditor();
const content = computed(() => (editor.list as RoundOf<'survey'>).content);
</script>

<template>
  <ListEditor v-model:place="place">
    <template #more>
      <v-switch v-model="content.anonymous" :label="t('editors.survey.anonymous')" />
      <v-radio-group v-model="content.shown" :label="t('editors.survey.shown')">
        <v-radio
          v-for="one in shownWhen"
          :key="one"
          :value="one"
          :label="t(`editors.survey.showns.${one}`)"
        />
      </v-radio-group>
      <p v-if="content.anonymous && content.shown === 'live'" class="muted">
        {{ t('editors.survey.liveHint') }}
      </p>
      <v-radio-group v-model="content.compare" :label="t('editors.survey.compare')">
        <v-radio
          v-for="one in comparedWith"
          :key="one"
          :value="one"
          :label="t(`editors.survey.compares.${one}`)"
        />
      </v-radio-group>
    </template>
  </ListEditor>
</template>
