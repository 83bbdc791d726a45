<script setup lang="ts">
import { mdiCertificateOutline, mdiDownload, mdiPrinter } from '@mdi/js';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { saveFile, svgToPdf, svgToPng } from '../design/saveFile.ts';
import StandingBars from '../design/StandingBars.vue';
import PlainBar from '../design/PlainBar.vue';
import { useFormat } from '../design/useFormat.ts';
import { clothSvg } from '../design/weave/cloth.ts';
import CopySummary from './CopySummary.vue';
import CorrectionDialog from './CorrectionDialog.vue';
import FigureStrip from './FigureStrip.vue';
import GameMenu from './GameMenu.vue';
import KnowledgeGrid from './KnowledgeGrid.vue';
import MarksTab from './MarksTab.vue';
import MostMissed from './MostMissed.vue';
import PeopleTab from './PeopleTab.vue';
import QuestionFigures from './QuestionFigures.vue';
import ResponseTable from './ResponseTable.vue';
import { useResults } from './results.ts';
import ScoreTab from './ScoreTab.vue';
import TrustNote from './TrustNote.vue';
import WhatNext from './WhatNext.vue';

/** What came of a game: who knew what, what each question told, every answer, and the files to take away. */
const { t } = useI18n();
const { day, change } = useFormat();
const route = useRoute();
const router = useRouter();
const results = useResults();
const id = computed(() => String(route.params.sitting));
const data = computed(() => results.data);
const tabs = ['overview', 'people', 'questions', 'scores', 'marks', 'answers'] as const;
type Tab = (typeof tabs)[number];
/** The tab stands in the address, so that a reload and the way back lead there. */
const tab = computed({
  get: () => tabs.find((one) => one === route.query.tab) ?? 'overview',
  set: (to: Tab) => void router.replace({ query: to === 'overview' ? {} : { tab: to } }),
});
watch(id, (sitting) => void results.load(sitting), { immediate: true });
watch(
  () => data.value?.sitting.title,
  (title) => {
    if (title !== undefined) document.title = t('report.title', { title });
  },
);
const print = () => window.print();
const teams = computed(() =>
  data.value!.results.standings.map(({ id: team, team: name, weave, score, place }) => ({
    id: team,
    name,
    weave,
    score,
    place,
  })),
);
const cloth = computed(() =>
  clothSvg(data.value!.sitting.title, teams.value, data.value!.cloth, day(data.value!.sitting.openedAt)),
);
/** Of a game whose answers were cleared nothing is left to show. */
const isThere = computed(() => !data.value?.sitting.clearedAt);
const clothUrl = computed(() => `data:image/svg+xml,${encodeURIComponent(cloth.value)}`);
const saveSvg = () => saveFile('cloth.svg', new Blob([cloth.value], { type: 'image/svg+xml' }));
async function savePicture(type: 'png' | 'pdf'): Promise<void> {
  try {
    const svg = cloth.value;
    const file = type === 'png' ? svgToPng(svg) : svgToPdf(svg, data.value!.sitting.title);
    saveFile(`cloth.${type}`, await file);
  } catch {
    results.problem = t('report.pngFailed');
  }
}
</script>

