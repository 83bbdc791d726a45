<script setup lang="ts">
import { layOut } from '@distaff/core';
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { onBeforeRouteLeave, useRoute } from 'vue-router';
import { useEditor } from './editor.ts';
import BoardEditor from './parts/BoardEditor.vue';
import CellEditor from './parts/CellEditor.vue';
import ConflictList from './parts/ConflictList.vue';
import EditorBar from './parts/EditorBar.vue';
import PreviewPane from './parts/PreviewPane.vue';
import RulesEditor from './parts/RulesEditor.vue';
import TeamsEditor from './parts/TeamsEditor.vue';

/** Writing a show: the board at the left, the question in the middle, how it will look at the right. */
const { t } = useI18n();
const route = useRoute();
const editor = useEditor();
const tab = ref<'board' | 'teams' | 'rules'>('board');
const cell = ref<string | null>(null);

onMounted(() => {
  void editor.load(String(route.params.show));
  window.addEventListener('pagehide', editor.flush);
  window.addEventListener('focus', editor.refresh);
});
onBeforeUnmount(() => {
  window.removeEventListener('pagehide', editor.flush);
  window.removeEventListener('focus', editor.refresh);
  editor.stop();
});
onBeforeRouteLeave(async () => {
  await editor.save();
});
watch(
  () => editor.show?.title,
  (title) => (document.title = `${t('common.appName')} – ${title || t('studio.untitled')}`),
);
/** The next cell to be written, row by row, with a new question where it has none. */
function nextCell(): void {
  const refs = layOut(editor.round.content)
    .flat()
    .map(({ id }) => id);
  const next = refs[(refs.indexOf(cell.value ?? '') + 1) % refs.length]!;
  if (!editor.questionAt(next)) editor.writeQuestion(next);
  cell.value = next;
}
/** Leads to the place that a finding speaks of. */
function goTo(ref: string | null): void {
  tab.value = ref === null ? 'teams' : 'board';
  cell.value = ref?.includes(':') ? ref : null;
}
</script>

<template>
  <div v-if="editor.problem" class="centre">
    <h1>{{ t('studio.loadFailed') }}</h1>
    <p>{{ editor.problem }}</p>
    <v-btn color="primary" to="/studio">{{ t('studio.toLibrary') }}</v-btn>
  </div>
  <div v-else-if="!editor.show" class="centre" role="status">{{ t('common.loading') }}</div>
  <div v-else class="page">
    <EditorBar v-model:tab="tab" @go="goTo" />
    <ConflictList v-if="editor.conflicts.length" :conflicts="editor.conflicts" @settle="editor.settle" />
    <main v-if="tab === 'board'" class="three">
      <BoardEditor v-model:cell="cell" class="pane" />
      <CellEditor :key="cell ?? ''" class="pane middle" :cell="cell" @next="nextCell" />
      <PreviewPane class="pane" :show="editor.show" :cell="cell" :question="editor.questionAt(cell)" />
    </main>
    <main v-else class="one">
      <TeamsEditor v-if="tab === 'teams'" />
      <RulesEditor v-else />
    </main>
    <v-snackbar :model-value="editor.removed !== null" @update:model-value="editor.removed = null">
      {{ editor.removed && t(editor.removed.word) }}
      <template #actions
        ><v-btn variant="text" @click="editor.bringBack()">{{ t('common.undo') }}</v-btn></template
      >
    </v-snackbar>
    <v-snackbar :key="editor.merged" :model-value="editor.merged > 0" :timeout="4000" location="top">{{
      t('studio.mergedIn')
    }}</v-snackbar>
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
  grid-template-columns: minmax(0, 1.15fr) minmax(320px, 1fr) minmax(260px, 0.85fr);
}
.pane {
  overflow: auto;
  padding: 16px;
}
.middle {
  border-inline: 1px solid var(--line);
  background: var(--paper);
}
.one {
  flex: 1;
  overflow-y: auto;
  width: 100%;
  max-width: 860px;
  margin: 0 auto;
  padding: 28px 20px;
}
.centre {
  min-height: 100dvh;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 16px;
}
@media (max-width: 1000px) {
  .page {
    height: auto;
    min-height: 100dvh;
  }
  .three {
    grid-template-columns: minmax(0, 1fr);
  }
  .middle {
    border: none;
    border-block: 1px solid var(--line);
  }
}
</style>
