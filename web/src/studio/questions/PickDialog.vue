<script setup lang="ts">
import type { Question } from '@distaff/core/question';
import { mdiMagnify } from '@mdi/js';
import { watchDebounced } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type QuestionLine } from '../../api/server.ts';
import { emptyQuery, useBank } from './bank.ts';
import FilterMenu from './FilterMenu.vue';
import QuestionList from './QuestionList.vue';
import { vFirstFocus } from '../../design/firstFocus.ts';

/** Looks a question up in the library to take it from there. */
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ pick: [question: Question, version: number] }>();
const { t } = useI18n();
const bank = useBank();
const PAUSE = 150;

watch(open, (now) => {
  if (!now) return;
  Object.assign(bank.query, emptyQuery());
  void bank.loadSets();
  void bank.search();
});
watchDebounced(bank.query, () => open.value && void bank.search(), { deep: true, debounce: PAUSE });
/** Sets to look in: one's own, and those of others that may be copied from. */
const items = computed(() => [
  { value: '', title: t('library.allQuestions') },
  ...bank.sets
    .filter((set) => !set.archived && bank.mayCopy(set.id))
    .map(({ id, title, role, owner }) => ({
      value: id,
      title: title || t('library.untitled'),
      props: { subtitle: role === 'owner' ? undefined : t('share.by', { name: owner }) },
    })),
]);
async function pick(line: QuestionLine): Promise<void> {
  try {
    const stored = await server.question(line.id);
    emit('pick', stored.question, stored.version);
    open.value = false;
  } catch (error) {
    bank.problem = (error as Error).message;
  }
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="t('library.pickTitle')" max-width="720">
    <v-card class="pick">
      <h2>{{ t('library.pickTitle') }}</h2>
      <v-text-field
        v-model="bank.query.q"
        v-first-focus
        class="search"
        type="search"
        :label="t('library.search')"
        :prepend-inner-icon="mdiMagnify"
        maxlength="200"
      />
      <div class="row filters">
        <v-select v-model="bank.query.set" class="grow" :label="t('library.set')" :items="items" />
        <FilterMenu />
      </div>
      <p v-if="bank.problem" role="alert">{{ bank.problem }}</p>
      <p class="muted" role="status">
        <template v-if="bank.instead">{{ t('library.instead', { words: bank.instead }) }}</template>
        {{ t(bank.more ? 'library.countMore' : 'library.count', bank.total, { named: { n: bank.total } }) }}
      </p>
      <QuestionList v-if="bank.total" class="lines" current="" :choosable="false" @open="pick" />
      <v-btn variant="text" class="close" @click="open = false">{{ t('common.cancel') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.pick {
  padding: 20px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.pick > * {
  flex: none;
}
.lines {
  height: 380px;
  border: 1px solid var(--line);
}
.filters {
  flex-wrap: wrap;
}
p {
  margin: 0;
}
.close {
  align-self: flex-end;
}
</style>
