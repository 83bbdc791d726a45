<script setup lang="ts">
import { ref } from 'vue';
import type { PublicQuestion } from '@distaff/core';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';

/** Where a seat of the team on the floor answers. The first answer is final, so it is chosen, then sent. */
const { question, sending } = defineProps<{ question: PublicQuestion; sending: boolean }>();
const emit = defineEmits<{ answer: [answer: object] }>();
const { t } = useI18n();
const slot = ref<number | null>(null);
const text = ref('');

function send(): void {
  if (sending) return;
  if (question.kind === 'text') {
    if (text.value.trim() !== '') emit('answer', { text: text.value });
  } else if (slot.value !== null) emit('answer', { slot: slot.value });
}
</script>

<template>
  <form class="answer" @submit.prevent="send">
    <template v-if="question.kind === 'text'">
      <v-text-field
        v-model="text"
        class="field"
        :label="t('handset.typeHere')"
        maxlength="120"
        autocomplete="off"
        autocapitalize="off"
        density="comfortable"
      />
    </template>
    <div v-else role="radiogroup" :aria-label="t('handset.choose')" class="bars">
      <button
        v-for="(option, i) in question.options"
        :key="i"
        type="button"
        role="radio"
        class="bar"
        :aria-checked="slot === i"
        :disabled="question.ruledOut.includes(i) || sending"
        @click="slot = i"
      >
        <span class="eyelet">{{ letterOf(i) }}</span>
        <span class="grow">{{ option }}</span>
        <small v-if="question.ruledOut.includes(i)">{{ t('handset.tried') }}</small>
      </button>
    </div>
    <v-btn
      type="submit"
      color="primary"
      size="x-large"
      block
      :disabled="sending || (question.kind === 'text' ? text.trim() === '' : slot === null)"
    >
      {{
        sending
          ? t('handset.sending')
          : question.kind === 'text'
            ? t('handset.send')
            : slot === null
              ? t('handset.choose')
              : t('handset.sendOption', { letter: letterOf(slot) })
      }}
    </v-btn>
  </form>
</template>

<style scoped>
.answer {
  display: flex;
  flex-direction: column;
  gap: 12px;
  margin-top: auto;
}
.bars {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.bar {
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
.bar[aria-checked='true'] {
  border-color: var(--accent);
  border-width: 3px;
  padding: 7px 13px;
  background: #2a3c36;
  font-weight: 700;
}
.bar[aria-checked='true'] .eyelet {
  background: var(--accent);
  border-color: var(--accent);
  color: #14211d;
}
.bar:disabled {
  border-style: dashed;
  color: var(--dim);
  cursor: default;
}
.bar:disabled .grow {
  text-decoration: line-through;
}
.eyelet {
  flex: none;
  width: 32px;
  height: 32px;
  display: grid;
  place-content: center;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font-weight: 700;
}
.grow {
  overflow-wrap: anywhere;
}
</style>
