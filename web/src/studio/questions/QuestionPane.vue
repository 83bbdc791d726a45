<script setup lang="ts">
import { mdiDeleteOutline, mdiHistory, mdiPlus } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import ConflictList from '../ConflictList.vue';
import QuestionForm from '../question/QuestionForm.vue';
import SaveState from '../SaveState.vue';
import { useBank } from './bank.ts';
import HistoryDialog from './HistoryDialog.vue';
import { useQuestionEditor } from './questionEditor.ts';
import SimilarOffer from './SimilarOffer.vue';

/** The question that is open: written in the form, saved by itself. */
const { justMade } = defineProps<{ justMade: boolean }>();
const emit = defineEmits<{ add: []; remove: []; open: [id: string] }>();
const { t } = useI18n();
const bank = useBank();
const editor = useQuestionEditor();
const history = ref(false);
</script>

<template>
  <section
    class="pane"
    :aria-label="t('library.editor')"
    @keydown.ctrl.shift.enter.prevent="emit('add')"
    @keydown.meta.shift.enter.prevent="emit('add')"
  >
    <div class="row tools">
      <SaveState class="grow" :state="editor.state" :why="editor.invalid" />
      <v-btn size="small" variant="text" :prepend-icon="mdiHistory" @click="history = true">{{
        t('library.history')
      }}</v-btn>
      <v-btn
        size="small"
        variant="text"
        :icon="mdiDeleteOutline"
        :aria-label="t('library.deleteQuestion')"
        :title="t('library.deleteQuestion')"
        @click="emit('remove')"
      />
    </div>
    <ConflictList v-if="editor.conflicts.length" :conflicts="editor.conflicts" @settle="editor.settle" />
    <QuestionForm
      v-model="editor.question!"
      :tags="bank.tags"
      :clock-hint="t('library.clockEmpty')"
      :focus="justMade"
    >
      <template #below-prompt>
        <SimilarOffer
          :prompt="editor.question!.prompt"
          :but="editor.id"
          @take-over="editor.takeOver($event)"
          @open="emit('open', $event)"
        />
      </template>
    </QuestionForm>
    <p class="muted keys">{{ t('form.formKeys') }}</p>
    <v-btn variant="outlined" class="more" :prepend-icon="mdiPlus" @click="emit('add')">{{
      t('library.nextQuestion')
    }}</v-btn>
    <HistoryDialog :id="editor.id" v-model="history" @restore="editor.takeOver($event)" />
    <v-snackbar :model-value="editor.removed !== null" @update:model-value="editor.removed = null">
      {{ editor.removed && t(editor.removed.word) }}
      <template #actions
        ><v-btn variant="text" @click="editor.bringBack()">{{ t('common.undo') }}</v-btn></template
      >
    </v-snackbar>
    <v-snackbar :key="editor.merged" :model-value="editor.merged > 0" :timeout="4000" location="top">{{
      t('studio.mergedIn')
    }}</v-snackbar>
  </section>
</template>

<style scoped>
.pane {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.pane > * {
  flex: none;
}
.keys {
  margin: 0;
  font-size: 14px;
}
.more {
  align-self: flex-start;
}
</style>
