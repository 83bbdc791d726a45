<script setup lang="ts">
import type { PublicQuestion } from '@distaff/core';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import MatchAnswer from './answer/MatchAnswer.vue';
import OrderAnswer from './answer/OrderAnswer.vue';
import PickAnswer from './answer/PickAnswer.vue';
import TypeAnswer from './answer/TypeAnswer.vue';

/** Where a seat of the team on the floor answers. The first answer is final, so it is chosen, then sent. */
const { question, sending } = defineProps<{ question: PublicQuestion; sending: boolean }>();
const emit = defineEmits<{ answer: [answer: object] }>();
const { t } = useI18n();
const wire = ref<object | null>(null);
/** What the button says: each way of answering tells what is still to do. */
const word = ref('');

function send(): void {
  if (!sending && wire.value) emit('answer', wire.value);
}
</script>

<template>
  <form v-if="question.control" class="answer" @submit.prevent="send">
    <PickAnswer
      v-if="question.control.type === 'one' || question.control.type === 'many'"
      v-model:wire="wire"
      v-model:word="word"
      :options="question.options ?? []"
      :out="question.ruledOut"
      :several="question.control.type === 'many'"
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
      :disabled="sending"
    />
    <TypeAnswer
      v-else
      v-model:wire="wire"
      v-model:word="word"
      :number="question.control.type === 'number'"
      :unit="question.control.type === 'number' ? question.control.unit : ''"
      :disabled="sending"
    />
    <v-btn
      type="submit"
      class="send"
      color="primary"
      size="x-large"
      block
      :disabled="sending || wire === null"
    >
      {{ sending ? t('handset.sending') : word }}
    </v-btn>
  </form>
</template>

<style>
.answer {
  display: flex;
  flex-direction: column;
  gap: 12px;
  margin-top: auto;
}
/* Long answers scroll under the button, which stays in reach of the thumb. */
.answer .send {
  position: sticky;
  bottom: 0;
  flex: none;
}
.answer .bars {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.answer .bar {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 56px;
  padding: 8px 14px;
  text-align: left;
  font: inherit;
  font-size: 18px;
  color: var(--light);
  background: var(--panel);
  border: 2px solid #3b4f48;
  border-radius: 8px;
  cursor: pointer;
}
.answer .bar[aria-checked='true'],
.answer .bar[aria-pressed='true'] {
  border-color: var(--accent);
  border-width: 3px;
  padding: 7px 13px;
  background: #2a3c36;
  font-weight: 700;
}
.answer .bar[aria-checked='true'] .eyelet,
.answer .bar[aria-pressed='true'] .eyelet {
  background: var(--accent);
  border-color: var(--accent);
  color: #14211d;
}
.answer .bar.out {
  border-style: dashed;
  color: var(--dim);
  cursor: default;
}
.answer .bar.out .grow {
  text-decoration: line-through;
}
.answer .eyelet {
  flex: none;
  width: 32px;
  height: 32px;
  display: grid;
  place-content: center;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font-weight: 700;
}
.answer .square {
  border-radius: 6px;
}
.answer .again {
  min-height: 44px;
  margin-top: 4px;
  font: inherit;
  color: var(--dim);
  text-decoration: underline;
  cursor: pointer;
}
</style>
