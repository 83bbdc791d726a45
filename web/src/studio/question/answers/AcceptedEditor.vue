<script setup lang="ts">
import { MAX_ACCEPTED, type ContentOf } from '@distaff/core/question';
import { mdiClose, mdiPlus } from '@mdi/js';
import { nextTick, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import TryText from './TryText.vue';

/** The spellings that count – the first is shown as the key – and what does not matter in them. */
const content = defineModel<ContentOf<'text'>>({ required: true });
const { t } = useI18n();
const root = ref<HTMLElement | null>(null);
const forgivable = ['case', 'accents', 'articles', 'slips'] as const;

async function add(): Promise<void> {
  const { accepted } = content.value;
  if (accepted.length >= MAX_ACCEPTED) return;
  if (accepted.length === 0) accepted.push('');
  accepted.push('');
  await nextTick();
  root.value?.querySelectorAll<HTMLInputElement>('.spellings input')[accepted.length - 1]?.focus();
}
</script>

<template>
  <div ref="root" class="accepted">
    <div class="spellings">
      <v-text-field
        :model-value="content.accepted[0] ?? ''"
        :label="t('form.acceptedFirst')"
        maxlength="120"
        @update:model-value="content.accepted[0] = $event"
        @keydown.enter.exact.prevent="add"
      />
      <v-text-field
        v-for="i in Math.max(0, content.accepted.length - 1)"
        :key="i"
        v-model="content.accepted[i]"
        :label="t('form.acceptedMore')"
        maxlength="120"
        @keydown.enter.exact.prevent="add"
      >
        <template #append-inner>
          <button
            type="button"
            class="drop"
            :aria-label="t('form.removeAccepted')"
            :title="t('form.removeAccepted')"
            @click="content.accepted.splice(i, 1)"
          >
            <v-icon :icon="mdiClose" size="16" />
          </button>
        </template>
      </v-text-field>
    </div>
    <v-btn
      v-if="content.accepted.length < MAX_ACCEPTED"
      variant="text"
      size="small"
      class="add"
      :prepend-icon="mdiPlus"
      @click="add"
      >{{ t('form.addAccepted') }}</v-btn
    >
    <fieldset>
      <legend>{{ t('form.forgive') }}</legend>
      <v-checkbox
        v-for="one in forgivable"
        :key="one"
        v-model="content.forgive[one]"
        density="compact"
        hide-details
        :label="t(`form.forgiveOne.${one}`)"
      />
    </fieldset>
    <TryText :content="content" />
  </div>
</template>

<style scoped>
.accepted,
.spellings {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
}
legend {
  font-weight: 700;
}
.add {
  align-self: flex-start;
}
.drop {
  min-width: 28px;
  min-height: 28px;
  cursor: pointer;
}
</style>
