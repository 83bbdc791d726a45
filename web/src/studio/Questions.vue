<script setup lang="ts">
import { showAround } from '@distaff/core/preview';
import { mdiArrowLeft, mdiClipboardCheckOutline, mdiMagnify, mdiPlus, mdiTrayArrowDown } from '@mdi/js';
import { useEventListener, watchDebounced } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';
import { useAccount } from './account.ts';
import PreviewPane from './preview/PreviewPane.vue';
import { emptyQuery, useBank } from './questions/bank.ts';
import BulkBar from './questions/BulkBar.vue';
import FilterMenu from './questions/FilterMenu.vue';
import { useQuestionEditor } from './questions/questionEditor.ts';
import QuestionList from './questions/QuestionList.vue';
import QuestionPane from './questions/QuestionPane.vue';
import ReadyMade from './questions/ReadyMade.vue';
import SetPicker from './questions/SetPicker.vue';
import QuestionRead from './share/QuestionRead.vue';
import StudioBar from './StudioBar.vue';

/** The library of questions: found at the left, written in the middle, seen at the right. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const bank = useBank();
const editor = useQuestionEditor();
const account = useAccount();
const middle = ref<HTMLElement | null>(null);
const justMade = ref(false);
const adding = ref(false);
/** The set that is looked at may be one that another host lets us read only. */
const mayWrite = computed(() => bank.mayEdit(bank.query.set));
const gone = ref<string | null>(null);
/** A pause in typing after which the search asks (ms). */
const PAUSE = 150;

/** On a phone the list and what is open stand one after the other. */
const close = () => router.replace({ query: { ...route.query, question: undefined } });
const open = async (id: string) => {
  justMade.value = false;
  await router.replace({ query: { ...route.query, question: id } });
  // Where the editor stands below the list it comes into sight; beside it nothing moves.
  middle.value?.scrollIntoView({ block: 'nearest' });
};
watch(
  () => route.query.question,
  (id) => (typeof id === 'string' && id ? void editor.load(id) : editor.close()),
);
watch(
  () => bank.query.set,
  // Where the address says it already – after a reload – the open question stays in it.
  (set) => set !== (route.query.set ?? '') && void router.replace({ query: set ? { set } : {} }),
);
watchDebounced(
  bank.query,
  () => {
    bank.chosen = new Set();
    void bank.search();
  },
  { deep: true, debounce: PAUSE },
);

onMounted(async () => {
  document.title = `${t('common.appName')} – ${t('library.title')}`;
  Object.assign(bank.query, emptyQuery(), {
    // A guest has one set and no library around it.
    set: account.account?.guestOf?.id ?? (typeof route.query.set === 'string' ? route.query.set : ''),
  });
  const { question } = route.query;
  if (typeof question === 'string' && question) void editor.load(question);
  await Promise.all([bank.loadSets(), bank.search()]);
});
useEventListener(window, 'pagehide', editor.flush);
useEventListener(window, 'focus', editor.refresh);
onBeforeUnmount(() => editor.close());
onBeforeRouteLeave(() => editor.save());

/** A new question in the set that is looked at, else in that of the open question, else in a first set. */
async function add(): Promise<void> {
  if (adding.value) return;
  adding.value = true;
  await editor.save();
  const set =
    [bank.query.set, editor.setId].find((id) => id && bank.mayEdit(id)) ||
    bank.writable[0]?.id ||
    (await bank.createSet({ title: t('library.firstSet') }));
  const id = set && (await bank.add(set, editor.question));
  adding.value = false;
  if (!id) return;
  await open(id);
  justMade.value = true;
}
async function remove(): Promise<void> {
  const { id } = editor;
  await editor.save();
  await bank.remove(id);
  gone.value = id;
  await router.replace({ query: bank.query.set ? { set: bank.query.set } : {} });
}
async function undo(): Promise<void> {
  const id = gone.value!;
  gone.value = null;
  await bank.restore([id]);
  await open(id);
}
async function takeReadyMade(id: string): Promise<void> {
  await bank.loadSets();
  bank.query.set = id;
}
const preview = computed(() =>
  editor.question
    ? showAround(editor.question, bank.sets.find((set) => set.id === editor.setId)?.title ?? '')
    : null,
);
</script>

