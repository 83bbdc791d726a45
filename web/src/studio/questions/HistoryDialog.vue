<script setup lang="ts">
import type { Question } from '@distaff/core/question';
import { kindOf } from '@distaff/core/question';
import { plainText } from '@distaff/core/text';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type QuestionVersion } from '../../api/server.ts';
import { useFormat } from '../../design/useFormat.ts';

/** Earlier states of a question; any of them can be had again. */
const open = defineModel<boolean>({ required: true });
const { id } = defineProps<{ id: string }>();
const emit = defineEmits<{ restore: [question: Question] }>();
const { t } = useI18n();
const { day } = useFormat();
const versions = ref<QuestionVersion[]>([]);
const problem = ref('');

watch(open, async (now) => {
  if (!now) return;
  versions.value = [];
  try {
    versions.value = (await server.history(id)).versions;
    problem.value = '';
  } catch (error) {
    problem.value = (error as Error).message;
  }
});
const keyOf = (question: Question): string => {
  const kind = kindOf(question.answer.kind);
  return kind.key(question.answer, kind.asWritten(question.answer)).texts.map(plainText).join(', ');
};
</script>

<template>
  <v-dialog v-model="open" :aria-label="t('library.history')" max-width="640">
    <v-card class="history">
      <h2>{{ t('library.history') }}</h2>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <p v-else-if="versions.length === 0" class="muted">{{ t('library.noHistory') }}</p>
      <ul>
        <li v-for="version in versions" :key="version.version">
          <div class="grow">
            <small class="muted">{{ day(version.at) }} · {{ version.by }}</small>
            <p>
              <b>{{ plainText(version.question.prompt) || t('library.noPrompt') }}</b>
            </p>
            <p class="muted">
              {{ t(`common.kinds.${version.question.answer.kind}`)
              }}<template v-if="keyOf(version.question)"> · {{ keyOf(version.question) }}</template>
            </p>
          </div>
          <v-btn
            variant="outlined"
            size="small"
            @click="
              emit('restore', version.question);
              open = false;
            "
            >{{ t('library.restoreThis') }}</v-btn
          >
        </li>
      </ul>
      <v-btn variant="text" class="close" @click="open = false">{{ t('common.close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.history {
  padding: 20px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
p {
  margin: 0;
}
.close {
  align-self: flex-end;
}
</style>
