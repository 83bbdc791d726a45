<script setup lang="ts">
import { creditsOf, type Question } from '@distaff/core/question';
import { printed, type PrintedQuestion } from '@distaff/core/library';
import { mdiArrowLeft, mdiPrinterOutline } from '@mdi/js';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import ChoiceBar from '../design/ChoiceBar.vue';
import { server } from '../api/server.ts';
import { letterOf } from '../design/letters.ts';
import CreditList from '../design/media/CreditList.vue';
import PictureFrame from '../design/media/PictureFrame.vue';
import RichText from '../design/rich/RichText.vue';
import PrintedOptions from './print/PrintedOptions.vue';

/** A set on paper: question sheet, answer sheet, or cards to cut; the browser's own print makes a PDF of it, too. */
const { t } = useI18n();
const route = useRoute();
const set = computed(() => String(route.query.set ?? ''));
const title = ref('');
const questions = ref<Question[] | null>(null);
const problem = ref('');
const as = ref<'questions' | 'answers' | 'cards'>('questions');
const shuffle = ref(false);
const version = ref('A');
onMounted(async () => {
  document.title = `${t('common.appName')} – ${t('print.title')}`;
  try {
    const [info, all] = await Promise.all([server.set(set.value), server.questionsOfSet(set.value)]);
    title.value = info.set.title;
    questions.value = all.questions.map((one) => one.question);
  } catch (error) {
    problem.value = (error as Error).message;
  }
});
const items = computed(() =>
  printed(questions.value ?? [], shuffle.value, shuffle.value ? version.value : ''),
);
const credits = computed(() => creditsOf(questions.value ?? [], () => as.value === 'answers'));
/** The key with its letters, as an answer sheet tells it. */
function keyOf({ control, key }: PrintedQuestion): string {
  if (control.type === 'one' || control.type === 'many')
    return key.slots.map((slot, i) => `${letterOf(slot)} ${key.texts[i] ?? ''}`.trim()).join(', ');
  if (control.type === 'match')
    return `${key.slots.map((slot, i) => `${i + 1} ${letterOf(slot)}`).join(', ')} (${key.texts[0] ?? ''})`;
  return key.texts.join(' / ');
}
const print = () => window.print();
</script>

<template>
  <div class="page">
    <div class="tools">
      <v-btn
        variant="text"
        size="small"
        :prepend-icon="mdiArrowLeft"
        :to="{ path: '/studio/questions', query: { set } }"
        >{{ t('review.back') }}</v-btn
      >
      <ChoiceBar
        v-model="as"
        :label="t('print.what')"
        :items="
          (['questions', 'answers', 'cards'] as const).map((value) => ({
            value,
            title: t(`print.as.${value}`),
          }))
        "
      />
      <v-switch v-model="shuffle" :label="t('print.shuffle')" hide-details />
      <v-select
        v-if="shuffle"
        v-model="version"
        class="version"
        density="compact"
        hide-details
        :label="t('print.version')"
        :items="['A', 'B', 'C', 'D']"
      />
      <span class="grow" />
      <v-btn color="primary" :prepend-icon="mdiPrinterOutline" :disabled="!items.length" @click="print">{{
        t('print.print')
      }}</v-btn>
      <p class="hint muted">{{ t('print.hint') }}</p>
    </div>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-else-if="questions === null" role="status">{{ t('common.loading') }}</p>
    <main v-else class="paper" :class="as">
      <header v-if="as !== 'cards'">
        <h1>
          {{ title }}<template v-if="shuffle"> – {{ version }}</template>
        </h1>
        <p v-if="as === 'questions'" class="who">
          {{ t('print.name') }} <i /> {{ t('print.date') }} <i class="short" />
        </p>
        <p v-else>{{ t('print.as.answers') }}</p>
      </header>
      <p v-if="items.length === 0">{{ t('review.empty') }}</p>
      <section v-for="item in items" :key="item.question.id" class="item">
        <template v-if="as === 'answers'">
          <p v-if="item.number">
            <b>{{ item.number }}</b> <RichText inline :text="keyOf(item) || t('print.noKey')" />
          </p>
          <RichText
            v-if="item.number && item.question.explanation"
            class="small"
            :text="item.question.explanation"
          />
        </template>
        <template v-else>
          <div class="ask">
            <b v-if="item.number">{{ item.number }}</b>
            <div class="grow">
              <RichText :text="item.question.prompt" />
              <PrintedOptions :item="item" />
            </div>
            <div v-if="item.question.picture" class="seen">
              <PictureFrame :picture="item.question.picture" size="large" />
            </div>
          </div>
          <p v-if="as === 'cards' && item.number" class="turned">
            <RichText inline :text="keyOf(item) || t('print.noKey')" />
          </p>
        </template>
      </section>
      <footer v-if="as !== 'cards' && credits.length" class="small">
        <b>{{ t('common.credits') }}</b>
        <CreditList :credits="credits" />
      </footer>
    </main>
  </div>
</template>

<style scoped>
.page {
  min-height: 100vh;
  background: #dfe4e0;
}
.tools {
  position: sticky;
  top: 0;
  z-index: 1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  padding: 10px 16px;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}
.version {
  max-width: 110px;
}
.hint {
  flex-basis: 100%;
  margin: 0;
  font-size: 14px;
}
.paper {
  max-width: 210mm;
  margin: 20px auto;
  padding: 14mm;
  background: #fff;
  color: #000;
  font-size: 15px;
}
h1 {
  font-size: 24px;
}
.who {
  display: flex;
  align-items: flex-end;
  gap: 8px;
  margin: 12px 0 18px;
}
.who i {
  flex: 3;
  border-bottom: 1px solid #000;
}
.who .short {
  flex: 1;
}
.item {
  break-inside: avoid;
  padding: 8px 0;
}
.answers .item {
  padding: 3px 0;
}
.answers .item p {
  margin: 0;
}
.ask {
  display: flex;
  gap: 10px;
  align-items: flex-start;
}
.seen {
  flex: none;
  width: 46mm;
  height: 34mm;
}
.seen :deep(img) {
  width: 100%;
  height: 100%;
}
.small {
  font-size: 12px;
  color: #333;
}
.cards {
  display: grid;
  grid-template-columns: 1fr 1fr;
  padding: 8mm;
}
.cards .item {
  min-height: 66mm;
  display: flex;
  flex-direction: column;
  padding: 5mm;
  border: 1px dashed #888;
  font-size: 14px;
}
.cards .seen {
  width: 26mm;
  height: 20mm;
}
.turned {
  margin: auto 0 0;
  padding-top: 6px;
  border-bottom: 1px dotted #888;
  rotate: 180deg;
  font-size: 12px;
}
@media print {
  .page {
    background: none;
  }
  .tools {
    display: none;
  }
  .paper {
    max-width: none;
    margin: 0;
    padding: 0;
  }
}
</style>
<style>
@page {
  size: A4;
  margin: 14mm;
}
</style>
