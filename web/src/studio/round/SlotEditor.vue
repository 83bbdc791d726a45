<script setup lang="ts">
import { lacksOf, type Question } from '@distaff/core/question';
import { mdiBookPlusOutline, mdiDeleteOutline, mdiMagnify, mdiPencilPlusOutline, mdiPlus } from '@mdi/js';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOwnKey } from '../../design/useOwnKey.ts';
import { useFormat } from '../../design/useFormat.ts';
import { useAccount } from '../account.ts';
import { useEditor } from '../editor.ts';
import type { Slot } from '../../formats/slot.ts';
import MoveCell from '../../formats/board/editor/MoveCell.vue';
import OriginNote from './OriginNote.vue';
import NumberField from '../question/NumberField.vue';
import { useBank } from '../questions/bank.ts';
import PickDialog from '../questions/PickDialog.vue';
import SimilarOffer from '../questions/SimilarOffer.vue';
import QuestionForm from '../question/QuestionForm.vue';

/** The question that stands at one place of a round: a cell of the board, or a line of a list. */
const { place } = defineProps<{
  place: Slot | null;
  hint: string;
  /** The cell of the board that it is, where it is one. */
  cell?: string | null;
}>();
const emit = defineEmits<{ next: []; moved: [place: string] }>();
const { t } = useI18n();
const ownKey = useOwnKey();
const { points } = useFormat();
const account = useAccount();
const editor = useEditor();
const bank = useBank();
const justMade = ref(false);
/** Whoever came by a key goes on by keys: the form has the focus. A click may be the beginning of a drag. */
const byKey = place !== null && document.activeElement?.matches(':focus-visible');
const picking = ref(false);
const kept = ref(false);
onMounted(() => {
  void bank.needSets();
});

const question = computed(() => place?.question ?? null);
const clockHint = computed(() => {
  const { clock } = editor.round.rules;
  return clock === null ? t('form.clockHintNone') : t('form.clockHint', { n: clock });
});

function write(): void {
  justMade.value = true;
  place!.write();
}
/** A copy that knows where it comes from: later changes there leave the show as it is. */
function fromLibrary(from: Question, version: number): void {
  place!.write({ ...from, origin: { id: from.id, version } });
}
function takeOver(from: Question, version: number): void {
  editor.remove('library.replaced', () => fromLibrary(from, version));
}
const openInLibrary = (id: string) => window.open(`/studio/questions?question=${id}`, '_blank');
async function keep(setId: string | null): Promise<void> {
  const own = question.value!;
  const set = setId ?? (await bank.createSet({ title: editor.show!.title || t('library.firstSet') }));
  const id = set && (await bank.add(set, null, own));
  if (!id) return;
  own.origin = { id, version: 1 };
  kept.value = true;
}
/** A format may have words of its own for its places. */
const own = (key: 'value' | 'valueHint') =>
  ownKey(`editors.${editor.round.format}.${key}`, key === 'value' ? 'form.value' : 'form.valueHint');
const remove = () => editor.remove('studio.removedQuestion', place!.remove);
</script>

<template>
  <section
    class="question"
    @keydown.ctrl.shift.enter.prevent="emit('next')"
    @keydown.meta.shift.enter.prevent="emit('next')"
  >
    <div v-if="!place" class="empty">
      <p>{{ hint }}</p>
    </div>
    <template v-else>
      <p class="topic">
        <span class="grow clip">{{ place.title || '…' }}</span>
        <b v-if="place.usual !== null" class="mono">{{ points(place.value ?? place.usual) }}</b>
      </p>
      <div v-if="!question" class="empty">
        <p>{{ t('studio.emptyCell') }}</p>
        <v-btn color="primary" :prepend-icon="mdiPencilPlusOutline" @click="write">{{
          t('studio.writeQuestion')
        }}</v-btn>
        <template v-if="account.isHost">
          <v-btn variant="outlined" :prepend-icon="mdiMagnify" @click="picking = true">{{
            t('library.fromLibrary')
          }}</v-btn>
          <PickDialog v-model="picking" @pick="fromLibrary" />
        </template>
      </div>
      <template v-else>
        <OriginNote :question="question" @take-over="takeOver" />
        <QuestionForm
          :model-value="question"
          :clock-hint="clockHint"
          :tags="editor.tags"
          :focus="justMade || byKey || question.prompt === ''"
        >
          <template #below-prompt>
            <SimilarOffer :prompt="question.prompt" @take-over="takeOver" @open="openInLibrary" />
          </template>
          <template #beside-clock>
            <NumberField
              v-if="place.usual !== null"
              :model-value="place.value"
              empty
              :min="-1000000"
              :max="1000000"
              :label="t(own('value'))"
              :hint="
                t(own('valueHint'), {
                  n: points(place.usual),
                })
              "
              @update:model-value="place.setValue($event)"
            />
          </template>
        </QuestionForm>
        <p class="muted keys">{{ t('form.formKeys') }}</p>
        <MoveCell v-if="editor.board && cell" :place="cell" @moved="emit('moved', $event)" />
        <div v-if="account.isHost && question.origin === null && lacksOf(question).length === 0" class="row">
          <v-menu>
            <template #activator="{ props }">
              <v-btn v-bind="props" variant="outlined" size="small" :prepend-icon="mdiBookPlusOutline">{{
                t('library.keep')
              }}</v-btn>
            </template>
            <v-list max-height="360">
              <v-list-item
                v-for="set in bank.writable"
                :key="set.id"
                :title="set.title"
                @click="keep(set.id)"
              />
              <v-list-item :prepend-icon="mdiPlus" :title="t('library.newSet')" @click="keep(null)" />
            </v-list>
          </v-menu>
        </div>
        <p v-if="kept" role="status" class="kept">{{ t('library.kept') }}</p>
        <v-btn
          class="remove"
          variant="text"
          color="error"
          size="small"
          :prepend-icon="mdiDeleteOutline"
          @click="remove"
          >{{ t('form.removeQuestion') }}</v-btn
        >
      </template>
    </template>
  </section>
</template>

<style scoped>
.question {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.question > * {
  flex: none;
}
p {
  margin: 0;
}
.topic {
  display: flex;
  gap: 12px;
  font-size: 18px;
  color: var(--stone);
}
.topic b {
  color: var(--ink);
}
.empty {
  padding: 40px 12px;
  text-align: center;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 16px;
}
.keys {
  font-size: 14px;
}
.kept {
  color: var(--moss);
}
.remove {
  align-self: flex-start;
}
</style>
