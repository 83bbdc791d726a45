<script setup lang="ts">
import {
  convert,
  kindNames,
  lacksOf,
  type AnswerContent,
  type KindName,
  type Question,
} from '@distaff/core/question';
import { mend, remarksBeside, type MendName } from '@distaff/core/review';
import { mdiAlertOutline, mdiCheck } from '@mdi/js';
import { nanoid } from 'nanoid';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { vFirstFocus } from '../../design/firstFocus.ts';
import RemarkList from '../review/RemarkList.vue';
import { copy } from '../copy.ts';
import { useLacks } from '../useLacks.ts';
import { answerEditors } from './answers/editors.ts';
import UploadState from '../media/UploadState.vue';
import { kindIcons } from './kindIcons.ts';
import MediaEditor from './MediaEditor.vue';
import QuestionDetails from './QuestionDetails.vue';
import { useMediaDrop } from './useMediaDrop.ts';

/** A question of any kind, wherever it is kept. There is never a silent key: what is missing is said until it is there. */
const question = defineModel<Question>({ required: true });
const { focus = false } = defineProps<{ clockHint?: string; tags?: readonly string[]; focus?: boolean }>();
const { t } = useI18n();
const { lackWords } = useLacks();
const root = ref<HTMLElement | null>(null);
const drop = useMediaDrop(question);
const { over } = drop;
const today = () => new Date().toISOString().slice(0, 10);
const lacks = computed(() => lacksOf(question.value));

/** What is missing is said above already. */
const remarks = computed(() => remarksBeside(question.value, today()));
const mendIt = (name: MendName) => Object.assign(question.value, mend(question.value, name, today()));

/** What was written for a kind is kept for a change of mind. */
const kept = new Map<KindName, AnswerContent>();
function setKind(kind: KindName): void {
  const own = question.value;
  if (own.answer.kind === kind) return;
  const old = copy(own.answer);
  kept.set(old.kind, old);
  own.answer = kept.get(kind) ?? convert(old, kind, () => nanoid(10));
}
/** From the prompt straight to what is typed first of the answer. */
const focusAnswer = () =>
  root.value?.querySelector<HTMLInputElement>('.answers input:not([type=radio], [type=checkbox])')?.focus();
</script>

<template>
  <div
    ref="root"
    class="form"
    :class="{ over }"
    @paste="drop.paste"
    @dragover="drop.dragOver"
    @dragleave="drop.dragLeave"
    @drop="drop.drop"
  >
    <p class="state" :class="{ lacking: lacks.length }" role="status">
      <v-icon :icon="lacks.length ? mdiAlertOutline : mdiCheck" size="18" />
      {{ lacks.length ? t('form.unfinished', { lacks: lackWords(lacks) }) : t('form.finished') }}
    </p>
    <RemarkList v-if="remarks.length" :remarks="remarks" @mend="mendIt" />
    <slot name="above" />
    <v-textarea
      v-model="question.prompt"
      v-first-focus="focus"
      :label="t(question.answer.kind === 'card' ? 'form.cardText' : 'form.prompt')"
      :hint="t('form.promptHint')"
      rows="2"
      auto-grow
      maxlength="1000"
      @keydown.ctrl.enter.exact.prevent="focusAnswer"
      @keydown.meta.enter.exact.prevent="focusAnswer"
    />
    <slot name="below-prompt" />
    <v-select
      :model-value="question.answer.kind"
      :label="t('form.kind')"
      :items="kindNames.map((value) => ({ value, title: t(`common.kinds.${value}`) }))"
      :prepend-inner-icon="kindIcons[question.answer.kind]"
      density="comfortable"
      hide-details
      @update:model-value="setKind"
    />
    <div class="answers">
      <component :is="answerEditors[question.answer.kind]" v-model="question.answer" />
    </div>
    <MediaEditor v-model="question"><UploadState :upload="drop.upload" /></MediaEditor>
    <QuestionDetails v-model="question" :clock-hint="clockHint" :tags="tags"
      ><slot name="beside-clock"
    /></QuestionDetails>
  </div>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.form.over {
  outline: 2px dashed var(--moss);
  outline-offset: 6px;
}
.form > * {
  flex: none;
}
.state {
  margin: 0;
  color: var(--moss);
  font-weight: 700;
}
.state.lacking {
  padding: 6px 10px;
  border: 2px dashed var(--weld);
  border-radius: 6px;
  background: #fbf1d2;
  color: var(--ink);
}
</style>