<template>
  <div>
    <PlainBar />
    <main class="page">
      <div v-if="results.problem && !data">
        <h1>{{ t('report.notThere') }}</h1>
        <p>{{ results.problem }}</p>
        <v-btn color="primary" to="/studio">{{ t('report.library') }}</v-btn>
      </div>
      <div v-else-if="results.isDeleted">
        <h1>{{ t('report.menu.deleted') }}</h1>
        <p>{{ t('report.menu.deletedHow') }}</p>
        <div class="row files">
          <v-btn variant="outlined" @click="results.restore">{{ t('common.undo') }}</v-btn>
          <v-btn color="primary" to="/studio">{{ t('report.library') }}</v-btn>
        </div>
      </div>
      <p v-else-if="!data" role="status">{{ t('common.loading') }}</p>
      <template v-else>
        <div>
          <div class="row head">
            <div class="grow">
              <h1>{{ t('report.title', { title: data.sitting.title }) }}</h1>
              <p class="muted">{{ t('report.played', { when: day(data.sitting.openedAt) }) }}</p>
            </div>
            <div class="row on-screen">
              <v-btn v-if="isThere" variant="outlined" :prepend-icon="mdiPrinter" @click="print">{{
                t('report.print')
              }}</v-btn>
              <GameMenu />
            </div>
          </div>
          <p v-if="!data.sitting.closedAt" class="running">
            {{ t('report.running') }} <router-link :to="`/desk/${id}`">{{ t('report.toDesk') }}</router-link>
          </p>
          <p v-if="data.sitting.clearedAt" class="muted">
            {{ t('report.menu.clearedAt', { when: day(data.sitting.clearedAt) }) }}
          </p>
          <p v-else-if="data.sitting.anonymousSince" class="muted">
            {{ t('report.menu.anonymousSince', { when: day(data.sitting.anonymousSince) }) }}
          </p>
          <p v-if="results.problem" role="alert">{{ results.problem }}</p>
          <p v-if="results.corrections.length" class="row corrected">
            <span class="grow">{{
              t('report.correct.done', results.corrections.length, {
                named: { n: results.corrections.length },
              })
            }}</span>
            <v-btn variant="outlined" size="small" :disabled="results.isSending" @click="results.undo">{{
              t('report.correct.undo')
            }}</v-btn>
          </p>
        </div>
        <v-tabs v-if="isThere" v-model="tab" class="on-screen" show-arrows>
          <v-tab v-for="one in tabs" :key="one" :value="one">{{ t(`report.tabs.${one}`) }}</v-tab>
        </v-tabs>
        <v-btn v-if="!isThere" class="to-shows" color="primary" to="/studio">{{ t('report.library') }}</v-btn>
        <template v-else-if="tab === 'overview'">
          <FigureStrip :report="data.report" />
          <div class="knew">
            <KnowledgeGrid :report="data.report" />
            <MostMissed :report="data.report" />
          </div>
          <WhatNext />
          <TrustNote :of="data.report.overview.reliability" />
          <div class="two">
            <section>
              <h2>{{ t('report.standings') }}</h2>
              <StandingBars class="bars" :teams="teams" />
              <div class="row files">
                <v-btn
                  variant="outlined"
                  :prepend-icon="mdiDownload"
                  :href="`/api/sittings/${id}/standings.csv`"
                  >{{ t('report.csvStandings') }}</v-btn
                >
                <v-btn
                  variant="outlined"
                  :prepend-icon="mdiDownload"
                  :href="`/api/sittings/${id}/responses.csv`"
                  >{{ t('report.csvResponses') }}</v-btn
                >
              </div>
              <template v-if="data.results.byHand.length">
                <h3>{{ t('report.byHand') }}</h3>
                <ul class="hand">
                  <li v-for="(entry, i) in data.results.byHand" :key="i">
                    {{ entry.team }} <b class="mono">{{ change(entry.amount) }}</b> – {{ entry.reason }}
                  </li>
                </ul>
              </template>
            </section>
            <section>
              <h2>{{ t('report.cloth') }}</h2>
              <img class="cloth" :src="clothUrl" :alt="t('report.cloth')" />
              <div class="row files">
                <v-btn variant="outlined" :prepend-icon="mdiDownload" @click="saveSvg">{{
                  t('report.saveSvg')
                }}</v-btn>
                <v-btn
                  v-for="type in ['png', 'pdf'] as const"
                  :key="type"
                  variant="outlined"
                  :prepend-icon="mdiDownload"
                  @click="savePicture(type)"
                  >{{ t(`report.savePicture.${type}`) }}</v-btn
                >
                <v-btn
                  variant="outlined"
                  :prepend-icon="mdiCertificateOutline"
                  :to="`/results/${id}/certificates`"
                  >{{ t('report.certificates.make') }}</v-btn
                >
                <CopySummary :results="data" />
              </div>
            </section>
          </div>
        </template>
        <PeopleTab v-else-if="tab === 'people'" />
        <QuestionFigures v-else-if="tab === 'questions'" :report="data.report" />
        <ScoreTab v-else-if="tab === 'scores'" />
        <MarksTab v-else-if="tab === 'marks'" />
        <ResponseTable v-else />
      </template>
    </main>
    <CorrectionDialog />
  </div>
</template>

<style scoped>
.page {
  max-width: 1200px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 28px;
}
p {
  margin: 4px 0 0;
}
.to-shows {
  align-self: flex-start;
}
.running,
.corrected {
  padding: 6px 12px;
  border-inline-start: 4px solid var(--weld);
  background: var(--weld-soft, #fbf0d0);
}
.head {
  flex-wrap: wrap;
}
.head > .grow {
  min-width: min(100%, 320px);
}
.knew,
.two {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.two {
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 36px;
}
.page :deep(.card) {
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
h2 {
  margin-bottom: 12px;
}
h3 {
  margin: 20px 0 6px;
}
.bars {
  font-size: 17px;
}
.files {
  flex-wrap: wrap;
  margin-top: 16px;
}
.hand {
  margin: 0;
  padding-left: 20px;
}
.cloth {
  display: block;
  width: 100%;
  border: 1px solid var(--line);
  border-radius: 6px;
}
@media print {
  .page {
    padding: 0;
    max-width: none;
  }
  .on-screen,
  .files,
  .corrected :deep(button) {
    display: none;
  }
}
@media (max-width: 900px) {
  .knew,
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
