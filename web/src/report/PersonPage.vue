<script setup lang="ts">
import type { OwnAnswer, PersonReport } from '@distaff/core/report';
import { mdiArrowLeft, mdiArrowRight } from '@mdi/js';
import { computed, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../api/server.ts';
import RichText from '../design/rich/RichText.vue';
import { useCause } from '../design/useCause.ts';
import { useFormat } from '../design/useFormat.ts';
import { verdictIcon } from '../design/verdict.ts';
import WeaveSwatch from '../design/WeaveSwatch.vue';
import { useResults } from './results.ts';
import { signOf } from './signs.ts';

/** One person's evening, or a team's: what they answered, what it should have been, and what each question brought and why. */
const { who } = defineProps<{ who: string }>();
defineEmits<{ close: [] }>();
const { t } = useI18n();
const { points, change, decimal } = useFormat();
const causeOf = useCause();
const results = useResults();
const report = ref<PersonReport | null>(null);
const problem = ref('');
const title = ref<HTMLElement | null>(null);

watch(
  () => results.turn,
  async () => {
    try {
      report.value = await server.personReport(results.id, who);
      problem.value = '';
    } catch (error) {
      problem.value = (error as Error).message;
    }
  },
  { immediate: true },
);
onMounted(() => title.value?.focus());
const name = computed(() => results.data!.report.knowers.find(({ id }) => id === who)?.name ?? '');
/** Why an answer brought what it did, as a sum that can be followed. */
function whyOf({ worth, byHost }: OwnAnswer): string {
  if (!worth) return '';
  const parts = worth.parts.map(({ by, times }) => {
    const percent = Math.round(Math.abs(times) * 100);
    return by === 'value' || by === 'loss'
      ? t(`report.why.${by}`, { points: points(Math.abs(times)) })
      : t(`report.why.${by}`, { percent, times: decimal(times, times % 1 === 0 ? 0 : 1) });
  });
  return [...parts, ...(byHost ? [t('report.why.byHost')] : [])].join(' · ');
}
const brought = ({ lines }: OwnAnswer) => lines.reduce((sum, { amount }) => sum + amount, 0);
/** What the question brought the team otherwise than by this answer alone. */
const others = (one: OwnAnswer) =>
  one.lines.length > 1 || (one.worth && brought(one) !== one.worth.points) ? one.lines : [];
</script>

<template>
  <section class="evening">
    <header class="row">
      <v-btn variant="text" :prepend-icon="mdiArrowLeft" @click="$emit('close')">{{
        t('report.people.back')
      }}</v-btn>
    </header>
    <h2 ref="title" tabindex="-1">
      <WeaveSwatch v-if="report?.person.weave" :weave="report.person.weave" />
      <bdi>{{ report?.person.name ?? name }}</bdi>
    </h2>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-else-if="!report" role="status">{{ t('common.loading') }}</p>
    <template v-else>
      <p class="muted">
        <bdi v-if="report.person.team">{{ report.person.team }}</bdi>
        {{
          report.person.share === null
            ? t('report.people.notAsked')
            : t('report.share', { n: Math.round(report.person.share * 100) })
        }}
      </p>
      <article v-for="one in report.answers" :key="one.number" class="card answer">
        <h3>
          <span class="muted">{{ one.number }}</span> <RichText inline :text="one.prompt" />
        </h3>
        <p :class="one.is">
          <v-icon :icon="verdictIcon[one.is]" size="18" /> {{ t(`report.signs.${signOf[one.is]}`) }}
          <template v-if="one.answer"
            ><v-icon :icon="mdiArrowRight" size="14" /> <bdi>{{ one.answer }}</bdi></template
          >
          <span v-if="one.seconds !== null" class="muted time">
            {{ t('common.seconds', { n: decimal(one.seconds, 1) }) }}</span
          >
          <b v-if="one.worth" class="figure">{{ change(one.worth.points) }}</b>
        </p>
        <p v-if="one.key && one.is !== 'right'">
          <RichText inline :text="t('report.key', { key: one.key })" />
        </p>
        <p v-if="one.explanation" class="muted"><RichText inline :text="one.explanation" /></p>
        <p v-if="whyOf(one)" class="muted why">{{ whyOf(one) }}</p>
        <ul v-if="others(one).length" class="muted">
          <li v-for="line in others(one)" :key="line.seq">
            {{ t('report.people.forTeam', { points: change(line.amount) }) }} <bdi>{{ causeOf(line) }}</bdi>
          </li>
        </ul>
      </article>
    </template>
  </section>
</template>

<style scoped>
.evening {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
h2 {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 0;
  outline: none;
}
h3 {
  margin: 0 0 6px;
  font-size: 18px;
  overflow-wrap: anywhere;
}
p {
  margin: 0;
}
.answer p + p {
  margin-top: 4px;
}
.answer .figure {
  float: inline-end;
}
.right {
  color: var(--moss);
}
.wrong {
  color: var(--madder);
}
.why,
ul {
  font-size: 14px;
}
.time {
  margin-inline-start: 8px;
}
ul {
  margin: 4px 0 0;
  padding-inline-start: 20px;
}
@media print {
  header {
    display: none;
  }
  .answer {
    break-inside: avoid;
  }
}
</style>
