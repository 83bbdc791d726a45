<script setup lang="ts">
import type { PublicQuestion, SurveyLive } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** What is said below a question without a key: how many have answered, or why nothing is shown. */
const { question, live } = defineProps<{ question: PublicQuestion; live: SurveyLive | null }>();
const { t } = useI18n();
const told = computed(() => {
  const { poll, step } = question;
  if (!poll || question.prompt === null) return '';
  if (step === 'open') {
    if (!live) return '';
    const { said: n, of } = live;
    return of === null ? t('common.poll.haveSome', n, { named: { n } }) : t('common.poll.have', { n, of });
  }
  if (poll.few) return t('common.poll.few');
  return poll.shown === 'desk' ? t('common.poll.atDesk') : '';
});
</script>

<template>
  <p v-if="told">{{ told }}</p>
</template>
