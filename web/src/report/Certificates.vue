<script setup lang="ts">
import { certificatesFor, filledIn, type ForWhom } from '@distaff/core/report';
import { mdiArrowLeft, mdiImageOutline, mdiPrinter } from '@mdi/js';
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useFormat } from '../design/useFormat.ts';
import { weaveBackground } from '../design/weave/tile.ts';
import { useResults } from './results.ts';

/** Certificates on paper: a sheet each, bordered by the weave of the team; the browser prints them, or makes a PDF. */
const { t } = useI18n();
const { place, points, date } = useFormat();
const route = useRoute();
const results = useResults();
const id = computed(() => String(route.params.sitting));
watch(
  id,
  (sitting) => {
    if (results.id !== sitting || !results.data) void results.load(sitting);
  },
  { immediate: true },
);
watch(
  () => results.data?.sitting.title,
  (title) => {
    if (title !== undefined) document.title = t('report.certificates.title', { title });
  },
);
/** Written once, used the next time as well. */
const heading = useLocalStorage('distaff.certificate.heading', t('report.certificates.headingText'));
/** What the text may name, as it is written in it. */
const named = Object.fromEntries(
  ['name', 'place', 'points', 'show', 'date'].map((word) => [word, `{${word}}`]),
);
const text = useLocalStorage('distaff.certificate.text', t('report.certificates.bodyText', named));
const who = ref<ForWhom['who']>('teams');
const places = ref<number | null>(3);
const logo = ref('');
const picker = ref<HTMLInputElement | null>(null);
function choose(event: Event): void {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  const reader = new FileReader();
  reader.onload = () => (logo.value = String(reader.result));
  reader.readAsDataURL(file);
}
const standings = computed(() => results.data?.results.standings ?? []);
const hasPeople = computed(() => standings.value.some(({ players }) => players.length > 0));
const sheets = computed(() =>
  certificatesFor(standings.value, { who: hasPeople.value ? who.value : 'teams', places: places.value }),
);
const lines = (one: (typeof sheets.value)[number]) =>
  filledIn(text.value, {
    name: one.name,
    place: place(one.place),
    points: points(one.score),
    show: results.data!.sitting.title,
    date: date(results.data!.sitting.openedAt.slice(0, 10)),
  });
const placeChoices = computed(() => [
  { value: 1, title: t('report.certificates.first') },
  { value: 3, title: t('report.certificates.firstThree') },
  { value: null, title: t('report.certificates.all') },
]);
const print = () => window.print();
</script>

<template>
  <main class="certificates">
    <section class="tools">
      <v-btn variant="text" :prepend-icon="mdiArrowLeft" :to="`/results/${id}`">{{
        t('report.certificates.back')
      }}</v-btn>
      <p v-if="results.problem" role="alert">{{ results.problem }}</p>
      <p v-else-if="!results.data" role="status">{{ t('common.loading') }}</p>
      <template v-else>
        <h1>{{ t('report.certificates.title', { title: results.data.sitting.title }) }}</h1>
        <v-text-field
          v-model="heading"
          hide-details
          maxlength="60"
          :label="t('report.certificates.heading')"
        />
        <v-textarea
          v-model="text"
          rows="3"
          auto-grow
          persistent-hint
          maxlength="400"
          :label="t('report.certificates.body')"
          :hint="t('report.certificates.bodyHint', named)"
        />
        <div class="choices">
          <v-select
            v-if="hasPeople"
            v-model="who"
            hide-details
            :label="t('report.certificates.who')"
            :items="[
              { value: 'teams', title: t('report.certificates.teams') },
              { value: 'people', title: t('report.certificates.people') },
            ]"
          />
          <v-select
            v-model="places"
            hide-details
            :label="t('report.certificates.places')"
            :items="placeChoices"
          />
        </div>
        <div class="row wrap">
          <v-btn color="primary" :prepend-icon="mdiPrinter" :disabled="sheets.length === 0" @click="print">{{
            t('report.certificates.print', sheets.length, { named: { n: sheets.length } })
          }}</v-btn>
          <v-btn variant="outlined" :prepend-icon="mdiImageOutline" @click="picker?.click()">{{
            t(logo ? 'report.certificates.otherLogo' : 'report.certificates.logo')
          }}</v-btn>
          <input ref="picker" type="file" accept="image/*" hidden @change="choose" />
        </div>
      </template>
    </section>
    <article v-for="one in sheets" :key="one.id" class="sheet" :style="weaveBackground(one.weave)">
      <div class="paper">
        <img v-if="logo" class="logo" :src="logo" alt="" />
        <p class="heading" dir="auto">{{ heading }}</p>
        <p class="name" dir="auto">{{ one.name }}</p>
        <p class="text" dir="auto">{{ lines(one) }}</p>
      </div>
    </article>
  </main>
</template>

<style scoped>
.certificates {
  width: 100%;
  max-width: 900px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 24px;
}
.tools {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 16px;
}
.tools > :not(.v-btn) {
  width: 100%;
}
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
  gap: 12px;
}
.wrap {
  flex-wrap: wrap;
}
.sheet {
  aspect-ratio: 297 / 210;
  padding: 4%;
  print-color-adjust: exact;
}
.paper {
  height: 100%;
  padding: 4%;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 3%;
  background: #fff;
  color: #14211d;
  text-align: center;
  outline: 2px dashed #14211d;
  outline-offset: -10px;
  overflow: hidden;
}
p {
  margin: 0;
}
.paper p {
  max-width: 88%;
  overflow-wrap: anywhere;
  white-space: pre-line;
}
.logo {
  max-height: 18%;
  max-width: 40%;
  object-fit: contain;
}
.heading {
  font: 600 clamp(14px, 2.6vw, 24px) / 1.2 var(--display);
}
.name {
  font: 700 clamp(24px, 6vw, 56px) / 1.1 var(--display);
}
.text {
  font-size: clamp(13px, 2.2vw, 20px);
  line-height: 1.4;
}
@media print {
  .tools {
    display: none;
  }
  .certificates {
    max-width: none;
    padding: 0;
    gap: 0;
  }
  .sheet {
    page: certificate;
    break-after: page;
    break-inside: avoid;
    aspect-ratio: auto;
    height: 96vh;
  }
  .name {
    font-size: 48pt;
  }
  .heading {
    font-size: 22pt;
  }
  .text {
    font-size: 18pt;
  }
}
@page certificate {
  size: landscape;
  margin: 8mm;
}
</style>
