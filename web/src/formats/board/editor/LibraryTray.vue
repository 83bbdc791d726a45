<script setup lang="ts">
import { mdiMagnify } from '@mdi/js';
import { watchDebounced } from '@vueuse/core';
import { onMounted } from 'vue';
import { useI18n } from 'vue-i18n';
import { emptyQuery, useBank } from '../../../studio/questions/bank.ts';
import QuestionList from '../../../studio/questions/QuestionList.vue';

/** Questions of the library beside the board, to be dragged on a cell; a click puts one on the chosen cell. */
const emit = defineEmits<{ pick: [id: string] }>();
const { t } = useI18n();
const bank = useBank();
/** A pause in typing after which is looked (ms). */
const PAUSE = 150;
onMounted(() => {
  Object.assign(bank.query, emptyQuery());
  void bank.loadSets();
  void bank.search();
});
watchDebounced(bank.query, () => void bank.search(), { deep: true, debounce: PAUSE });
</script>

<template>
  <section class="tray" :aria-label="t('editors.board.tray')">
    <p class="muted">{{ t('editors.board.tray') }}</p>
    <div class="row">
      <v-text-field
        v-model="bank.query.q"
        type="search"
        :label="t('library.search')"
        :prepend-inner-icon="mdiMagnify"
        maxlength="200"
      />
      <v-select
        v-model="bank.query.set"
        :label="t('library.set')"
        :items="[
          { value: '', title: t('library.allQuestions') },
          ...bank.sets.map((one) => ({ value: one.id, title: one.title })),
        ]"
      />
    </div>
    <QuestionList
      v-if="bank.total"
      class="lines"
      current=""
      draggable
      :choosable="false"
      @open="emit('pick', $event.id)"
    />
    <p v-else-if="bank.loaded">{{ t('library.nothing') }}</p>
  </section>
</template>

<style scoped>
.tray {
  margin-top: 16px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
p {
  margin: 0;
}
.lines {
  height: 300px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
</style>
