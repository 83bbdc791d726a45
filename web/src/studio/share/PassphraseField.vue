<script setup lang="ts">
import { mdiEyeOffOutline, mdiEyeOutline } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';

/** A passphrase, hidden until one asks to see what is typed. */
const words = defineModel<string>({ required: true });
const { hint = '' } = defineProps<{ hint?: string }>();
const { t } = useI18n();
const seen = ref(false);
</script>

<template>
  <v-text-field
    v-model="words"
    :type="seen ? 'text' : 'password'"
    :label="t('share.passphrase')"
    :hint="hint"
    persistent-hint
    maxlength="200"
    autocomplete="off"
    density="comfortable"
  >
    <template #append-inner>
      <v-btn
        size="x-small"
        variant="text"
        :icon="seen ? mdiEyeOffOutline : mdiEyeOutline"
        :aria-label="t(seen ? 'share.hideWords' : 'share.showWords')"
        @click="seen = !seen"
      />
    </template>
  </v-text-field>
</template>
