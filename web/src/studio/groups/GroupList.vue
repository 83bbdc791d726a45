<script setup lang="ts">
import { mdiAccountSearchOutline, mdiCompare, mdiPlus } from '@mdi/js';
import { onMounted } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { useFormat } from '../../design/useFormat.ts';
import { useLeagues } from '../leagues/leagues.ts';
import StudioBar from '../StudioBar.vue';
import { useGroups } from './groups.ts';

/** Classes and clubs, the one that played last first; and leagues. */
const { t } = useI18n();
const { day } = useFormat();
const router = useRouter();
const groups = useGroups();
const leagues = useLeagues();
onMounted(() => {
  document.title = `${t('common.appName')} – ${t('groups.title')}`;
  void groups.loadList();
  void leagues.loadList();
});
async function create(): Promise<void> {
  const id = await leagues.create(t('leagues.untitled'));
  if (id) await router.push(`/studio/leagues/${id}?tab=settings`);
}
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <header class="row head">
        <div class="grow">
          <h1>{{ t('groups.title') }}</h1>
          <p class="muted">{{ t('groups.intro') }}</p>
        </div>
        <v-btn variant="text" :prepend-icon="mdiAccountSearchOutline" to="/studio/people">{{
          t('keeping.open')
        }}</v-btn>
        <v-btn
          v-if="groups.list?.length"
          variant="outlined"
          :prepend-icon="mdiCompare"
          to="/studio/compare"
          >{{ t('groups.compare') }}</v-btn
        >
      </header>
      <p v-if="groups.problem" class="complaint" role="alert">{{ groups.problem }}</p>
      <p v-else-if="!groups.list" role="status">{{ t('common.loading') }}</p>
      <div v-else-if="groups.list.length === 0" class="empty">
        <h2>{{ t('groups.none') }}</h2>
        <p>{{ t('groups.noneText') }}</p>
        <v-btn color="primary" to="/studio">{{ t('groups.toShows') }}</v-btn>
      </div>
      <ul v-else class="list">
        <li v-for="one in groups.list" :key="one.name">
          <div class="grow">
            <router-link
              class="title clip"
              :to="`/studio/groups/${encodeURIComponent(one.name)}`"
              dir="auto"
              >{{ one.name }}</router-link
            >
            <span class="muted">{{
              t(one.lastAt === null ? 'groups.neverPlayed' : 'groups.line', {
                people: t('groups.people', one.people ?? 0, { named: { n: one.people ?? 0 } }),
                games: t('groups.games', one.games, { named: { n: one.games } }),
                when: one.lastAt === null ? '' : day(new Date(one.lastAt).toISOString()),
              })
            }}</span>
          </div>
        </li>
      </ul>
      <header class="row head">
        <div class="grow">
          <h2>{{ t('leagues.title') }}</h2>
          <p class="muted">{{ t('leagues.intro') }}</p>
        </div>
        <v-btn variant="outlined" :prepend-icon="mdiPlus" :disabled="leagues.isBusy" @click="create">{{
          t('leagues.create')
        }}</v-btn>
      </header>
      <p v-if="leagues.problem" class="complaint" role="alert">{{ leagues.problem }}</p>
      <p v-if="leagues.list?.length === 0" class="muted">{{ t('leagues.none') }}</p>
      <ul v-else class="list">
        <li v-for="one in leagues.list ?? []" :key="one.id">
          <router-link class="title clip grow" :to="`/studio/leagues/${one.id}`" dir="auto">{{
            one.title
          }}</router-link>
        </li>
      </ul>
    </main>
  </div>
</template>

<style scoped src="../lists.css" />
<style scoped>
.page {
  max-width: 960px;
  margin: 0 auto;
  padding: 28px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.head {
  flex-wrap: wrap;
  margin-top: 8px;
}
.empty {
  padding: 48px 24px;
  text-align: center;
  border: 1px dashed var(--stone);
  border-radius: 6px;
}
p {
  margin: 0;
}
</style>
