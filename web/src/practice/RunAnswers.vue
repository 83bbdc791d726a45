<script setup lang="ts">
import type { Answered } from '@distaff/core/practice';
import { useI18n } from 'vue-i18n';
import RichText from '../design/rich/RichText.vue';
import { verdictIcon } from '../design/verdict.ts';
import { marks } from '../design/marks.ts';

/** Every question of a run with what was answered, what was right, and why. */
const { answered, back = false } = defineProps<{ answered: readonly Answered[]; back?: boolean }>();
const emit = defineEmits<{ back: [] }>();
const { t } = useI18n();
const verdict = ({ share, given }: Answered) =>
  given.length === 0 ? 'none' : share >= 1 ? 'right' : share > 0 ? 'part' : 'wrong';
</script>

<template>
  <section class="answers" tabindex="0">
    <ol>
      <li v-for="(one, i) in answered" :key="i" :lang="one.language || undefined">
        <p class="head">
          <v-icon :icon="verdictIcon[verdict(one)]" size="20" />
          <span class="dim">{{ one.topic }}</span>
          <b>{{ marks(one.share) }}</b>
        </p>
        <RichText class="prompt" :text="one.prompt" />
        <p>
          <span class="dim">{{ t('practice.given') }}:</span>
          {{ one.given.join(' → ') || t('practice.nothing') }}
        </p>
        <p>
          <span class="dim">{{ t('practice.correctAnswer') }}:</span>{{ ' ' }}
          <RichText inline :text="one.key" />
        </p>
        <RichText v-if="one.explanation" class="dim" :text="one.explanation" />
      </li>
    </ol>
    <v-btn v-if="back" variant="outlined" size="x-large" block @click="emit('back')">{{
      t('practice.back')
    }}</v-btn>
  </section>
</template>

<style scoped>
.answers {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  padding: 16px;
}
ol {
  list-style: none;
  margin: 0 0 16px;
  padding: 0;
}
li {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 14px 0;
  border-bottom: 1px solid var(--edge);
  overflow-wrap: anywhere;
}
p {
  margin: 0;
}
.head {
  display: flex;
  align-items: center;
  gap: 8px;
}
.head b {
  margin-inline-start: auto;
}
.dim {
  color: var(--dim);
}
.prompt {
  font-weight: 700;
}
</style>
