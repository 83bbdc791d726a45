<script setup lang="ts">
import { onMounted } from 'vue';
import { useI18n } from 'vue-i18n';
import StudioBar from '../StudioBar.vue';
import LoginList from './LoginList.vue';
import NameForm from './NameForm.vue';
import PasswordForm from './PasswordForm.vue';

/** The own account: what one is called, the password, and where one is signed in. */
const { t } = useI18n();
onMounted(() => (document.title = t('account.title')));
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <h1>{{ t('account.title') }}</h1>
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
