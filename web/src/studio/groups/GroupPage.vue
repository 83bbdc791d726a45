<script setup lang="ts">
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import StudioBar from '../StudioBar.vue';
import AskAgain from './AskAgain.vue';
import GroupGames from './GroupGames.vue';
import GroupMarks from './GroupMarks.vue';
import GroupPeople from './GroupPeople.vue';
import GroupStrip from './GroupStrip.vue';
import GroupTopics from './GroupTopics.vue';
import { useGroups } from './groups.ts';
import SameNames from './SameNames.vue';

/** A group over all its games and practices. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const groups = useGroups();
const name = computed(() => String(route.params.group));
const tabs = ['games', 'people', 'topics', 'again', 'marks'] as const;
type Tab = (typeof tabs)[number];
const tab = computed({
  get: () => tabs.find((one) => one === route.query.tab) ?? 'games',
  set: (to: Tab) => void router.replace({ query: to === 'games' ? {} : { tab: to } }),
});
watch(
  name,
  (group) => {
    document.title = `${t('common.appName')} – ${group}`;
    void groups.load(group);
  },
  { immediate: true },
);
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <template v-if="groups.problem && !groups.page">
        <h1>{{ t('groups.notFound') }}</h1>
        <p role="alert">{{ groups.problem }}</p>
        <div>
          <v-btn color="primary" to="/studio/groups">{{ t('groups.toList') }}</v-btn>
        </div>
      </template>
      <p v-else-if="!groups.page" role="status">{{ t('common.loading') }}</p>
      <template v-else>
        <h1 dir="auto">{{ groups.page.name }}</h1>
        <p v-if="groups.problem" class="complaint" role="alert">{{ groups.problem }}</p>
        <div v-if="groups.page.term.games.length === 0" class="empty">
          <h2>{{ t('groups.nothing') }}</h2>
          <p>{{ t('groups.nothingText', { name: groups.page.name }) }}</p>
          <v-btn color="primary" to="/studio">{{ t('groups.toShows') }}</v-btn>
        </div>
        <template v-else>
          <GroupStrip :page="groups.page" />
          <SameNames
            :title="t('groups.doubts')"
            :doubts="groups.page.term.doubts"
            :is-busy="groups.isBusy"
            @say="groups.say"
          />
          <v-tabs v-model="tab" class="on-screen" show-arrows>
            <v-tab v-for="one in tabs" :key="one" :value="one">{{ t(`groups.tabs.${one}`) }}</v-tab>
          </v-tabs>
          <GroupGames v-if="tab === 'games'" :games="groups.page.term.games" />
          <GroupPeople v-else-if="tab === 'people'" :term="groups.page.term" />
          <GroupTopics v-else-if="tab === 'topics'" :term="groups.page.term" />
          <AskAgain v-else-if="tab === 'again'" />
          <GroupMarks v-else />
        </template>
      </template>
    </main>
  </div>
</template>

<style scoped>
.page {
  max-width: 1200px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 20px;
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
@media print {
  .on-screen {
    display: none;
  }
}
</style>
