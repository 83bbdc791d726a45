<script setup lang="ts">
import { mdiAlertOutline, mdiCalendarAlert, mdiCommentAlertOutline } from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { QuestionLine } from '../../api/server.ts';
import { pictureUrl } from '../../design/media/mediaUrl.ts';
import { QUESTION_DRAG } from '../../formats/board/editor/useCellDrop.ts';
import { kindIcons } from '../question/kindIcons.ts';
import { useBank } from './bank.ts';

/** What was found, however much it is: only the lines in sight are drawn and fetched. */
const {
  current,
  choosable = true,
  draggable = false,
} = defineProps<{ current: string; choosable?: boolean; draggable?: boolean }>();
const emit = defineEmits<{ open: [line: QuestionLine] }>();
const { t } = useI18n();
const bank = useBank();
const HEIGHT = 64;
const root = ref<{ $el: HTMLElement; scrollToIndex(index: number): void } | null>(null);

const places = computed(() => Array.from({ length: bank.total }, (_, i) => i));
function lineAt(index: number): QuestionLine | null {
  const line = bank.lines.get(index);
  if (!line) bank.ensure(index);
  return line ?? null;
}
/** Arrow keys lead from line to line. */
async function move(from: number, by: number): Promise<void> {
  const to = Math.min(Math.max(0, from + by), bank.total - 1);
  const find = () => root.value?.$el.querySelector<HTMLElement>(`[data-line="${to}"]`);
  if (!find()) root.value?.scrollToIndex(to);
  await nextTick();
  find()?.focus();
}
</script>

<template>
  <v-virtual-scroll ref="root" :items="places" :item-height="HEIGHT" class="list" role="list">
    <template #default="{ item: i }">
      <div class="line" role="listitem" :class="{ on: lineAt(i)?.id === current }">
        <input
          v-if="choosable && lineAt(i)"
          type="checkbox"
          class="tick"
          :checked="bank.chosen.has(lineAt(i)!.id)"
          :aria-label="t('library.choose', { prompt: lineAt(i)!.prompt })"
          @change="bank.choose(lineAt(i)!.id, ($event.target as HTMLInputElement).checked)"
        />
        <button
          v-if="lineAt(i)"
          type="button"
          class="open"
          :draggable="draggable"
          :data-line="i"
          :aria-current="lineAt(i)!.id === current"
          @dragstart="$event.dataTransfer?.setData(QUESTION_DRAG, lineAt(i)!.id)"
          @click="emit('open', lineAt(i)!)"
          @keydown.down.prevent="move(i, 1)"
          @keydown.up.prevent="move(i, -1)"
        >
          <v-icon
            :icon="kindIcons[lineAt(i)!.kind]"
            size="18"
            :aria-label="t(`common.kinds.${lineAt(i)!.kind}`)"
          />
          <span class="words">
            <span class="prompt clip" :class="{ muted: !lineAt(i)!.prompt }">{{
              lineAt(i)!.prompt || t('library.noPrompt')
            }}</span>
            <small class="clip muted">{{
              [bank.query.set ? '' : lineAt(i)!.setTitle, ...lineAt(i)!.tags].filter(Boolean).join(' · ')
            }}</small>
          </span>
          <img
            v-if="lineAt(i)!.picture"
            class="thumb"
            :src="pictureUrl(lineAt(i)!.picture!, 'small')"
            alt=""
          />
          <v-icon
            v-if="lineAt(i)!.unfinished"
            class="mark"
            :icon="mdiAlertOutline"
            size="18"
            :aria-label="t('library.states.unfinished')"
            :title="t('library.states.unfinished')"
          />
          <v-icon
            v-if="lineAt(i)!.remarks"
            class="mark"
            :icon="mdiCommentAlertOutline"
            size="18"
            :aria-label="t('review.remarks', lineAt(i)!.remarks, { named: { n: lineAt(i)!.remarks } })"
            :title="t('review.remarks', lineAt(i)!.remarks, { named: { n: lineAt(i)!.remarks } })"
          />
          <v-icon
            v-if="lineAt(i)!.stale"
            class="mark"
            :icon="mdiCalendarAlert"
            size="18"
            :aria-label="t('library.states.stale')"
            :title="t('library.states.stale')"
          />
        </button>
        <span v-else class="open muted">…</span>
      </div>
    </template>
  </v-virtual-scroll>
</template>

<style scoped>
.list {
  flex: 1;
  min-height: 0;
}
.line {
  height: 64px;
  display: flex;
  align-items: center;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.on {
  box-shadow: inset 4px 0 var(--moss);
  background: #eef3ef;
}
.thumb {
  flex: none;
  height: 44px;
  max-width: 60px;
  object-fit: contain;
}
.tick {
  flex: none;
  width: 20px;
  height: 20px;
  margin-left: 14px;
  accent-color: var(--moss);
  appearance: auto;
}
.open {
  flex: 1;
  min-width: 0;
  height: 100%;
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 12px;
  text-align: left;
  cursor: pointer;
}
.open:focus-visible {
  outline-offset: -3px;
}
.words {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.prompt {
  font-weight: 700;
}
.mark {
  color: #8a6400;
}
</style>
