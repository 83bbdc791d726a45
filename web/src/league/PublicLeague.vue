<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { server, type PublicLeague } from '../api/server.ts';
import LeagueTable from '../design/league/LeagueTable.vue';
import PlainBar from '../design/PlainBar.vue';

/** The table of a league for everybody who has its link. */
const { t } = useI18n();
const route = useRoute();
const league = ref<PublicLeague | null>(null);
const problem = ref('');
onMounted(async () => {
  try {
    league.value = await server.publicLeague(String(route.params.key));
    document.title = league.value.title;
  } catch (error) {
    problem.value = (error as Error).message;
  }
});
</script>

<template>
  <div>
    <PlainBar to="/" />
    <main class="page">
      <p v-if="problem" role="alert">{{ problem }}</p>
      <p v-else-if="!league" role="status">{{ t('common.loading') }}</p>
      <template v-else>
        <h1 dir="auto">{{ league.title }}</h1>
        <p class="muted">
          {{ t('leagues.after', league.games.length, { named: { n: league.games.length } }) }}
        </p>
        <section class="card"><LeagueTable :rows="league.rows" :games="league.games" /></section>
      </template>
    </main>
  </div>
</template>

<style scoped>
.page {
  max-width: 900px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.card {
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
p {
  margin: 0;
}
</style>
