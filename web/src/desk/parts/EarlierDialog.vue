<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import RichText from '../../design/rich/RichText.vue';
import { useDesk } from '../useDesk.ts';
import DeskAnswers from './DeskAnswers.vue';

/** Questions that are over: a ruling on them can still be changed, and every score follows. */
const { t } = useI18n();
const desk = useDesk();
</script>

<template>
  <v-dialog
    :aria-label="t('desk.earlier')"
    :model-value="desk.dialog === 'earlier'"
    max-width="760"
    scrollable
    @update:model-value="desk.dialog = null"
  >
    <v-card class="card">
      <h2>{{ t('desk.earlier') }}</h2>
      <p class="muted">{{ t('desk.earlierText') }}</p>
      <p v-if="desk.view.private.played.length === 0">{{ t('desk.earlierNone') }}</p>
      <div class="scroll">
        <section v-for="one in desk.view.private.played" :key="one.play">
          <RichText class="prompt" :text="one.prompt" />
          <p v-if="one.responses.length === 0" class="muted">{{ t('desk.noAnswers') }}</p>
          <DeskAnswers
            :responses="one.responses"
            :control="null"
            :play="one.play"
            keyed
            :can-rule="() => true"
          />
        </section>
      </div>
      <div class="row end">
        <v-btn color="primary" @click="desk.dialog = null">{{ t('common.close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.scroll {
  max-height: 62vh;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 18px;
}
.prompt {
  font-weight: 700;
}
p {
  margin: 0;
}
.end {
  justify-content: flex-end;
}
</style>
