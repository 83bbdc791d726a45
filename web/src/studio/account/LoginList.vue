<script setup lang="ts">
import Bowser from 'bowser';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useLogins } from './logins.ts';

/** Where one is signed in; each can be ended by itself, for the laptop that was left in a classroom. */
const { t } = useI18n();
const { day } = useFormat();
const own = useLogins();
void own.load();
function deviceOf(agent: string): string {
  if (agent === '') return t('account.unknownDevice');
  const { browser, os } = Bowser.parse(agent);
  const names = { browser: browser.name ?? '', system: os.name ?? '' };
  if (!names.browser) return t('account.unknownDevice');
  return names.system ? t('account.device', names) : names.browser;
}
const logins = computed(() => (own.list ?? []).map((one) => ({ ...one, device: deviceOf(one.agent) })));
</script>

<template>
  <section class="card">
    <h2>{{ t('account.logins') }}</h2>
    <p v-if="own.problem" role="alert">{{ own.problem }}</p>
    <p v-else-if="!own.list" role="status" class="muted">{{ t('common.loading') }}</p>
    <ul>
      <li v-for="one in logins" :key="one.id" class="row">
        <div class="grow">
          <b>{{ one.device }}</b>
          <span class="muted">{{
            one.here ? t('account.here') : t('account.lastUsed', { when: day(one.seenAt) })
          }}</span>
        </div>
        <v-btn
          v-if="!one.here"
          variant="outlined"
          size="small"
          :aria-label="t('account.endOf', { device: one.device })"
          @click="own.end(one.id)"
          >{{ t('account.end') }}</v-btn
        >
      </li>
    </ul>
    <div v-if="logins.length > 1" class="row">
      <v-btn variant="outlined" @click="own.endOthers">{{ t('account.endOthers') }}</v-btn>
    </div>
  </section>
</template>

<style scoped src="./forms.css" />
<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  min-height: 48px;
  flex-wrap: wrap;
}
li + li {
  border-top: 1px solid var(--line);
}
li .muted {
  display: block;
}
</style>
