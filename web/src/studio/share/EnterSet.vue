<script setup lang="ts">
import { mdiEyeOffOutline, mdiEyeOutline } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { useAccount } from '../account.ts';

/** Coming into a set by a link with a passphrase; who has no account says a name. */
const { token, title, owner } = defineProps<{ token: string; title: string; owner: string }>();
const { t } = useI18n();
const router = useRouter();
const account = useAccount();
const passphrase = ref('');
const name = ref('');
const problem = ref('');
const busy = ref(false);
const seen = ref(false);
async function enter(): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  try {
    const set = await account.enter(token, passphrase.value, name.value);
    await router.replace({ path: '/studio/questions', query: { set } });
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <v-form class="enter" @submit.prevent="enter">
    <h1>{{ t('share.enterTitle', { title }) }}</h1>
    <p>{{ t('share.enterText', { name: owner }) }}</p>
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
    <v-text-field
      v-model="passphrase"
      :type="seen ? 'text' : 'password'"
      :label="t('share.passphrase')"
      maxlength="200"
      autocomplete="off"
      density="comfortable"
      @update:model-value="problem = ''"
    >
      <template #append-inner>
        <v-btn
          size="x-small"
          variant="text"
          :icon="seen ? mdiEyeOffOutline : mdiEyeOutline"
          :aria-label="t(seen ? 'share.hideWords' : 'share.showWords')"
          @click="seen = !seen"
        />
      </template>
    </v-text-field>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
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
.problem {
  padding: 10px 14px;
  border-left: 4px solid var(--madder);
  background: rgb(179 38 58 / 8%);
}
</style>
