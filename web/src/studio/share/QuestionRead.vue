<script setup lang="ts">
import { questionForHost, type Question } from '@distaff/core/question';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import RichText from '../../design/rich/RichText.vue';
import DeskKey from '../../screens/desk/DeskKey.vue';
import { kindIcons } from '../question/kindIcons.ts';

/** A whole question to be read: what is asked, options with the key, what is noted beside it. */
const { question } = defineProps<{ question: Question }>();
const { t } = useI18n();
const own = computed(() => questionForHost(question));
const beside = computed(() =>
  [
    t(`common.kinds.${question.answer.kind}`),
    question.difficulty && t(`form.difficulties.${question.difficulty}`),
    ...question.tags,
    question.trueAsOf && t('share.trueAsOf', { day: question.trueAsOf }),
    question.checkAgainBy && t('share.checkAgainBy', { day: question.checkAgainBy }),
  ].filter(Boolean),
);
</script>

<template>
  <article class="read">
    <p class="muted beside">
      <v-icon :icon="kindIcons[question.answer.kind]" size="18" /> {{ beside.join(' · ') }}
    </p>
    <RichText class="prompt" :text="question.prompt || t('library.noPrompt')" />
    <QuestionMedia v-if="own.picture || own.sound || own.video" class="media" :media="own" size="small" />
    <DeskKey :question="own" />
    <p v-if="question.credit" class="muted beside">{{ t('share.credit', { text: question.credit }) }}</p>
  </article>
</template>

<style scoped>
.read {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.beside {
  margin: 0;
  font-size: 14px;
}
.prompt {
  font-size: 20px;
  font-weight: 700;
}
.media {
  align-self: flex-start;
}
.media :deep(.picture) {
  width: auto;
  height: auto;
  max-height: 240px;
}
</style>
