<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useAccount } from '../account.ts';
import { useOwnAccount } from './ownAccount.ts';

/** What one is called where others see it, and the address one signs in with. */
const { t } = useI18n();
const account = useAccount();
const own = useOwnAccount();
const name = ref(account.account?.name ?? '');
const saved = ref(false);
async function save(): Promise<void> {
  saved.value = await own.rename(name.value);
}
</script>

<template>
  <form class="card" @submit.prevent="save">
    <h2>{{ t('account.name') }}</h2>
    <p class="muted">{{ t('account.email', { email: account.account?.email }) }}</p>
    <v-text-field
      v-model="name"
      hide-details
      required
      maxlength="80"
      autocomplete="name"
      :label="t('studio.yourName')"
      @update:model-value="saved = false"
    />
    <div class="row">
      <v-btn type="submit" variant="outlined" :disabled="name.trim() === ''">{{
        t('account.saveName')
      }}</v-btn>
      <span role="status" class="muted">{{ saved ? t('account.saved') : '' }}</span>
    </div>
  </form>
</template>

<style scoped src="./forms.css" />
