<script setup lang="ts">
import { hasDrifted, isContrary, learntLevel, type Learnt } from '@distaff/core/learn';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { server } from '../../api/server.ts';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import StudioBar from '../StudioBar.vue';
import MapChart from './MapChart.vue';

/** The questions of a set by what all games taught of them: on a map, and as a table. */
const { t } = useI18n();
const { decimal } = useFormat();
const route = useRoute();
const set = computed(() => String(route.params.set));
const title = ref('');
const problem = ref('');
const working = ref<number | null>(null);
const questions = ref<Learnt[] | null>(null);
const asTable = ref(false);
/** Between two looks at what is being worked out (ms). */
const AGAIN = 800;
let timer: ReturnType<typeof setTimeout> | undefined;

async function load(id: string): Promise<void> {
  try {
    if (title.value === '') title.value = (await server.set(id)).set.title;
    const told = await server.learnt(id);
    if (id !== set.value) return;
    working.value = told.working;
    questions.value = Object.values(told.questions).sort((a, b) => a.difficulty - b.difficulty);
    if (told.working !== null) timer = setTimeout(() => void load(id), AGAIN);
  } catch (error) {
    problem.value = (error as Error).message;
  }
}
watch(
  set,
  (id) => {
    [title.value, problem.value, questions.value] = ['', '', null];
    void load(id);
  },
  { immediate: true },
);
watch(title, (name) => (document.title = `${t('common.appName')} – ${name}`));
onBeforeUnmount(() => clearTimeout(timer));
const notes = (one: Learnt) => [
  ...(learntLevel(one) === null ? [t('learnt.few')] : []),
  ...(hasDrifted(one) ? [t(one.drift!.easier > 0 ? 'learnt.easier' : 'learnt.harder')] : []),
  ...(isContrary(one) ? [t('learnt.contrary')] : []),
];
const levelOf = (one: Learnt) => {
  const level = learntLevel(one);
  return level === null ? '–' : t(`form.difficulties.${level}`);
};
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <header class="row head">
        <div class="grow">
          <h1>{{ t('learnt.title', { title }) }}</h1>
          <p class="muted">{{ t('learnt.intro') }}</p>
        </div>
        <v-btn variant="outlined" :to="`/studio/questions?set=${set}`">{{ t('learnt.back') }}</v-btn>
      </header>
      <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
      <p v-else-if="!questions" role="status">{{ t('common.loading') }}</p>
      <p v-if="working !== null" role="status">{{ t('learnt.working', { n: Math.round(working * 100) }) }}</p>
      <div v-if="questions?.length === 0 && working === null" class="empty">
        <h2>{{ t('learnt.none') }}</h2>
        <p>{{ t('learnt.noneText') }}</p>
      </div>
      <template v-else-if="questions?.length">
        <section class="card">
          <header class="row">
            <h2 class="grow">{{ t('learnt.map') }}</h2>
            <v-btn variant="outlined" size="small" :aria-pressed="asTable" @click="asTable = !asTable">{{
              t(asTable ? 'learnt.asChart' : 'learnt.asTable')
            }}</v-btn>
          </header>
          <MapChart v-if="!asTable" :questions="questions" />
          <div v-else class="scroll" tabindex="0" role="region" :aria-label="t('learnt.map')">
            <table>
              <thead>
                <tr>
                  <th scope="col">{{ t('learnt.question') }}</th>
                  <th scope="col">{{ t('learnt.level') }}</th>
                  <th scope="col">{{ t('learnt.difficulty') }}</th>
                  <th scope="col">{{ t('learnt.share') }}</th>
                  <th scope="col">{{ t('learnt.apart') }}</th>
                  <th scope="col">{{ t('learnt.time') }}</th>
                  <th scope="col">{{ t('learnt.lure') }}</th>
                  <th scope="col">{{ t('learnt.answers') }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="one in questions" :key="one.id">
                  <th scope="row">
                    <RichText inline :text="one.prompt" />
                    <span v-if="notes(one).length" class="muted note">{{ notes(one).join(' · ') }}</span>
                  </th>
                  <td>{{ levelOf(one) }}</td>
                  <td>
                    {{ decimal(one.difficulty, 1) }}
                    <span class="muted note">{{
                      t('learnt.giveOrTake', { n: decimal(2 * one.error, 1) })
                    }}</span>
                  </td>
                  <td>{{ t('learnt.percent', { n: Math.round(one.share * 100) }) }}</td>
                  <td>{{ one.discrimination === null ? '–' : decimal(one.discrimination, 2) }}</td>
                  <td>
                    {{ one.seconds === null ? '–' : t('learnt.seconds', { n: Math.round(one.seconds) }) }}
                  </td>
                  <td class="lure" dir="auto">{{ one.lure ?? '–' }}</td>
                  <td>{{ one.answers }}</td>
                </tr>
              </tbody>
            </table>
          </div>
          <p class="muted">{{ t('learnt.how') }}</p>
        </section>
      </template>
    </main>
  </div>
</template>

<style scoped src="../../design/figures.css" />
<style scoped>
.page {
  max-width: 1200px;
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
  min-width: min(100%, 320px);
}
.card {
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
h2,
p {
  margin: 0;
}
.note {
  display: block;
  font-size: 13px;
  font-weight: 400;
}
.lure {
  max-width: 20ch;
  overflow-wrap: anywhere;
}
</style>