<template>
  <div class="page">
    <StudioBar />
    <p v-if="bank.problem" class="complaint" role="alert">{{ bank.problem }}</p>
    <main class="three" :class="{ writing: editor.question }">
      <section class="found" :aria-label="t('library.title')">
        <div class="head">
          <h1 class="hide">{{ t('library.title') }}</h1>
          <SetPicker />
          <v-text-field
            v-model="bank.query.q"
            type="search"
            :label="t('library.search')"
            :prepend-inner-icon="mdiMagnify"
            maxlength="200"
            clearable
            @click:clear="bank.query.q = ''"
          />
          <div class="row filters">
            <FilterMenu />
            <v-btn
              size="small"
              variant="outlined"
              :prepend-icon="mdiTrayArrowDown"
              :to="{
                path: '/studio/questions/bring-in',
                query: bank.query.set ? { set: bank.query.set } : {},
              }"
              >{{ t('library.bringIn') }}</v-btn
            >
            <v-btn
              v-if="bank.query.set"
              size="small"
              variant="outlined"
              :prepend-icon="mdiClipboardCheckOutline"
              :to="{ path: '/studio/questions/check', query: { set: bank.query.set } }"
              >{{ t('review.open') }}</v-btn
            >
            <v-btn
              v-if="mayWrite"
              class="new"
              color="primary"
              size="small"
              :prepend-icon="mdiPlus"
              :loading="adding"
              @click="add"
              >{{ t('library.newQuestion') }}</v-btn
            >
          </div>
          <p class="muted count" role="status">
            <template v-if="bank.instead">{{ t('library.instead', { words: bank.instead }) }}</template>
            {{
              bank.loaded
                ? t(bank.more ? 'library.countMore' : 'library.count', bank.total, {
                    named: { n: bank.total },
                  })
                : t('common.loading')
            }}
          </p>
        </div>
        <BulkBar @changed="editor.refresh()" />
        <QuestionList v-if="bank.total" :current="editor.id" :choosable="mayWrite" @open="open($event.id)" />
        <div v-else-if="bank.loaded" class="empty">
          <h2>{{ t('library.nothing') }}</h2>
          <p v-if="mayWrite">{{ t('library.nothingText') }}</p>
          <ReadyMade v-if="bank.sets.length === 0 && account.isHost" class="ready" @copied="takeReadyMade" />
        </div>
      </section>
      <div ref="middle" class="middle">
        <v-btn class="back" size="small" variant="text" :prepend-icon="mdiArrowLeft" @click="close">{{
          t('library.backToList')
        }}</v-btn>
        <div v-if="editor.problem" class="empty" role="alert">{{ editor.problem }}</div>
        <template v-else-if="editor.question && !bank.mayEdit(editor.setId)">
          <p class="muted reading" role="note">
            {{ t('share.by', { name: bank.setOf(editor.setId)?.owner }) }}.
            {{ t(bank.mayCopy(editor.setId) ? 'share.mayReadCopy' : 'share.mayRead') }}
          </p>
          <QuestionRead :question="editor.question" />
        </template>
        <QuestionPane
          v-else-if="editor.question"
          :key="editor.id"
          :just-made="justMade"
          @add="add"
          @remove="remove"
          @open="open"
        />
        <div v-else class="empty">
          <h2>{{ t('library.pick') }}</h2>
          <p>{{ t('library.pickText') }}</p>
        </div>
      </div>
      <PreviewPane
        v-if="preview"
        class="right"
        :show="preview.show"
        :touched="editor.touched"
        :cell="preview.ref"
        :question="editor.question"
      />
    </main>
    <v-snackbar :model-value="gone !== null" @update:model-value="gone = null">
      {{ t('studio.removedQuestion') }}
      <template #actions
        ><v-btn variant="text" @click="undo">{{ t('common.undo') }}</v-btn></template
      >
    </v-snackbar>
  </div>
</template>

<style scoped>
.page {
  height: 100dvh;
  display: flex;
  flex-direction: column;
}
.three {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(320px, 400px) minmax(340px, 1fr) minmax(260px, 0.72fr);
}
.found {
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.head {
  padding: 14px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.filters {
  flex-wrap: wrap;
  gap: 6px;
}
.ready {
  text-align: left;
}
.new {
  flex: 1 0 auto;
}
.count {
  margin: 0;
}
.middle {
  overflow: auto;
  padding: 14px 16px;
  border-inline: 1px solid var(--line);
  background: var(--paper);
}
.reading {
  margin: 0 0 14px;
  padding: 8px 12px;
  border-left: 4px solid var(--woad);
  background: var(--chalk);
}
.back {
  display: none;
}
.right {
  overflow: auto;
  padding: 14px;
}
.empty {
  padding: 40px 16px;
  text-align: center;
}
@media (max-width: 1000px) {
  .page {
    height: auto;
    min-height: 100dvh;
  }
  .three {
    grid-template-columns: minmax(0, 1fr);
  }
  .found {
    height: calc(100dvh - 64px);
  }
  .writing .found,
  .three:not(.writing) .middle {
    display: none;
  }
  .back {
    display: inline-flex;
    margin-bottom: 8px;
  }
  .middle {
    min-height: 90dvh;
    border: none;
    border-block: 1px solid var(--line);
  }
}
</style>
