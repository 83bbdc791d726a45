<script setup lang="ts">
import { turnout } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import WeaveSwatch from '../design/WeaveSwatch.vue';
import PersonPage from './PersonPage.vue';
import { useResults } from './results.ts';
import { rowsInOrder } from './signs.ts';

/** Everybody who was there, also whoever gave no answer; each leads to their own page. */
const { t, locale } = useI18n();
const route = useRoute();
const router = useRouter();
const results = useResults();
const report = computed(() => results.data!.report);
const ROW = 49;
/** Of more only those that are seen are drawn. */
const MANY = 100;
const people = computed(() =>
  rowsInOrder(report.value, 'name', locale.value).map((row) => ({
    ...report.value.knowers[row]!,
    ...turnout(report.value.rows[row]!),
  })),
);
/** Who is looked at stands in the address: it can be gone back from, and be sent to a colleague. */
const who = computed({
  get: () => (typeof route.query.who === 'string' ? route.query.who : null),
  set: (id) => void router.push({ query: { ...route.query, who: id ?? undefined } }),
});
</script>

<template>
  <PersonPage v-if="who" :key="who" :who="who" @close="who = null" />
  <section v-else class="card">
    <h2>{{ t(report.by === 'people' ? 'report.people.title' : 'report.people.teams') }}</h2>
    <p v-if="people.length === 0" class="muted">{{ t('report.people.nobody') }}</p>
    <v-virtual-scroll
      v-else
      :items="people"
      :item-height="ROW"
      :height="people.length > MANY ? 600 : undefined"
    >
      <template #default="{ item: one }">
        <button type="button" class="person" @click="who = one.id">
          <WeaveSwatch v-if="one.weave" :weave="one.weave" />
          <b class="clip" dir="auto">{{ one.name }}</b>
          <span class="clip muted" dir="auto">{{ one.team }}</span>
          <span class="muted">{{
            one.answered === 0
              ? t('report.people.silent')
              : t('report.people.answered', { n: one.answered, of: one.asked })
          }}</span>
          <b class="figure">{{
            one.share === null ? '–' : t('report.percent', { n: Math.round(one.share * 100) })
          }}</b>
        </button>
      </template>
    </v-virtual-scroll>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 8px;
}
.person {
  display: grid;
  grid-template-columns: 24px minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1fr) 64px;
  gap: 12px;
  align-items: center;
  width: 100%;
  min-height: 48px;
  text-align: start;
  border-bottom: 1px solid var(--line);
  cursor: pointer;
}
.person:hover {
  background: var(--well, #e8ede8);
}
.figure {
  text-align: end;
}
@media (max-width: 600px) {
  .person {
    grid-template-columns: 24px minmax(0, 1fr) auto 52px;
  }
  .person .clip.muted {
    display: none;
  }
}
</style>
