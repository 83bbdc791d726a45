<script setup lang="ts">
import type { Question } from '@distaff/core/question';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type QuestionLine } from '../../api/server.ts';
import { pointerUp } from '../../design/pointerUp.ts';

/** While a prompt is being typed: what was written before and is like it, to be taken over or opened. */
const { prompt, but = '' } = defineProps<{ prompt: string; but?: string }>();
const emit = defineEmits<{ takeOver: [question: Question, version: number]; open: [id: string] }>();
const { t } = useI18n();
/** A pause in typing (ms) and a length from which it is worth asking. */
const PAUSE = 400;
const LEAST = 10;
const found = ref<QuestionLine[]>([]);
let timer: ReturnType<typeof setTimeout> | undefined;
let asked = 0;

watch(
  () => prompt,
  () => {
    clearTimeout(timer);
    const own = ++asked;
    if (prompt.trim().length < LEAST) found.value = [];
    else
      timer = setTimeout(async () => {
        const answer = await server.similar(prompt, but).catch(() => null);
        await pointerUp();
        if (own === asked && answer) found.value = answer.questions;
      }, PAUSE);
  },
);
async function take(id: string): Promise<void> {
  const stored = await server.question(id).catch(() => null);
  if (stored) emit('takeOver', stored.question, stored.version);
  found.value = [];
}
</script>

<template>
  <section v-if="found.length" class="similar" :aria-label="t('library.similar')">
    <p>{{ t('library.similar') }}</p>
    <ul>
      <li v-for="line in found" :key="line.id">
        <span class="grow">
          {{ line.prompt }} <small class="muted">{{ line.setTitle }}</small>
        </span>
        <v-btn size="x-small" variant="outlined" @click="take(line.id)">{{ t('library.takeOver') }}</v-btn>
        <v-btn size="x-small" variant="text" @click="emit('open', line.id)">{{ t('library.open') }}</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.similar {
  padding: 8px 12px;
  border-left: 4px solid var(--woad);
  background: #eaf1f6;
  border-radius: 0 6px 6px 0;
}
p {
  margin: 0 0 4px;
  font-weight: 700;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 4px 0;
}
</style>
