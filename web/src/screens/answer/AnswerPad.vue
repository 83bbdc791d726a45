<script setup lang="ts">
import type { AnswerView } from '@distaff/core/question';
import type { PublicQuestion } from '@distaff/core/sitting';
import { mdiArrowDown } from '@mdi/js';
import { useElementVisibility } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lettered } from '../../design/letters.ts';
import PickAnswer from './PickAnswer.vue';
import TypeAnswer from './TypeAnswer.vue';

/**
 * Where a question is answered: on a handset, on the stage where it is touched, or at the desk. The
 * first answer may be final, so it is chosen, then sent. Sizes follow the type size around it.
 */
const {
  question,
  sending,
  given = null,
  atOnce = false,
  outWord = '',
} = defineProps<{
  question: PublicQuestion & Lettered;
  sending: boolean;
  /** What was sent before, while it may still be changed. */
  given?: AnswerView | null;
  /** Touching an option answers: there is nothing to send beside. */
  atOnce?: boolean;
  /** What is said of an option that cannot be chosen any more. */
  outWord?: string;
}>();
const emit = defineEmits<{ answer: [answer: object] }>();
/** Dragging is heavy for a small phone: it comes where it is used. */
const MatchAnswer = defineAsyncComponent(() => import('./MatchAnswer.vue'));
const ScaleAnswer = defineAsyncComponent(() => import('./ScaleAnswer.vue'));
const WordsAnswer = defineAsyncComponent(() => import('./WordsAnswer.vue'));
const OrderAnswer = defineAsyncComponent(() => import('./OrderAnswer.vue'));
const { t } = useI18n();
const wire = ref<object | null>(null);
/** What there is still to do, as each way of answering tells it, and what the button says once it is done. */
const word = ref('');
/** A long question has the answers out of sight: whoever does not know of them waits while the clock runs. */
const parts = ref<HTMLElement | null>(null);
const seen = useElementVisibility(parts, { initialValue: true });
const isBelow = computed(() => !seen.value && wire.value === null);
const goThere = () => parts.value?.scrollIntoView({ block: 'start' });

/** In a preview the question changes under the hand: what was laid out for another number of things begins anew. */
const shape = computed(() => {
  const { control, options } = question;
  const left = control?.type === 'match' ? control.left.length : 0;
  return `${control?.type} ${options?.length ?? 0} ${left}`;
});
/** Where a touch is the answer there is nothing to send beside. */
const touched = computed(() => atOnce && question.control?.type === 'one');
watch(wire, () => touched.value && send());

function send(): void {
  if (!sending && wire.value) emit('answer', wire.value);
}
</script>

<template>
  <form v-if="question.control" class="answer-pad" @submit.prevent="send">
    <div ref="parts" :key="shape" class="parts">
      <PickAnswer
        v-if="question.control.type === 'one' || question.control.type === 'many'"
        v-model:wire="wire"
        v-model:word="word"
        :options="question.options ?? []"
        :out="question.ruledOut"
        :out-word="outWord"
        :several="question.control.type === 'many'"
        :letters="question.letters"
        :given="given?.slots ?? []"
        :disabled="sending"
      />
      <OrderAnswer
        v-else-if="question.control.type === 'order'"
        v-model:wire="wire"
        v-model:word="word"
        :options="question.options ?? []"
        :disabled="sending"
      />
      <MatchAnswer
        v-else-if="question.control.type === 'match'"
        v-model:wire="wire"
        v-model:word="word"
        :left="question.control.left"
        :options="question.options ?? []"
        :letters="question.letters"
        :disabled="sending"
      />
      <ScaleAnswer
        v-else-if="question.control.type === 'scale'"
        v-model:wire="wire"
        v-model:word="word"
        v-bind="question.control"
        :given="given?.slots[0] ?? null"
        :disabled="sending"
      />
      <WordsAnswer
        v-else-if="question.control.type === 'words'"
        v-model:wire="wire"
        v-model:word="word"
        :most="question.control.most"
        :given="given?.text ?? ''"
        :disabled="sending"
      />
      <TypeAnswer
        v-else
        v-model:wire="wire"
        v-model:word="word"
        :number="question.control.type === 'number'"
        :unit="question.control.type === 'number' ? question.control.unit : ''"
        :given="given?.text ?? ''"
        :disabled="sending"
      />
    </div>
    <div v-if="!touched" class="sending">
      <button v-if="isBelow" type="button" class="below" @click="goThere">
        <v-icon :icon="mdiArrowDown" size="1em" /> {{ t('handset.below') }}
      </button>
      <p v-else-if="wire === null && word !== t('handset.send')" class="to-do">{{ word }}</p>
      <v-btn
        type="submit"
        class="send"
        color="primary"
        size="x-large"
        block
        :disabled="wire === null"
        :aria-disabled="sending"
      >
        {{ sending ? t('handset.sending') : wire === null ? t('handset.send') : word }}
      </v-btn>
    </div>
  </form>
