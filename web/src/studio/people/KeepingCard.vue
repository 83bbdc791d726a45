<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type WillForget } from '../../api/server.ts';

/** How long people are kept, and what a change of that would do before it is made. */
const { t } = useI18n();
const NEVER = 0;
const days = ref(NEVER);
const kept = ref(NEVER);
const trial = ref<WillForget | null>(null);
const problem = ref('');
const told = ref('');
const choices = computed(() => [
  { value: NEVER, title: t('keeping.never') },
  { value: 30, title: t('keeping.days', { n: 30 }) },
  { value: 90, title: t('keeping.months', { n: 3 }) },
  { value: 180, title: t('keeping.months', { n: 6 }) },
  { value: 365, title: t('keeping.years', 1, { named: { n: 1 } }) },
  { value: 730, title: t('keeping.years', 2, { named: { n: 2 } }) },
]);
async function guarded(work: () => Promise<void>): Promise<void> {
  try {
    await work();
    problem.value = '';
  } catch (error) {
    problem.value = (error as Error).message;
  }
}
onMounted(() =>
  guarded(async () => {
    kept.value = (await server.keeping()).days ?? NEVER;
    days.value = kept.value;
  }),
);
watch(days, (wanted) =>
  guarded(async () => {
    trial.value = null;
    told.value = '';
    if (wanted === NEVER) return;
    const said = await server.tryKeeping(wanted);
    if (days.value === wanted) trial.value = said;
  }),
);
const save = () =>
  guarded(async () => {
    await server.keepPeople(days.value === NEVER ? null : days.value);
    kept.value = days.value;
    told.value = t('keeping.saved');
  });
</script>

<template>
  <section class="card">
    <h2>{{ t('keeping.keep') }}</h2>
    <p class="muted">{{ t('keeping.keepHow') }}</p>
    <div class="row fields">
      <v-select v-model="days" hide-details :label="t('keeping.after')" :items="choices" />
      <v-btn color="primary" :disabled="days === kept" @click="save">{{ t('keeping.save') }}</v-btn>
    </div>
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
    <p v-if="told" role="status">{{ told }}</p>
    <p v-if="trial" role="status">
      {{ trial.now === 0 ? t('keeping.nowNone') : t('keeping.now', trial.now, { named: { n: trial.now } }) }}
      <template v-if="trial.soon > 0">{{
        t('keeping.soon', trial.soon, { named: { n: trial.soon } })
      }}</template>
    </p>
  </section>
</template>

<style scoped>
.fields {
  flex-wrap: wrap;
}
.fields > :first-child {
  flex: 1 1 240px;
}
h2,
p {
  margin: 0;
}
</style>
