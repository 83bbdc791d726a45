<script setup lang="ts">
import { onMounted } from 'vue';
import { useI18n } from 'vue-i18n';
import StudioBar from '../StudioBar.vue';
import LoginList from './LoginList.vue';
import NameForm from './NameForm.vue';
import { useOwnAccount } from './ownAccount.ts';
import PasswordForm from './PasswordForm.vue';

/** The own account: what one is called, the password, and where one is signed in. */
const { t } = useI18n();
const own = useOwnAccount();
onMounted(() => {
  document.title = t('account.title');
  void own.load();
});
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <h1>{{ t('account.title') }}</h1>
      <p v-if="own.problem" role="alert">{{ own.problem }}</p>
      <NameForm />
      <PasswordForm />
      <LoginList />
    </main>
  </div>
</template>

<style scoped>
.page {
  max-width: 720px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 20px;
}
h1,
p {
  margin: 0;
}
</style>