</template>

<style>
.answer-pad {
  --chosen: color-mix(in srgb, var(--panel), var(--light) 8%);
  display: flex;
  flex-direction: column;
  gap: 0.7em;
  margin-top: auto;
}
/* Long answers scroll under the bar, which stays in reach of the thumb. */
.answer-pad .sending {
  position: sticky;
  bottom: 0;
  z-index: 1;
  flex: none;
  padding: 8px 0;
  background: var(--ground);
}
.answer-pad .to-do,
.answer-pad .below {
  min-height: 1.6em;
  margin: 0 0 6px;
  color: var(--dim);
}
.answer-pad .below {
  display: block;
  font: inherit;
  font-weight: 700;
  color: var(--accent);
  cursor: pointer;
}
.answer-pad .bars {
  display: flex;
  flex-direction: column;
  gap: 0.45em;
}
.answer-pad .pool {
  display: grid;
}
.answer-pad .bar {
  display: flex;
  align-items: center;
  gap: 0.65em;
  min-height: 3.1em;
  padding: 0.4em 0.75em;
  text-align: left;
  font: inherit;
  color: var(--light);
  background: var(--panel);
  border: 2px solid var(--edge);
  border-radius: 8px;
  cursor: pointer;
}
.answer-pad .bar[aria-checked='true'],
.answer-pad .bar[aria-pressed='true'] {
  border-color: var(--accent);
  box-shadow: inset 0 0 0 1px var(--accent);
  background: var(--chosen);
  font-weight: 700;
}
@media (forced-colors: active) {
  .answer-pad .bar[aria-checked='true'],
  .answer-pad .bar[aria-pressed='true'] {
    outline: 3px solid Highlight;
  }
}
.answer-pad .bar[aria-checked='true'] .eyelet,
.answer-pad .bar[aria-pressed='true'] .eyelet {
  background: var(--accent);
  border-color: var(--accent);
  color: var(--on-accent);
}
.answer-pad .bar.out {
  border-style: dashed;
  color: var(--dim);
  cursor: default;
}
.answer-pad .bar.out .grow {
  text-decoration: line-through;
}
.answer-pad .eyelet {
  flex: none;
  width: 1.8em;
  height: 1.8em;
  display: grid;
  place-content: center;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font-weight: 700;
}
.answer-pad .square {
  border-radius: 0.35em;
}
/* The finger that holds it must not scroll the page. */
.answer-pad .grip {
  flex: none;
  display: grid;
  place-content: center;
  width: 2.4em;
  height: 2.4em;
  margin-right: -0.4em;
  color: var(--dim);
  touch-action: none;
  cursor: grab;
}
.answer-pad .sortable-ghost {
  opacity: 0.45;
}
.answer-pad .again {
  min-height: 44px;
  margin-top: 4px;
  font: inherit;
  color: var(--dim);
  text-decoration: underline;
  cursor: pointer;
}
</style>
