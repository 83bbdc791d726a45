<script setup lang="ts">
import { mdiDeleteOutline, mdiDownload, mdiImageOutline } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import DialogFrame from '../../design/DialogFrame.vue';
import { leagueSvg } from '../../design/league/leagueSvg.ts';
import LeagueTable from '../../design/league/LeagueTable.vue';
import { saveFile, svgToPng } from '../../design/saveFile.ts';
import SameNames from '../groups/SameNames.vue';
import StudioBar from '../StudioBar.vue';
import HeadToHead from './HeadToHead.vue';
import LeagueForm from './LeagueForm.vue';
import { useLeagues } from './leagues.ts';

/** A league: its table, one against one, and how it is counted. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const leagues = useLeagues();
const id = computed(() => String(route.params.league));
const tabs = ['table', 'pairs', 'settings'] as const;
type Tab = (typeof tabs)[number];
const tab = computed({
  get: () => tabs.find((one) => one === route.query.tab) ?? 'table',
  set: (to: Tab) => void router.replace({ query: to === 'table' ? {} : { tab: to } }),
});
watch(id, (league) => void leagues.load(league), { immediate: true });
watch(
  () => leagues.page?.league.title,
  (title) => {
    if (title !== undefined) document.title = `${t('common.appName')} – ${title}`;
  },
);
const isDeleting = ref(false);
const problem = ref('');
const games = computed(() => leagues.page!.table.games.length);
async function savePicture(): Promise<void> {
  const { league, table } = leagues.page!;
  const svg = leagueSvg(
    league.title,
    t('leagues.after', games.value, { named: { n: games.value } }),
    table.rows,
  );
  try {
    saveFile(`${league.title}.png`, await svgToPng(svg));
  } catch {
    problem.value = t('leagues.pictureFailed');
  }
}
async function remove(): Promise<void> {
  if (await leagues.remove()) await router.push('/studio/groups');
}
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <template v-if="leagues.problem && !leagues.page">
        <h1>{{ t('leagues.notFound') }}</h1>
        <p role="alert">{{ leagues.problem }}</p>
        <div>
          <v-btn color="primary" to="/studio/groups">{{ t('groups.toList') }}</v-btn>
        </div>
      </template>
      <p v-else-if="!leagues.page" role="status">{{ t('common.loading') }}</p>
      <template v-else>
        <header class="row head">
          <div class="grow">
            <h1 dir="auto">{{ leagues.page.league.title }}</h1>
            <p class="muted">{{ t('leagues.after', games, { named: { n: games } }) }}</p>
          </div>
          <template v-if="games">
            <v-btn
              variant="outlined"
              :prepend-icon="mdiDownload"
              :href="`/api/leagues/${leagues.page.id}/table.csv`"
              >{{ t('leagues.csv') }}</v-btn
            >
            <v-btn variant="outlined" :prepend-icon="mdiImageOutline" @click="savePicture">{{
              t('leagues.picture')
            }}</v-btn>
          </template>
          <v-btn
            variant="text"
            :icon="mdiDeleteOutline"
            :aria-label="t('leagues.delete')"
            :title="t('leagues.delete')"
            @click="isDeleting = true"
          />
        </header>
        <p v-if="leagues.problem || problem" class="complaint" role="alert">
          {{ leagues.problem || problem }}
        </p>
        <SameNames
          :title="t('groups.doubtsTeams')"
          :doubts="leagues.page.table.doubts"
          :is-busy="leagues.isBusy"
          @say="leagues.say"
        />
        <v-tabs v-model="tab" show-arrows>
          <v-tab v-for="one in tabs" :key="one" :value="one">{{ t(`leagues.tabs.${one}`) }}</v-tab>
        </v-tabs>
        <LeagueForm v-if="tab === 'settings'" />
        <div v-else-if="games === 0" class="empty">
          <h2>{{ t('leagues.noGames') }}</h2>
          <p>{{ t('leagues.noGamesText') }}</p>
          <v-btn color="primary" @click="tab = 'settings'">{{ t('leagues.chooseGames') }}</v-btn>
        </div>
        <section v-else-if="tab === 'table'" class="card">
          <LeagueTable :rows="leagues.page.table.rows" :games="leagues.page.table.games" each />
        </section>
        <HeadToHead v-else :rows="leagues.page.table.rows" />
      </template>
    </main>
    <DialogFrame v-model="isDeleting" :title="t('leagues.delete')">
      <p>{{ t('leagues.deleteSure') }}</p>
      <template #actions>
        <v-btn variant="text" @click="isDeleting = false">{{ t('common.cancel') }}</v-btn>
        <v-btn color="primary" @click="remove">{{ t('leagues.deleteDo') }}</v-btn>
      </template>
    </DialogFrame>
  </div>
</template>

<style scoped>
.page {
  max-width: 1100px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.head {
  flex-wrap: wrap;
}
.head > .grow {
  min-width: min(100%, 240px);
}
.page :deep(.card) {
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
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
