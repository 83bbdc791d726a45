<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SharedRef } from '../../api/server.ts';
import LinkField from './LinkField.vue';
import { useSharing } from './sharing.ts';

/** A link by which somebody without an account may write, once they have said the passphrase. */
const { what } = defineProps<{ what: SharedRef['what'] }>();
const { t } = useI18n();
const sharing = useSharing();
const passphrase = ref('');
const anew = ref(false);
async function make(): Promise<void> {
  if (!(await sharing.openLink('edit', passphrase.value))) return;
  passphrase.value = '';
  anew.value = false;
}
</script>

<template>
  <section>
    <h3>{{ t('share.edit') }}</h3>
    <p class="muted">{{ t(`share.editText.${what}`) }}</p>
    <LinkField v-if="sharing.sharing?.editLink && !anew" :token="sharing.sharing.editLink" />
    <v-form v-if="!sharing.sharing?.editLink || anew" class="row line" @submit.prevent="make">
      <v-text-field
        v-model="passphrase"
        class="grow"
        autocomplete="off"
        maxlength="200"
        persistent-hint
        :label="t('share.passphrase')"
        :hint="anew ? t('share.newPassphraseText') : t('share.passphraseHint')"
      />
      <v-btn
        type="submit"
        variant="outlined"
        :loading="sharing.busy"
        :disabled="passphrase.trim().length < 8"
        >{{ t('share.makeLink') }}</v-btn
      >
      <v-btn v-if="anew" variant="text" @click="anew = false">{{ t('common.cancel') }}</v-btn>
    </v-form>
    <div v-else class="row">
      <v-btn size="small" variant="text" @click="anew = true">{{ t('share.newPassphrase') }}</v-btn>
      <v-btn size="small" variant="text" @click="sharing.closeLink('edit')">{{ t('share.closeLink') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0 10px;
}
.line {
  align-items: flex-start;
}
</style>
