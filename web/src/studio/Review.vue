<script setup lang="ts">
import { creditsOf } from '@distaff/core/question';
import { plainText } from '@distaff/core/text';
import { mdiArrowLeft, mdiAutoFix, mdiCheck } from '@mdi/js';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import CreditList from '../design/media/CreditList.vue';
import DuplicateList from './review/DuplicateList.vue';
import KeyPlaces from './review/KeyPlaces.vue';
import RemarkList from './review/RemarkList.vue';
import { useReview } from './review/review.ts';
import StageMeasure from './review/StageMeasure.vue';
import StudioBar from './StudioBar.vue';

/** The check of a set: what to mend, what to look at, how the keys lie, what is asked twice, whom to thank. */
const { t } = useI18n();
const route = useRoute();
const review = useReview();
const set = computed(() => (typeof route.query.set === 'string' ? route.query.set : ''));
const done = ref<number | null>(null);
const mended = ref(0);
const stage = ref<InstanceType<typeof StageMeasure> | null>(null);
let run = 0;

/** Measures what is not measured yet, in the breaks between other work; a mended question again. */
async function measureAll(): Promise<void> {
  const own = ++run;
  const list = review.questions ?? [];
  await import('../design/rich/render.ts');
  await document.fonts.ready;
  const found = new Map(review.measured);
  for (const [i, { id, question }] of list.entries()) {
    if (own !== run || !stage.value) return;
    done.value = i;
    const remark = await stage.value.measure(question);
    if (own !== run) return;
    if (remark) found.set(id, remark);
    else found.delete(id);
    if (i % 10 === 0) await new Promise((resolve) => setTimeout(resolve));
  }
  review.measured = found;
  done.value = null;
}
function stop(): void {
  run++;
  done.value = null;
}
watch(
  () => review.questions,
  (list) => list && void measureAll(),
);
watch(set, (id) => id && void review.load(id));
onMounted(() => {
  document.title = `${t('common.appName')} – ${t('review.open')}`;
  void review.load(set.value);
});
onBeforeUnmount(stop);

const credits = computed(() => creditsOf((review.questions ?? []).map((one) => one.question)));
const musts = computed(
  () => review.remarks.filter((one) => one.remarks.some(({ weight }) => weight === 'must')).length,
);
async function tell(work: Promise<number>): Promise<void> {
  mended.value = await work;
}
async function undo(): Promise<void> {
  await review.undo();
  mended.value = 0;
}
</script>

<template>
  <div>
    <StudioBar />
    <StageMeasure ref="stage" />
    <main class="page">
      <v-btn
        variant="text"
        size="small"
        :prepend-icon="mdiArrowLeft"
        :to="{ path: '/studio/questions', query: { set } }"
        >{{ t('review.back') }}</v-btn
      >
      <p v-if="review.problem" role="alert" class="problem">{{ review.problem }}</p>
      <p v-if="review.questions === null" role="status">{{ review.problem ? '' : t('review.reading') }}</p>
      <template v-else>
        <div class="row head">
          <h1 class="title">{{ t('review.title', { title: review.title }) }}</h1>
          <v-btn
            v-if="review.safe.length && review.mayEdit"
            color="primary"
            :prepend-icon="mdiAutoFix"
            :loading="review.busy"
            :title="t('review.mendAllHint')"
            @click="tell(review.mendAll())"
            >{{ t('review.mendAll', { n: review.safe.length }) }}</v-btn
          >
        </div>
        <p v-if="review.questions.length === 0">{{ t('review.empty') }}</p>
        <p v-else role="status">
          <template v-if="review.remarks.length">
            {{
              t('review.found', review.remarks.length, {
                named: { n: review.remarks.length, of: review.questions.length },
              })
            }}<template v-if="musts"
              >; <b>{{ t('review.mustCount', musts, { named: { n: musts } }) }}</b></template
            >.
          </template>
          <template v-else
            ><v-icon :icon="mdiCheck" size="18" />
            {{ t('review.fine', { n: review.questions.length }) }}</template
          >
        </p>
        <div v-if="done !== null" class="row going" role="status">
          <span>{{ t('review.measuring', { n: done, of: review.questions.length }) }}</span>
          <v-btn size="x-small" variant="text" @click="stop">{{ t('review.stop') }}</v-btn>
        </div>

        <ul class="questions">
          <li v-for="{ stored, remarks } in review.remarks" :key="stored.id">
            <div class="row">
              <b class="grow clip">{{ plainText(stored.question.prompt) || t('library.noPrompt') }}</b>
              <v-btn
                size="small"
                variant="text"
                :to="{ path: '/studio/questions', query: { set, question: stored.id } }"
                >{{ t('review.openQuestion') }}</v-btn
              >
            </div>
            <RemarkList
              :remarks="remarks"
              :busy="review.busy"
              :read-only="!review.mayEdit"
              @mend="tell(review.mendOne(stored, $event))"
            />
          </li>
        </ul>

        <div v-if="review.questions.length" class="beside">
          <KeyPlaces @spread="tell(review.spread())" />
          <DuplicateList />
          <section v-if="credits.length">
            <h2>{{ t('review.thanks') }}</h2>
            <p class="muted">{{ t('review.thanksText') }}</p>
            <CreditList :credits="credits" />
          </section>
        </div>
      </template>
    </main>
    <v-snackbar :model-value="mended > 0" :timeout="8000" @update:model-value="mended = 0">
      {{ t('review.mended', mended, { named: { n: mended } }) }}
      <template #actions
        ><v-btn variant="text" @click="undo">{{ t('common.undo') }}</v-btn></template
      >
    </v-snackbar>
    <v-snackbar :model-value="review.said !== ''" @update:model-value="review.said = ''">{{
      review.said && t(review.said)
    }}</v-snackbar>
  </div>
</template>

<style scoped>
.page {
  max-width: 1000px;
  margin: 0 auto;
  padding: 16px 20px 60px;
}
.head {
  flex-wrap: wrap;
  gap: 8px 16px;
}
.title {
  flex: 1 1 280px;
}
.going {
  color: var(--stone);
}
.questions {
  list-style: none;
  margin: 16px 0 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.questions > li {
  padding: 10px 14px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  /* Long lists: what is out of sight is not drawn. */
  content-visibility: auto;
  contain-intrinsic-size: auto 90px;
}
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
  gap: 24px 40px;
  margin-top: 32px;
}
</style>
