<script setup lang="ts">
import { setUpFor, situations, type Situation } from '@distaff/core/show';
import { mdiTuneVariant } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';

/** Sets devices, doors and rules as they suit a situation; what is written stays. */
const { t } = useI18n();
const editor = useEditor();
const open = ref(false);
function setUp(situation: Situation): void {
  editor.remove('building.situationUndo', () => (editor.show = setUpFor(editor.show!, situation)));
  open.value = false;
}
</script>

<template>
  <v-btn variant="outlined" size="small" :prepend-icon="mdiTuneVariant" @click="open = true">{{
    t('building.situation')
  }}</v-btn>
  <v-dialog v-model="open" max-width="640" :aria-label="t('building.situationTitle')" scrollable>
    <v-card class="dialog">
      <h2>{{ t('building.situationTitle') }}</h2>
      <p class="muted">{{ t('building.situationText') }}</p>
      <v-list>
        <v-list-item
          v-for="one in situations"
          :key="one"
          :title="t(`building.situations.${one}`)"
          :subtitle="t(`building.situationHints.${one}`)"
          lines="two"
          @click="setUp(one)"
        />
      </v-list>
      <v-btn variant="text" class="close" @click="open = false">{{ t('common.cancel') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.dialog {
  padding: 20px;
}
.close {
  align-self: flex-end;
}
</style>
