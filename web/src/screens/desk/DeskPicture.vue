<script setup lang="ts">
import type { DeskView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import DeskKey from './DeskKey.vue';

/** The middle of the desk as the host will see it: what is asked, key, notes. */
const { view } = defineProps<{ view: DeskView }>();
const { t, te } = useI18n();
const { points } = useFormat();
</script>

<template>
  <article v-if="view.question && view.private.question" class="desk">
    <p class="row">
      <span class="grow clip muted">{{ view.question.label }}</span>
      <b v-if="view.question.keyed" class="mono">{{ points(view.question.points) }}</b>
    </p>
    <RichText class="prompt" :text="view.private.question.prompt" />
    <QuestionMedia
      v-if="view.private.question.picture || view.private.question.sound || view.private.question.video"
      :media="view.private.question"
      size="small"
    />
    <DeskKey :question="view.private.question" />
  </article>
  <p v-else-if="te(`formats.${view.round?.format}.pickHint`)" class="muted">
    {{ t(`formats.${view.round?.format}.pickHint`) }}
  </p>
</template>

<style scoped>
.desk {
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 16px 20px;
  background: var(--chalk);
  color: var(--ink);
}
p {
  margin: 0;
}
.prompt {
  font-size: 22px;
  font-weight: 700;
  line-height: 1.25;
}
.desk :deep(img) {
  max-height: 160px;
  width: auto;
}
</style>
