<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useAccount } from '../account.ts';
import { guardedWork } from '../guarded.ts';

/** What one is called where others see it, and the address one signs in with. */
const { t } = useI18n();
const account = useAccount();
const { problem, guarded } = guardedWork();
const name = ref(account.account?.name ?? '');
const saved = ref(false);
async function save(): Promise<void> {
  await guarded(() => account.rename(name.value));
  saved.value = problem.value === '';
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
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div class="row">
      <v-btn type="submit" variant="outlined" :disabled="name.trim() === ''">{{
        t('account.saveName')
      }}</v-btn>
      <span role="status" class="muted">{{ saved ? t('account.saved') : '' }}</span>
    </div>
  </form>
</template>

<style scoped src="./forms.css" />
