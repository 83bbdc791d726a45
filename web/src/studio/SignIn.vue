<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { weaveAt } from '@distaff/core/show';
import { weaveBackground } from '../design/weave/tile.ts';
import { useAccount } from './account.ts';
import { wasSignedOut } from './signedOut.ts';

/** Sign in, or make an account. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const account = useAccount();
const isNew = ref(route.query.new === '1');
const email = ref('');
const name = ref('');
const password = ref('');
const problem = ref('');
const busy = ref(false);
const signedOut = wasSignedOut();
const form = ref<HTMLFormElement | null>(null);
watch([email, name, password, isNew], () => (problem.value = ''));
onMounted(() => (document.title = `${t('common.appName')} – ${t('studio.signIn')}`));
const bands = computed(() => [0, 1, 2, 3, 4, 5, 9].map((n) => weaveBackground(weaveAt(n), 2)));

async function submit(): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  problem.value = '';
  try {
    if (isNew.value) await account.signUp(email.value, name.value, password.value);
    else await account.signIn(email.value, password.value);
    const to = String(route.query.to ?? '/studio');
    // Only ways within this site: an address is never taken from outside.
    await router.replace(to.startsWith('/') && !to.startsWith('//') ? to : '/studio');
  } catch (error) {
    problem.value = (error as Error).message;
    // Nobody has to look for what to change: the field that is asked for last is the one that is wrong most often.
    await nextTick();
    form.value?.querySelector<HTMLInputElement>('input[type="password"]')?.focus();
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <main class="page">
    <div class="bands" aria-hidden="true"><i v-for="(band, i) in bands" :key="i" :style="band" /></div>
    <section class="side">
      <p class="brand">{{ t('common.appName') }}</p>
      <p class="claim">{{ t('studio.claim') }}</p>
      <form ref="form" @submit.prevent="submit">
        <h1>{{ t(isNew ? 'studio.signUp' : 'studio.signIn') }}</h1>
        <p v-if="signedOut" class="note" role="status">{{ t('studio.signedOut') }}</p>
        <v-text-field
          v-model="email"
          type="email"
          :label="t('studio.email')"
          autocomplete="username"
          density="comfortable"
          required
        />
        <v-text-field
          v-if="isNew"
          v-model="name"
          :label="t('studio.yourName')"
          autocomplete="name"
          maxlength="80"
          density="comfortable"
          required
        />
        <v-text-field
          v-model="password"
          type="password"
          :error="problem !== ''"
          :aria-describedby="problem ? 'sign-in-problem' : undefined"
          :label="t('studio.password')"
          :hint="isNew ? t('studio.passwordHint') : ''"
          persistent-hint
          :autocomplete="isNew ? 'new-password' : 'current-password'"
          density="comfortable"
          required
        />
        <p v-if="problem" id="sign-in-problem" class="complaint" role="alert">{{ problem }}</p>
        <v-btn type="submit" color="primary" size="large" block :loading="busy">{{
          t(isNew ? 'studio.signUp' : 'studio.signIn')
        }}</v-btn>
        <v-btn variant="text" block @click="isNew = !isNew">{{
          t(isNew ? 'studio.toSignIn' : 'studio.toSignUp')
        }}</v-btn>
      </form>
      <router-link to="/studio/begin">{{ t('share.begin') }}</router-link>
      <a href="/" class="players">{{ t('studio.players') }}</a>
    </section>
  </main>
</template>

<style scoped>
.page {
  min-height: 100dvh;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(320px, 480px);
}
.bands {
  display: flex;
  flex-direction: column;
}
.bands i {
  flex: 1;
}
.side {
  padding: 8vh 40px 24px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  background: var(--chalk);
}
.brand {
  margin: 0;
  font-family: var(--display);
  font-weight: 700;
  font-size: 44px;
  line-height: 1;
  color: var(--moss);
}
.claim {
  margin: 0 0 4vh;
  font-size: 18px;
  color: var(--stone);
}
form {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
h1 {
  font-size: 22px;
}
.note {
  margin: 0;
  padding: 10px 14px;
  border-left: 4px solid var(--weld);
  background: var(--paper);
}
.side > a {
  align-self: center;
  padding: 8px;
}
.side > .players {
  margin-top: auto;
}
@media (max-width: 720px) {
  .page {
    grid-template: 48px 1fr / 1fr;
  }
  .bands {
    flex-direction: row;
  }
  .side {
    padding: 32px 20px;
  }
}
</style>
