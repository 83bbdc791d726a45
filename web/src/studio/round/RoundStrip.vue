<script setup lang="ts">
import type { Round } from '@distaff/core/show';
import { mdiDeleteOutline } from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import AddRound from '../order/AddRound.vue';
import { formatIcons } from '../../formats/icons.ts';
import { useRoundName } from '../order/useRoundName.ts';

/** The running order: rounds and interludes, one after the other; the chosen one is written below. */
const { t } = useI18n();
const editor = useEditor();
const root = ref<HTMLElement | null>(null);
const rounds = computed({
  get: () => editor.show!.rounds,
  set: (list: Round[]) => (editor.show!.rounds = list),
});
const nameOf = useRoundName();
async function move(from: number, by: number): Promise<void> {
  const to = from + by;
  if (to < 0 || to >= rounds.value.length) return;
  const list = [...rounds.value];
  list.splice(to, 0, ...list.splice(from, 1));
  rounds.value = list;
  await nextTick();
  root.value?.querySelectorAll<HTMLElement>('.round')[to]?.focus();
}
const remove = (id: string) => editor.remove('studio.removedRound', () => editor.dropRound(id));
</script>

<template>
  <nav ref="root" class="strip" :aria-label="t('studio.runningOrder')">
    <VueDraggable v-model="rounds" tag="ol" class="list" :animation="150">
      <li v-for="(round, i) in rounds" :key="round.id">
        <button
          type="button"
          class="round"
          :class="{ on: i === editor.index, off: round.off }"
          :aria-current="i === editor.index"
          :title="t('studio.moveRound')"
          @click="editor.roundId = round.id"
          @keydown.alt.left.prevent="move(i, -1)"
          @keydown.alt.right.prevent="move(i, 1)"
        >
          <v-icon :icon="formatIcons[round.format]" size="18" />
          <span class="clip">{{ nameOf(round) }}</span>
        </button>
      </li>
    </VueDraggable>
    <AddRound />
    <v-btn
      v-if="rounds.length > 1"
      size="small"
      variant="text"
      :icon="mdiDeleteOutline"
      :aria-label="t('studio.removeRound', { title: nameOf(editor.round) })"
      :title="t('studio.removeRound', { title: nameOf(editor.round) })"
      @click="remove(editor.round.id)"
    />
  </nav>
</template>

<style scoped>
.strip {
  flex: 1 1 320px;
  min-width: 0;
  display: flex;
  align-items: center;
  gap: 8px;
}
.list {
  list-style: none;
  margin: 0;
  padding: 2px;
  display: flex;
  gap: 6px;
  min-width: 0;
  overflow-x: auto;
}
.round {
  display: flex;
  align-items: center;
  gap: 6px;
  max-width: 220px;
  min-height: 34px;
  padding: 4px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--chalk);
  white-space: nowrap;
  cursor: pointer;
}
.off {
  color: var(--stone);
  text-decoration: line-through;
}
.on {
  border: 2px solid var(--moss);
  padding: 3px 11px;
  font-weight: 700;
  background: var(--paper);
}
</style>
