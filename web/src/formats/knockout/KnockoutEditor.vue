<script setup lang="ts">
import type { RoundOf } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../../studio/editor.ts';
import NumberField from '../../studio/question/NumberField.vue';
import ListEditor from '../list/ListEditor.vue';

/** A list whose misses cost lives. */
const place = defineModel<string | null>('place', { required: true });
const { t } = useI18n();
const editor = useEditor();
const content = computed(() => (editor.list as RoundOf<'knockout'>).content);
</script>

<template>
  <ListEditor v-model:place="place">
    <template #settings>
      <NumberField v-model="content.lives" :min="1" :max="9" :label="t('editors.knockout.lives')" />
    </template>
  </ListEditor>
</template>
