<script setup lang="ts">
import type { PracticePage } from '@distaff/core/wire';
import { mdiBellOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { useFormat } from '../../design/useFormat.ts';
import RichText from '../../design/rich/RichText.vue';
import { dayIn } from './dueDate.ts';
import { usePractices } from './practices.ts';

/** What a host does next: remind those who have not begun, and ask again what was missed. */
const { page, link } = defineProps<{ page: PracticePage; link: string }>();
const emit = defineEmits<{ copy: [text: string] }>();
const { t, locale } = useI18n();
const { list } = useFormat();
const router = useRouter();
const practices = usePractices();
/** So many are named, and so many questions told. */
const NAMED = 8;
const TOLD = 5;
const missing = computed(() =>
  page.people.filter(({ state }) => state === 'notBegun').map(({ name }) => name),
);
const names = computed(() => {
  const rest = missing.value.length - NAMED;
  return rest > 0
    ? t('practices.andMore', { names: missing.value.slice(0, NAMED).join(', '), n: rest })
    : list(missing.value);
});
const reminder = computed(() => {
  const { settings, title } = page.practice;
  const due = settings.due
    ? `${t('practices.dueAt', { when: dayIn(settings.due.at, settings.due.zone, locale.value) })}.`
    : '';
  return t('practices.reminderText', { names: list(missing.value), title, due, link }).replace('  ', ' ');
});
const told = computed(() => page.missed.slice(0, TOLD));
const busy = ref(false);
async function newRound(): Promise<void> {
  busy.value = true;
  const id = await practices.showOf(
    t('practices.newRoundTitle'),
    told.value.map(({ question }) => question),
  );
  busy.value = false;
  if (id !== null) await router.push(`/studio/shows/${id}`);
}
</script>

<template>
  <aside>
    <section v-if="page.practice.settings.names === 'list' || missing.length > 0" class="card">
      <h2>
        {{
          missing.length > 0
            ? t('practices.havent', missing.length, { named: { n: missing.length } })
            : t('practices.allBegun')
        }}
      </h2>
      <template v-if="missing.length > 0">
        <p class="muted">{{ names }}</p>
        <v-btn variant="outlined" block :prepend-icon="mdiBellOutline" @click="emit('copy', reminder)">{{
          t('practices.reminder')
        }}</v-btn>
      </template>
    </section>
    <section class="card">
      <h2>{{ t('practices.missed') }}</h2>
      <p v-if="told.length === 0" class="muted">{{ t('practices.missedNone') }}</p>
      <ul>
        <li v-for="one in told" :key="one.question">
          <RichText class="prompt" :text="one.prompt" />
          <p class="share">
            <span class="track"><i :style="{ width: `${one.share * 100}%` }" /></span>
            <b>{{ t('common.percent', { n: Math.round(one.share * 100) }) }}</b>
          </p>
        </li>
      </ul>
      <v-btn v-if="told.length > 0" variant="outlined" block :loading="busy" @click="newRound">{{
        t('practices.newRound')
      }}</v-btn>
    </section>
  </aside>
</template>

<style scoped>
aside {
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-width: 0;
}
.card {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
h2 {
  font-size: 18px;
}
p {
  margin: 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.prompt {
  overflow-wrap: anywhere;
}
.share {
  display: flex;
  align-items: center;
  gap: 12px;
}
.track {
  flex: 1;
  height: 6px;
  background: #e6ede8;
}
.track i {
  display: block;
  height: 100%;
  background: var(--moss);
}
</style>
