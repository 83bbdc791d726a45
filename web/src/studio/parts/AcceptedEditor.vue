<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js';
import { nextTick, ref } from 'vue';
import { useI18n } from 'vue-i18n';

/** The spellings that count: the first is shown as the key. */
const accepted = defineModel<string[]>({ required: true });
const { t } = useI18n();
const root = ref<HTMLElement | null>(null);
async function add(): Promise<void> {
  if (accepted.value.length === 0) accepted.value.push('');
  accepted.value.push('');
  await nextTick();
  root.value?.querySelectorAll<HTMLInputElement>('input')[accepted.value.length - 1]?.focus();
}
</script>

<template>
  <div ref="root" class="accepted">
    <v-text-field
      :model-value="accepted[0] ?? ''"
      :label="t('studio.acceptedFirst')"
      :hint="t('studio.acceptedHint')"
      persistent-hint
      maxlength="120"
      @update:model-value="accepted[0] = $event"
    />
    <v-text-field
      v-for="i in Math.max(0, accepted.length - 1)"
      :key="i"
      v-model="accepted[i]"
      :label="t('studio.acceptedMore')"
      maxlength="120"
      @keydown.enter.prevent="add"
    >
      <template #append-inner>
        <button
          type="button"
          class="drop"
          :aria-label="t('studio.removeAccepted')"
          :title="t('studio.removeAccepted')"
          @click="accepted.splice(i, 1)"
        >
          <v-icon :icon="mdiClose" size="16" />
        </button>
      </template>
    </v-text-field>
    <v-btn v-if="accepted.length < 20" variant="text" size="small" :prepend-icon="mdiPlus" @click="add">{{
      t('studio.addAccepted')
    }}</v-btn>
  </div>
</template>

<style scoped>
.accepted {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.drop {
  min-width: 28px;
  min-height: 28px;
  cursor: pointer;
}
</style>
