<script setup lang="ts">
import { situations, type Situation } from '@distaff/core/show';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import PlainBar from '../design/PlainBar.vue';
import { useAccount } from './account.ts';
import { newShow } from './newShow.ts';
import PassphraseField from './share/PassphraseField.vue';

/** Beginning a show at once, with nothing but a name and a passphrase to come back with. */
const { t } = useI18n();
const router = useRouter();
const account = useAccount();
const name = ref('');
const title = ref('');
const situation = ref<Situation | null>(null);
const passphrase = ref('');
const problem = ref('');
const busy = ref(false);
onMounted(() => (document.title = `${t('common.appName')} – ${t('share.begin')}`));
const choices = computed(() => [
  { value: null, title: t('building.empty'), subtitle: t('building.emptyHint') },
  ...situations.map((value) => ({
    value,
    title: t(`building.situations.${value}`),
    subtitle: t(`building.situationHints.${value}`),
  })),
]);

async function begin(): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  problem.value = '';
  try {
    const named = title.value.trim() || t('studio.untitled');
    const show = newShow(named, situation.value, (n) => t('building.teamName', { n }));
    await router.replace(`/studio/shows/${await account.begin(name.value, passphrase.value, show)}`);
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <PlainBar to="/studio/sign-in" />
  <v-form class="page" @submit.prevent="begin">
    <h1>{{ t('share.begin') }}</h1>
    <p>{{ t('share.beginText') }}</p>
    <v-text-field v-model="title" :label="t('studio.showTitle')" maxlength="120" density="comfortable" />
    <v-select v-model="situation" :label="t('building.startFrom')" :items="choices" density="comfortable">
      <template #item="{ props, item }">
        <v-list-item v-bind="props" :subtitle="item.subtitle" lines="two" />
      </template>
    </v-select>
    <v-text-field
      v-model="name"
      :label="t('share.yourName')"
      :hint="t('share.nameless')"
      persistent-hint
      maxlength="80"
      autocomplete="name"
      density="comfortable"
    />
    <PassphraseField v-model="passphrase" :hint="t('share.passphraseHint')" />
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
    <v-btn
      type="submit"
      color="primary"
      size="large"
      :loading="busy"
      :disabled="!name.trim() || passphrase.trim().length < 8"
      >{{ t('share.beginGo') }}</v-btn
    >
    <router-link to="/studio/sign-in">{{ t('studio.toSignIn') }}</router-link>
  </v-form>
</template>

<style scoped>
.page {
  max-width: 500px;
  margin: 0 auto;
  padding: 32px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
p {
  margin: 0;
}
.page > a {
  align-self: center;
  padding: 8px;
}
</style>
