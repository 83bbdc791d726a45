<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useAccount } from '../account.ts';
import { useOwnAccount } from './ownAccount.ts';

/** Another password; whoever is signed in elsewhere has to sign in again with it. */
const { t } = useI18n();
const account = useAccount();
const own = useOwnAccount();
const current = ref('');
const next = ref('');
const changed = ref(false);
async function change(): Promise<void> {
  changed.value = await own.changePassword(current.value, next.value);
  if (changed.value) current.value = next.value = '';
}
</script>

<template>
  <form class="card" @submit.prevent="change">
    <h2>{{ t('account.password') }}</h2>
    <!-- Password managers want to know whose password it is. -->
    <input hidden type="text" autocomplete="username" :value="account.account?.email ?? ''" />
    <v-text-field
      v-model="current"
      hide-details
      required
      type="password"
      autocomplete="current-password"
      :label="t('account.current')"
      @update:model-value="changed = false"
    />
    <v-text-field
      v-model="next"
      required
      persistent-hint
      type="password"
      minlength="10"
      maxlength="200"
      autocomplete="new-password"
      :label="t('account.next')"
      :hint="t('studio.passwordHint')"
    />
    <div class="row">
      <v-btn type="submit" variant="outlined" :disabled="current === '' || next.length < 10">{{
        t('account.changePassword')
      }}</v-btn>
      <span role="status" class="muted">{{ changed ? t('account.passwordChanged') : '' }}</span>
    </div>
  </form>
</template>

<style scoped src="./forms.css" />
