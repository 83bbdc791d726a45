<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import RichText from '../../design/rich/RichText.vue';
import { useBook } from '../useBook.ts';
import { useDesk } from '../useDesk.ts';
import DeskAnswers from './DeskAnswers.vue';

/** Questions that are over: a ruling on them can still be changed, and every score follows. */
const { t } = useI18n();
const desk = useDesk();
const chosen = ref<number | null>(null);
watch(
  () => desk.dialog,
  (dialog) => dialog === 'earlier' && (chosen.value = null),
);
const book = useBook(() => (desk.dialog === 'earlier' ? { team: null, play: chosen.value } : null));
const questions = computed(() =>
  (book.value?.played ?? []).map(({ play, prompt, answers }) => ({
    value: play,
    title: prompt,
    subtitle: t('desk.answersGiven', answers, { named: { n: answers } }),
  })),
);
</script>

<template>
  <DialogFrame
    :model-value="desk.dialog === 'earlier'"
    :title="t('desk.earlier')"
    :width="760"
    @update:model-value="desk.dialog = null"
  >
    <p class="muted">{{ t('desk.earlierText') }}</p>
    <p v-if="!book" class="muted">{{ t('common.loading') }}</p>
    <p v-else-if="!book.open">{{ t('desk.earlierNone') }}</p>
    <template v-else>
      <v-select
        class="which"
        :label="t('desk.earlierWhich')"
        :items="questions"
        :item-props="({ subtitle }) => ({ subtitle })"
        :model-value="book.open.play"
        hide-details
        @update:model-value="chosen = $event"
      />
      <div class="scroll">
        <RichText class="prompt" :text="book.open.prompt" />
        <p v-if="book.open.responses.length === 0" class="muted">{{ t('desk.noAnswers') }}</p>
        <DeskAnswers
          :responses="book.open.responses"
          :control="null"
          :play="book.open.play"
          keyed
          :can-rule="() => true"
        />
      </div>
    </template>

    <template #actions>
      <v-btn color="primary" @click="desk.dialog = null">{{ t('common.close') }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.scroll {
  max-height: 62vh;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 18px;
}
.which {
  flex: none;
}
.prompt {
  font-weight: 700;
}
</style>
