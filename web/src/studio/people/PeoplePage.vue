<script setup lang="ts">
import { mdiDownload, mdiMagnify } from '@mdi/js';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type FoundPerson } from '../../api/server.ts';
import DialogFrame from '../../design/DialogFrame.vue';
import { useFormat } from '../../design/useFormat.ts';
import StudioBar from '../StudioBar.vue';
import KeepingCard from './KeepingCard.vue';

/** One person's data – found, taken out, removed –, and how long people are kept at all. */
const { t } = useI18n();
const { list } = useFormat();
const name = ref('');
const found = ref<FoundPerson[] | null>(null);
const problem = ref('');
const told = ref('');
const busy = ref(false);
const going = ref<FoundPerson | null>(null);
onMounted(() => (document.title = `${t('common.appName')} – ${t('keeping.title')}`));

async function guarded(work: () => Promise<void>): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  problem.value = '';
  try {
    await work();
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
const search = () =>
  guarded(async () => {
    told.value = '';
    found.value = (await server.findPeople(name.value)).people;
  });
const remove = () =>
  guarded(async () => {
    const { name: gone } = going.value!;
    await server.removePerson(gone);
    going.value = null;
    found.value = (await server.findPeople(name.value)).people;
    told.value = t('keeping.removed', { name: gone });
  });
const fileOf = (one: FoundPerson) =>
  `/api/people/everything.json?${new URLSearchParams({ name: one.name }).toString()}`;
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <h1>{{ t('keeping.title') }}</h1>
      <section class="card">
        <h2>{{ t('keeping.find') }}</h2>
        <p class="muted">{{ t('keeping.findHow') }}</p>
        <form class="row search" @submit.prevent="search">
          <v-text-field v-model="name" hide-details maxlength="80" :label="t('keeping.name')" />
          <v-btn
            type="submit"
            color="primary"
            :prepend-icon="mdiMagnify"
            :loading="busy"
            :disabled="name.trim() === ''"
            >{{ t('keeping.search') }}</v-btn
          >
        </form>
        <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
        <p v-if="told" role="status">{{ told }}</p>
        <p v-if="found?.length === 0 && !told" role="status">{{ t('keeping.none') }}</p>
        <ul v-if="found?.length">
          <li v-for="one in found" :key="one.name">
            <div class="grow">
              <b dir="auto">{{ one.name }}</b><br />
              <span class="muted">{{
                [
                  t('keeping.games', one.games.length, { named: { n: one.games.length } }),
                  t('keeping.practices', one.practices.length, { named: { n: one.practices.length } }),
                  ...(one.lists.length ? [t('keeping.lists', { names: list(one.lists) })] : []),
                ].join(' · ')
              }}</span>
            </div>
            <v-btn variant="outlined" :prepend-icon="mdiDownload" :href="fileOf(one)">{{
              t('keeping.download')
            }}</v-btn>
            <v-btn variant="outlined" @click="going = one">{{ t('keeping.remove') }}</v-btn>
          </li>
        </ul>
      </section>
      <KeepingCard />
    </main>
    <DialogFrame
      :model-value="going !== null"
      :title="t('keeping.removeTitle', { name: going?.name ?? '' })"
      :width="460"
      @update:model-value="going = null"
    >
      <p>{{ t('keeping.removeWhat') }}</p>
      <template #actions>
        <v-btn variant="outlined" @click="going = null">{{ t('common.cancel') }}</v-btn>
        <v-btn color="error" :loading="busy" @click="remove">{{ t('keeping.removeDo') }}</v-btn>
      </template>
    </DialogFrame>
  </div>
</template>

<style scoped>
.page {
  max-width: 860px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.page :deep(.card) {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
h2,
p {
  margin: 0;
}
.search {
  flex-wrap: wrap;
}
.search > :first-child {
  flex: 1 1 240px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 12px 0;
  border-top: 1px solid var(--line);
}
li > .grow {
  min-width: min(100%, 240px);
}
</style>
