<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { foldText } from '@distaff/core/text';
import { useI18n } from 'vue-i18n';
import { keyName, type Action } from '../actions.ts';
import { useDesk } from '../useDesk.ts';
import { vFirstFocus } from '../../design/firstFocus.ts';

/** Finds an act of the desk by its words. */
const { actions } = defineProps<{ actions: Action[] }>();
const { t } = useI18n();
const desk = useDesk();
const typed = ref('');
watch(
  () => desk.dialog,
  () => (typed.value = ''),
);
const found = computed(() =>
  actions
    .filter((action) => action.key !== '/')
    .map((action) => ({ ...action, text: t(`desk.${action.word}`) }))
    .filter((action) => foldText(action.text).includes(foldText(typed.value))),
);
function carryOut(action: Action | undefined): void {
  if (!action) return;
  desk.dialog = null;
  action.do();
}
</script>

<template>
  <v-dialog
    :aria-label="t('desk.commands')"
    :model-value="desk.dialog === 'palette'"
    @update:model-value="desk.dialog = null"
  >
    <v-card class="card">
      <form @submit.prevent="carryOut(found[0])">
        <v-text-field
          v-model="typed"
          v-first-focus
          :label="t('desk.palette')"
          :placeholder="t('desk.palettePlaceholder')"
          autocomplete="off"
        />
      </form>
      <v-list>
        <v-list-item v-for="action in found" :key="action.key" :title="action.text" @click="carryOut(action)">
          <template #append>
            <kbd>{{ keyName(action.key) }}</kbd>
          </template>
        </v-list-item>
      </v-list>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 16px;
}
kbd {
  padding: 1px 8px;
  border: 1px solid var(--stone);
  border-radius: 4px;
  font-family: var(--mono);
}
</style>
