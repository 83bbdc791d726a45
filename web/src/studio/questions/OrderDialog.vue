<script setup lang="ts">
import { mdiDragVertical } from '@mdi/js';
import { nextTick, ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import { server, type QuestionLine } from '../../api/server.ts';
import { useBank } from './bank.ts';

/** The order of the questions in a set: dragged, or moved with Alt and the arrow keys. */
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const bank = useBank();
const lines = ref<QuestionLine[] | null>(null);
const problem = ref('');
const busy = ref(false);
const root = ref<HTMLElement | null>(null);
const PAGE = 200;

watch(open, async (now) => {
  if (!now || !bank.set) return;
  lines.value = null;
  problem.value = '';
  try {
    const found: QuestionLine[] = [];
    for (;;) {
      const page = await server.questions({ set: bank.set.id, sort: 'place' }, found.length, PAGE);
      found.push(...page.questions);
      if (page.questions.length === 0 || found.length >= page.total) break;
    }
    lines.value = found;
  } catch (error) {
    problem.value = (error as Error).message;
  }
});
async function move(from: number, by: number): Promise<void> {
  const list = lines.value!;
  const to = from + by;
  if (to < 0 || to >= list.length) return;
  list.splice(to, 0, ...list.splice(from, 1));
  await nextTick();
  root.value?.querySelectorAll<HTMLElement>('.line')[to]?.focus();
}
async function save(): Promise<void> {
  busy.value = true;
  try {
    await server.orderQuestions(
      bank.set!.id,
      lines.value!.map((line) => line.id),
    );
    bank.query.sort = 'place';
    await bank.search();
    open.value = false;
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <DialogFrame v-model="open" :title="t('library.order')" :width="640">
    <p class="muted">{{ t('library.orderHint') }}</p>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-if="lines === null && !problem" role="status">{{ t('common.loading') }}</p>
    <div v-else-if="lines" ref="root" class="scroll">
      <VueDraggable v-model="lines" handle=".handle" :animation="150">
        <div
          v-for="(line, i) in lines"
          :key="line.id"
          class="line"
          tabindex="0"
          @keydown.alt.up.prevent="move(i, -1)"
          @keydown.alt.down.prevent="move(i, 1)"
        >
          <span class="handle" aria-hidden="true"><v-icon :icon="mdiDragVertical" size="18" /></span>
          <span class="mono muted">{{ i + 1 }}</span>
          <span class="grow clip">{{ line.prompt || t('library.noPrompt') }}</span>
        </div>
      </VueDraggable>
    </div>

    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" :loading="busy" :disabled="!lines" @click="save">{{
        t('library.saveOrder')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.scroll {
  max-height: 56vh;
  overflow: auto;
}
.line {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 40px;
  padding: 0 8px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.handle {
  cursor: grab;
}
</style>
