<script setup lang="ts">
import type { Round } from '@distaff/core/show';
import { computed, nextTick, onMounted, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import { useBank } from '../questions/bank.ts';
import AddRound from './AddRound.vue';
import LengthCard from './LengthCard.vue';
import OrderLine from './OrderLine.vue';
import SpinnerEditor from './SpinnerEditor.vue';
import SituationMenu from './SituationMenu.vue';

/** The whole show at a glance: every round and interlude, how long it takes, what is still wrong. */
const emit = defineEmits<{ edit: [] }>();
const { t } = useI18n();
const editor = useEditor();
const bank = useBank();
const root = ref<HTMLElement | null>(null);
const unfolded = ref(new Set<string>());
onMounted(() => void bank.loadSets());
const rounds = computed({
  get: () => editor.show!.rounds,
  set: (list: Round[]) => (editor.show!.rounds = list),
});
async function move(from: number, by: number): Promise<void> {
  const to = from + by;
  if (to < 0 || to >= rounds.value.length) return;
  const list = [...rounds.value];
  const [round] = list.splice(from, 1);
  list.splice(to, 0, round!);
  rounds.value = list;
  await nextTick();
  root.value?.querySelector<HTMLElement>(`[data-handle="${round!.id}"]`)?.focus();
}
function fold(id: string, open: boolean): void {
  const next = new Set(unfolded.value);
  if (open) next.add(id);
  else next.delete(id);
  unfolded.value = next;
}
function edit(id: string): void {
  editor.roundId = id;
  emit('edit');
}
</script>

<template>
  <section ref="root" class="order">
    <div class="row">
      <h1 class="grow">{{ t('building.order') }}</h1>
      <SituationMenu />
      <AddRound />
    </div>
    <LengthCard />
    <p class="muted">{{ t('building.intro') }}</p>
    <VueDraggable v-model="rounds" tag="ol" class="lines" handle=".handle" :animation="150">
      <li v-for="(round, i) in rounds" :key="round.id">
        <OrderLine
          :round="round"
          :number="i + 1"
          :open="unfolded.has(round.id)"
          @update:open="fold(round.id, $event)"
          @edit="edit(round.id)"
          @move="move(i, $event)"
        />
      </li>
    </VueDraggable>
    <SpinnerEditor />
  </section>
</template>

<style scoped>
.order {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.row {
  flex-wrap: wrap;
}
h1 {
  flex-basis: 240px;
}
p {
  margin: 0;
}
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
</style>
