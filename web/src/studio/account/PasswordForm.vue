<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../../api/server.ts';
import { useAccount } from '../account.ts';
import { guardedWork } from '../guarded.ts';
import { useLogins } from './logins.ts';

/** Another password; whoever is signed in elsewhere has to sign in again with it. */
const { t } = useI18n();
const account = useAccount();
const logins = useLogins();
const { problem, guarded } = guardedWork();
const current = ref('');
const next = ref('');
const changed = ref(false);
async function change(): Promise<void> {
  await guarded(() => server.changePassword(current.value, next.value));
  changed.value = problem.value === '';
  if (!changed.value) return;
  current.value = next.value = '';
  await logins.load();
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
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div class="row">
      <v-btn type="submit" variant="outlined" :disabled="current === '' || next.length < 10">{{
        t('account.changePassword')
      }}</v-btn>
      <span role="status" class="muted">{{ changed ? t('account.passwordChanged') : '' }}</span>
    </div>
  </form>
</template>

<style scoped src="./forms.css" />
