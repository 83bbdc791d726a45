<script setup lang="ts">
import { readJoinCode } from '@distaff/core/text';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { joining } from '../api/joining.ts';
import { vFirstFocus } from '../design/firstFocus.ts';
import BigButton from './BigButton.vue';
import TouchField from './TouchField.vue';

/** One address for all: players type the code of the stage here, hosts find their way in below. */
const { problem } = defineProps<{ problem: string }>();
const emit = defineEmits<{ found: [code: string] }>();
const { t } = useI18n();
const typed = ref('');
const wrong = ref(problem);
const busy = ref(false);
watch(typed, () => (wrong.value = ''));

/** Somebody pastes the whole address: the code stands at its end. */
const codeIn = (text: string) => /\/(?:join|practice)\/([^/?#\s]+)/.exec(text)?.[1] ?? text;

async function find(): Promise<void> {
  const code = readJoinCode(codeIn(typed.value));
  if (!code) return void (wrong.value = t('handset.notACode'));
  busy.value = true;
  try {
    const found = await joining.find(code);
    if (found.practice) location.assign(`/practice/${found.code}`);
    else emit('found', found.code);
  } catch (error) {
    wrong.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <form class="form" @submit.prevent="find">
    <p class="brand">{{ t('common.appName') }}</p>
    <h1>{{ t('handset.title') }}</h1>
    <TouchField
      v-model="typed"
      v-first-focus
      class="code"
      :label="t('handset.codeLabel')"
      :hint="t('handset.codeHint')"
      :problem="wrong"
      maxlength="200"
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
    />
    <BigButton type="submit" :busy="busy">{{ t('handset.find') }}</BigButton>
    <a class="hosts" href="/studio">{{ t('handset.hosts') }}</a>
  </form>
</template>

<style scoped>
.form {
  max-width: 420px;
  min-height: 100dvh;
  margin: 0 auto;
  padding: 32px 20px;
  display: flex;
  flex-direction: column;
  gap: 20px;
}
.brand {
  margin: 0;
  font-family: var(--display);
  font-weight: 700;
  font-size: 20px;
  color: #d9a400;
}
h1 {
  font-size: 34px;
  margin-top: 8vh;
}
.code {
  font-family: var(--mono);
  font-size: 28px;
  letter-spacing: 0.16em;
  text-transform: uppercase;
}
.hosts {
  margin-top: auto;
  align-self: center;
  padding: 14px;
  color: #b4c0ba;
}
</style>
