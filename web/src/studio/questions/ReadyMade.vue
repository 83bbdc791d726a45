<script setup lang="ts">
import { mdiContentDuplicate } from '@mdi/js';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type ReadyMadeSet } from '../../api/server.ts';

/** Sets that ship with the application; a copy is the host's own. */
const emit = defineEmits<{ copied: [id: string] }>();
const { t } = useI18n();
const sets = ref<ReadyMadeSet[] | null>(null);
const problem = ref('');
const busy = ref('');
onMounted(async () => {
  try {
    ({ sets: sets.value } = await server.readyMade());
  } catch (error) {
    problem.value = (error as Error).message;
  }
});
async function copy(name: string): Promise<void> {
  if (busy.value) return;
  busy.value = name;
  try {
    emit('copied', (await server.copyReadyMade(name)).id);
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = '';
  }
}
</script>

<template>
  <section>
    <h3>{{ t('library.readyMade') }}</h3>
    <p class="muted">{{ t('library.readyMadeText') }}</p>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <ul>
      <li v-for="set in sets ?? []" :key="set.name">
        <span class="grow">
          <b>{{ set.title }}</b>
          <small class="muted">{{
            t('library.count', set.questions, { named: { n: set.questions } })
          }}</small><br />
          <small>{{ set.description }}</small>
        </span>
        <v-btn
          size="small"
          variant="outlined"
          :prepend-icon="mdiContentDuplicate"
          :loading="busy === set.name"
          :aria-label="t('library.copyReadyMade', { title: set.title })"
          @click="copy(set.name)"
          >{{ t('library.copyIt') }}</v-btn
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
b + small {
  margin-left: 8px;
}
h3 {
  font-size: 16px;
}
p {
  margin: 4px 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 240px;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: 6px;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 8px 12px;
}
li + li {
  border-top: 1px solid var(--line);
}
</style>
