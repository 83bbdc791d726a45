<script setup lang="ts">
import { formatOf, MAX_ITEMS } from '@distaff/core/formats';
import { lacksOf } from '@distaff/core/question';
import { plainText } from '@distaff/core/text';
import { remarksBeside } from '@distaff/core/review';
import { mdiAlertOutline, mdiCommentAlertOutline, mdiDragVertical, mdiMagnify, mdiPlus } from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useAccount } from '../../studio/account.ts';
import { useEditor } from '../../studio/editor.ts';
import { kindIcons } from '../../studio/question/kindIcons.ts';
import RuleEditor from '../../studio/order/RuleEditor.vue';
import NumberField from '../../studio/question/NumberField.vue';
import PickDialog from '../../studio/questions/PickDialog.vue';

/** The questions of a round that come one after the other, and what the round says of all of them. */
const item = defineModel<string | null>('place', { required: true });
const { pointsLabel = '', inOrder = true } = defineProps<{
  /** What the points of a question are called here. */
  pointsLabel?: string;
  /** Whether they are played in one order for all, which may be shuffled. */
  inOrder?: boolean;
}>();
const { t } = useI18n();
const { points } = useFormat();
const account = useAccount();
const editor = useEditor();
const content = computed(() => editor.list!.content);
const picking = ref(false);
const root = ref<HTMLElement | null>(null);
const today = new Date().toISOString().slice(0, 10);

const questionOf = (id: string) => editor.show!.questions[id];
const lacks = (id: string) => {
  const question = questionOf(id);
  return question ? lacksOf(question).length : 0;
};
const remarks = (id: string) => {
  const question = questionOf(id);
  return question ? remarksBeside(question, today).length : 0;
};
async function move(from: number, by: number): Promise<void> {
  const list = content.value.items;
  const to = from + by;
  if (to < 0 || to >= list.length) return;
  list.splice(to, 0, ...list.splice(from, 1));
  await nextTick();
  root.value?.querySelectorAll<HTMLElement>('.open')[to]?.focus();
}
const add = () => (item.value = editor.addItem());
</script>

<template>
  <section ref="root" class="list" :aria-label="t('studio.questions')">
    <div class="row settings">
      <NumberField
        v-if="formatOf(editor.list!.format).pays"
        v-model="content.points"
        :min="-1000000"
        :max="1000000"
        :label="pointsLabel || t('studio.pointsEach')"
      />
      <slot name="settings" />
      <v-switch v-if="inOrder" v-model="content.shuffle" :label="t('studio.shuffleQuestions')" />
    </div>
    <RuleEditor v-if="account.isHost" :key="editor.round.id" />
    <slot name="more" />
    <p v-if="content.items.length === 0" class="muted">{{ t('studio.noItems') }}</p>
    <VueDraggable v-model="content.items" tag="ol" class="items" handle=".handle" :animation="150">
      <li v-for="(one, i) in content.items" :key="one.id" :class="{ on: one.id === item }">
        <span class="handle" aria-hidden="true"><v-icon :icon="mdiDragVertical" size="18" /></span>
        <button
          type="button"
          class="open"
          :aria-current="one.id === item"
          :title="t('form.moveOption')"
          @click="item = one.id"
          @keydown.alt.up.prevent="move(i, -1)"
          @keydown.alt.down.prevent="move(i, 1)"
        >
          <span class="mono muted">{{ i + 1 }}</span>
          <v-icon
            v-if="questionOf(one.id)"
            :icon="kindIcons[questionOf(one.id)!.answer.kind]"
            size="18"
            :aria-label="t(`common.kinds.${questionOf(one.id)!.answer.kind}`)"
          />
          <span class="grow clip">{{
            plainText(questionOf(one.id)?.prompt ?? '') || t('library.noPrompt')
          }}</span>
          <span v-if="one.points !== null" class="mono">{{ points(one.points) }}</span>
          <v-icon
            v-if="lacks(one.id)"
            class="mark"
            :icon="mdiAlertOutline"
            size="18"
            :aria-label="t('library.states.unfinished')"
          />
          <v-icon
            v-else-if="remarks(one.id)"
            class="mark"
            :icon="mdiCommentAlertOutline"
            size="18"
            :aria-label="t('review.remarks', remarks(one.id), { named: { n: remarks(one.id) } })"
          />
        </button>
      </li>
    </VueDraggable>
    <div v-if="content.items.length < MAX_ITEMS" class="row">
      <v-btn color="primary" size="small" :prepend-icon="mdiPlus" @click="add">{{
        t('library.newQuestion')
      }}</v-btn>
      <v-btn
        v-if="account.isHost"
        variant="outlined"
        size="small"
        :prepend-icon="mdiMagnify"
        @click="picking = true"
        >{{ t('library.fromLibrary') }}</v-btn
      >
    </div>
    <PickDialog
      v-model="picking"
      @pick="(from, version) => (item = editor.addItem({ ...from, origin: { id: from.id, version } }))"
    />
  </section>
</template>

<style scoped>
.list {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.list > * {
  flex: none;
}
.settings {
  flex-wrap: wrap;
}
.settings > * {
  flex: 1 1 150px;
}
p {
  margin: 0;
}
.items {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}
.on {
  box-shadow: inset 4px 0 var(--moss);
  background: #eef3ef;
}
.handle {
  padding: 0 4px 0 8px;
  color: var(--stone);
  cursor: grab;
}
.open {
  flex: 1;
  min-width: 0;
  min-height: 44px;
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 4px 10px 4px 4px;
  text-align: left;
  cursor: pointer;
}
.mark {
  color: #8a6400;
}
</style>
