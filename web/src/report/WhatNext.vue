<script setup lang="ts">
import { wasMissed } from '@distaff/core/report';
import { mdiBookshelf, mdiPencilBoxOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { server } from '../api/server.ts';
import { useResults } from './results.ts';

/** What to do with what was missed: ask it again another day, or give it as homework. */
const { t } = useI18n();
const router = useRouter();
const results = useResults();
const busy = ref(false);
const problem = ref('');
const missed = computed(() =>
  results.data!.report.items.filter(({ figures, counts }) => counts === 'asPlayed' && wasMissed(figures)),
);
/** The set made of them; once made it is used again. */
let made: { id: string; title: string } | null = null;
async function asSet(): Promise<{ id: string; title: string } | null> {
  if (made) return made;
  busy.value = true;
  problem.value = '';
  try {
    const ids = missed.value.map(({ question }) => question);
    const { questions } = await server.playedQuestions(results.id, ids);
    const title = t('report.next.setTitle', { title: results.data!.sitting.title });
    const { id } = await server.createSet({
      title,
      description: t('report.next.setAbout'),
      folder: '',
      credit: '',
    });
    await server.addQuestions(id, questions);
    made = { id, title };
    return made;
  } catch (error) {
    problem.value = (error as Error).message;
    return null;
  } finally {
    busy.value = false;
  }
}
async function toLibrary(): Promise<void> {
  const set = await asSet();
  if (set) await router.push(`/studio/questions?set=${set.id}`);
}
async function toPractice(): Promise<void> {
  const set = await asSet();
  if (set) await router.push({ path: '/studio/practice', query: { set: set.id, title: set.title } });
}
</script>

<template>
  <section v-if="missed.length" class="card next">
    <h2>{{ t('report.next.title') }}</h2>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div class="ways">
      <div class="row">
        <v-icon :icon="mdiPencilBoxOutline" />
        <p class="grow">
          <b>{{ t('report.next.practise') }}</b><br />
          <span class="muted">{{
            t('report.next.practiseHow', missed.length, { named: { n: missed.length } })
          }}</span>
        </p>
        <v-btn variant="outlined" :disabled="busy" @click="toPractice">{{ t('report.next.setUp') }}</v-btn>
      </div>
      <div class="row">
        <v-icon :icon="mdiBookshelf" />
        <p class="grow">
          <b>{{ t('report.next.again') }}</b><br />
          <span class="muted">{{ t('report.next.againHow') }}</span>
        </p>
        <v-btn variant="outlined" :disabled="busy" @click="toLibrary">{{ t('report.next.make') }}</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 12px;
}
p {
  margin: 0;
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
  gap: 16px 36px;
}
@media print {
  .next {
    display: none;
  }
}
</style>
