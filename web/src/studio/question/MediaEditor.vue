<script setup lang="ts">
import { plainText } from '@distaff/core/text';
import type { Picture, Sound, Video } from '@distaff/core/media';
import type { Question } from '@distaff/core/question';
import { mdiAccountVoice } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { spokenText, useReading } from '../../design/media/useReading.ts';
import MediaSlot from '../media/MediaSlot.vue';

/** What is seen and heard with the prompt and with the key, and whether it is offered to be read out. */
const question = defineModel<Question>({ required: true });
const { t, locale } = useI18n();
const reading = useReading(computed(() => question.value.language || locale.value));
const read = () =>
  reading.read(spokenText({ prompt: plainText(question.value.prompt), options: null, control: null }));
</script>

<template>
  <section class="media" :aria-label="t('media.section')">
    <div class="slots">
      <MediaSlot
        :model-value="question.picture"
        kind="picture"
        :label="t('media.picture')"
        @update:model-value="question.picture = $event as Picture | null"
      />
      <MediaSlot
        :model-value="question.sound"
        kind="sound"
        :label="t('media.sound')"
        @update:model-value="question.sound = $event as Sound | null"
      />
      <MediaSlot
        :model-value="question.video"
        kind="video"
        :label="t('media.video')"
        @update:model-value="question.video = $event as Video | null"
      />
      <MediaSlot
        v-if="question.answer.kind !== 'card'"
        :model-value="question.answerPicture"
        kind="picture"
        :label="t('media.answerPicture')"
        @update:model-value="question.answerPicture = $event as Picture | null"
      />
    </div>
    <slot />
    <div class="row">
      <v-checkbox
        v-model="question.readAloud"
        class="grow"
        density="compact"
        :label="t('media.readAloud')"
        :hint="t('media.readAloudHint')"
        :persistent-hint="question.readAloud"
        :hide-details="!question.readAloud"
      />
      <v-btn
        v-if="question.readAloud && reading.supported.value"
        size="small"
        variant="outlined"
        :prepend-icon="mdiAccountVoice"
        @click="reading.reading.value ? reading.stop() : read()"
        >{{ t(reading.reading.value ? 'common.stopReading' : 'media.tryReading') }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
.media {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.slots {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
