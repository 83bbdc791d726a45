<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import type { SharedRef } from '../../api/server.ts';
import { useAccount } from '../account.ts';
import PassphraseField from './PassphraseField.vue';
import { placeOf } from './placeOf.ts';

/** Coming into a set or a show by a link with a passphrase; who has no account says a name. */
const { token, what, title, owner } = defineProps<{
  token: string;
  what: SharedRef['what'];
  title: string;
  /** Null for a show that is nobody's yet. */
  owner: string | null;
}>();
const untitled = { set: 'library.untitled', show: 'studio.untitled' };
const { t } = useI18n();
const router = useRouter();
const account = useAccount();
const passphrase = ref('');
const name = ref('');
const problem = ref('');
const busy = ref(false);
async function enter(): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  try {
    await router.replace(placeOf(await account.enter(token, passphrase.value, name.value)));
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <v-form class="enter" @submit.prevent="enter">
    <h1>{{ t('share.enterTitle', { title: title || t(untitled[what]) }) }}</h1>
    <p>{{ owner === null ? t('share.enterUnowned') : t(`share.enterText.${what}`, { name: owner }) }}</p>
    <v-text-field
      v-if="!account.isHost"
      v-model="name"
      :label="t('share.yourName')"
      :hint="t('share.yourNameHint')"
      persistent-hint
      maxlength="80"
      autocomplete="name"
      density="comfortable"
    />
    <PassphraseField v-model="passphrase" @update:model-value="problem = ''" />
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
    <v-btn
      type="submit"
      color="primary"
      size="large"
      :loading="busy"
      :disabled="!passphrase.trim() || (!account.isHost && !name.trim())"
      >{{ t('share.enter') }}</v-btn
    >
  </v-form>
</template>

<style scoped>
.enter {
  max-width: 460px;
  margin: 6vh auto 0;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
p {
  margin: 0;
}
</style>
