<script setup lang="ts">
import { formatOf } from '@distaff/core/formats';
import { hasRight } from '@distaff/core/library';
import type { ShowFinding } from '@distaff/core/show';
import { useEventListener } from '@vueuse/core';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { onBeforeRouteLeave, useRoute } from 'vue-router';
import { useEditor, type EditorTab } from './editor.ts';
import LookEditor from './look/LookEditor.vue';
import OrderEditor from './order/OrderEditor.vue';
import ConflictList from './ConflictList.vue';
import DevicesEditor from './people/DevicesEditor.vue';
import DoorsEditor from './people/DoorsEditor.vue';
import EditorBar from './EditorBar.vue';
import PreviewPane from './preview/PreviewPane.vue';
import RoundStrip from './round/RoundStrip.vue';
import RulesEditor from './round/RulesEditor.vue';
import SlotEditor from './round/SlotEditor.vue';
import { tabFor } from './check/tabFor.ts';
import TeamsEditor from './people/TeamsEditor.vue';
import { useAllPlaces } from './preview/useAllPlaces.ts';
import PreviewAll from './preview/PreviewAll.vue';
import { editors } from '../formats/editors.ts';
import { useSlots } from '../formats/useSlots.ts';
import OwnerNote from './share/OwnerNote.vue';
import ShowReader from './ShowReader.vue';
import { useStages } from './useStages.ts';

/** Writing a show: its rounds along the top, the chosen one at the left, a question in the middle, its looks at the right. */
const { t } = useI18n();
const route = useRoute();
const editor = useEditor();
const tab = ref<EditorTab>('board');
/** First the bar, then what is written, then what it looks like. */
const stage = useStages(() => editor.show !== null, 3);
/** The place of the round that is written, by its id: a cell of the board, or a question of a list. */
const chosen = ref<string | null>(null);
const slots = useSlots();
const slot = computed(() => slots.value?.at(chosen.value) ?? null);
/** The same place as the engine names it. */
const place = computed(() => {
  const { format, content } = editor.round;
  return (
    formatOf(format)
      .places(content)
      .find((one) => one.id === chosen.value)?.ref ?? null
  );
});

// Before the first picture, as the store still holds the show of an earlier visit; and for the next one.
watch(
  () => route.params.show,
  (id) => id && void editor.load(String(id)),
  { immediate: true },
);
useEventListener(window, 'pagehide', editor.flush);
useEventListener(window, 'focus', editor.refresh);
onBeforeUnmount(() => editor.flush());
onBeforeRouteLeave(async () => {
  await editor.save();
});
watch(
  () => editor.show?.title,
  (title) => (document.title = `${t('common.appName')} – ${title || t('studio.untitled')}`),
);
/** The next place to be written, with a new question where it has none. */
const next = () => (chosen.value = slots.value!.next(chosen.value));
const { places } = useAllPlaces();
/** A place of the show to look at where none is chosen: the first with a question. */
const shown = computed(() => places.value.find((one) => one.question !== null) ?? places.value[0] ?? null);
/** Leads to the place that a finding speaks of. */
function goTo({ round, code, ref: found }: ShowFinding): void {
  tab.value = tabFor(code, round);
  if (round === null) return;
  editor.roundId = round;
  chosen.value = found;
}
</script>

<template>
  <div v-if="editor.problem" class="centre">
    <h1>{{ t('studio.loadFailed') }}</h1>
    <p>{{ editor.problem }}</p>
    <v-btn color="primary" to="/studio">{{ t('studio.toLibrary') }}</v-btn>
  </div>
  <div v-else-if="!editor.show || stage < 1" class="centre" role="status">{{ t('common.loading') }}</div>
  <ShowReader v-else-if="!hasRight(editor.access.role, 'edit')" />
  <div v-else class="page">
    <OwnerNote />
    <EditorBar v-model:tab="tab" @go="goTo">
      <RoundStrip v-if="tab === 'board' || tab === 'rules'" />
    </EditorBar>
    <ConflictList v-if="editor.conflicts.length" :conflicts="editor.conflicts" @settle="editor.settle" />
    <main v-if="stage < 2" class="one" />
    <main v-else-if="tab === 'board'" class="three">
      <component :is="editors[editor.round.format]" v-model:place="chosen" class="pane" />
      <SlotEditor
        v-if="slots"
        :key="`${editor.round.id} ${place ?? ''}`"
        :place="slot"
        class="pane middle"
        :hint="t(slots.hint)"
        :cell="chosen"
        @next="next"
        @moved="chosen = $event"
      />
      <div v-else class="pane middle" />
      <PreviewPane
        v-if="stage >= 3"
        class="pane"
        :show="editor.show"
        :touched="editor.touched"
        :round="editor.index"
        :cell="place"
        :question="slot?.question ?? null"
        ><PreviewAll
      /></PreviewPane>
    </main>
    <main v-else-if="tab === 'look'" class="two">
      <LookEditor class="pane" />
      <PreviewPane
        v-if="stage >= 3"
        class="pane"
        :show="editor.show"
        :touched="editor.touched"
        :round="shown?.round ?? 0"
        :cell="shown?.ref ?? null"
        :question="shown?.question ? (editor.show.questions[shown.question] ?? null) : null"
        ><PreviewAll
      /></PreviewPane>
    </main>
    <main v-else class="one" :class="{ broad: tab === 'order' }">
      <OrderEditor v-if="tab === 'order'" @edit="tab = 'board'" />
      <template v-else-if="tab === 'teams'">
        <DevicesEditor />
        <TeamsEditor v-if="editor.show.devices.score === 'teams'" />
        <DoorsEditor v-if="editor.show.devices.mode !== 'none'" class="doors" />
      </template>
      <RulesEditor v-else :key="editor.round.id" />
    </main>
    <v-snackbar
      :key="editor.removed?.n"
      :model-value="editor.removed !== null"
      @update:model-value="editor.removed = null"
    >
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
.two {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(300px, 1fr);
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
main.broad {
  max-width: 1120px;
}
.doors {
  margin-top: 32px;
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
  .three,
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .middle {
    border: none;
    border-block: 1px solid var(--line);
  }
}
</style>
