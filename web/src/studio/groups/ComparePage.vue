<script setup lang="ts">
import { isClear } from '@distaff/core/report';
import { computed, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { server, type ComparedPage, type ComparedSide, type ListedSitting } from '../../api/server.ts';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import StudioBar from '../StudioBar.vue';
import { useGroups } from './groups.ts';

/** Two games or groups side by side, on the questions that both were asked. */
const { t } = useI18n();
const { day, decimal } = useFormat();
const route = useRoute();
const router = useRouter();
const groups = useGroups();
const sittings = ref<ListedSitting[]>([]);
const told = ref<ComparedPage | null>(null);
const problem = ref('');
/** So many games can be chosen from. */
const MOST = 200;
onMounted(async () => {
  document.title = `${t('common.appName')} – ${t('groups.compare')}`;
  await groups.loadList();
  try {
    sittings.value = (await server.sittings(0, MOST)).sittings.filter(({ closedAt }) => closedAt !== null);
  } catch (error) {
    problem.value = (error as Error).message;
  }
});
const choices = computed(() => [
  ...(groups.list ?? [])
    .filter(({ games }) => games > 0)
    .map(({ name }) => ({ value: `group:${name}`, title: t('groups.comparing.group', { name }) })),
  ...sittings.value.map(({ id, title, openedAt }) => ({
    value: `game:${id}`,
    title: t('groups.comparing.game', { title, when: day(openedAt) }),
  })),
]);
const side = (which: 'first' | 'second') =>
  computed({
    get: () => (typeof route.query[which] === 'string' ? route.query[which] : null),
    set: (to: string | null) => void router.replace({ query: { ...route.query, [which]: to ?? undefined } }),
  });
const [first, second] = [side('first'), side('second')];
watch(
  [first, second],
  async ([one, other]) => {
    told.value = null;
    problem.value = '';
    if (!one || !other || one === other) return;
    try {
      const page = await server.compare(one, other);
      if (first.value === one && second.value === other) told.value = page;
    } catch (error) {
      problem.value = (error as Error).message;
    }
  },
  { immediate: true },
);
const nameOf = ({ name, at }: ComparedSide) =>
  at === null ? name : t('groups.comparing.game', { title: name, when: day(new Date(at).toISOString()) });
const percent = (share: number) => Math.round(share * 100);
const points = (share: number) => decimal(share * 100, 0);
const verdict = computed(() => {
  const { difference } = told.value!.comparison;
  if (!difference) return t('groups.comparing.few');
  if (!isClear(difference)) return t('groups.comparing.same');
  const by = difference.difference;
  const name = nameOf(by > 0 ? told.value!.first : told.value!.second);
  return t('groups.comparing.better', { name, n: points(Math.abs(by)) });
});
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <h1>{{ t('groups.comparing.title') }}</h1>
      <p class="muted">{{ t('groups.comparing.how') }}</p>
      <div class="pair">
        <v-autocomplete v-model="first" hide-details :label="t('groups.comparing.first')" :items="choices" />
        <v-autocomplete
          v-model="second"
          hide-details
          :label="t('groups.comparing.second')"
          :items="choices"
        />
      </div>
      <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
      <p v-if="told && told.comparison.questions.length === 0" role="status">
        {{ t('groups.comparing.none') }}
      </p>
      <template v-else-if="told">
        <section class="card">
          <h2>{{ verdict }}</h2>
          <p>
            {{
              t('groups.comparing.shares', told.comparison.questions.length, {
                named: {
                  first: percent(told.comparison.shares.first ?? 0),
                  second: percent(told.comparison.shares.second ?? 0),
                  n: told.comparison.questions.length,
                },
              })
            }}
          </p>
          <p v-if="told.comparison.difference" class="muted">
            {{
              t('groups.comparing.range', {
                low: points(told.comparison.difference.low),
                high: points(told.comparison.difference.high),
              })
            }}
            <template v-if="told.comparison.isPaired">{{
              t('groups.comparing.paired', { n: told.comparison.both })
            }}</template>
          </p>
        </section>
        <section class="card">
          <div class="scroll" tabindex="0" role="region" :aria-label="t('groups.comparing.question')">
            <table>
              <thead>
                <tr>
                  <th scope="col">{{ t('groups.comparing.question') }}</th>
                  <th scope="col" dir="auto">{{ nameOf(told.first) }}</th>
                  <th scope="col" dir="auto">{{ nameOf(told.second) }}</th>
                  <th scope="col">{{ t('groups.comparing.difference') }}</th>
                  <th scope="col" class="start" />
                </tr>
              </thead>
              <tbody>
                <tr v-for="one in told.comparison.questions" :key="one.id">
                  <th scope="row"><RichText inline :text="one.prompt" /></th>
                  <td>{{ t('groups.percent', { n: percent(one.first.count / one.first.of) }) }}</td>
                  <td>{{ t('groups.percent', { n: percent(one.second.count / one.second.of) }) }}</td>
                  <td>{{ t('groups.comparing.points', { n: points(one.difference) }) }}</td>
                  <td class="start">
                    <b v-if="isClear(one)">{{ t('groups.comparing.clear') }}</b>
                    <span v-else class="muted">{{ t('groups.comparing.maybe') }}</span>
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
          <p v-if="told.comparison.questions.some(isClear)" class="muted">
            {{ t('groups.comparing.chanceNote') }}
          </p>
        </section>
      </template>
    </main>
  </div>
</template>

<style scoped src="../../design/figures.css" />
<style scoped>
.page {
  max-width: 1000px;
  margin: 0 auto;
  padding: 24px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.card {
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(280px, 100%), 1fr));
  gap: 12px;
}
h2,
p {
  margin: 0 0 4px;
}
</style>
