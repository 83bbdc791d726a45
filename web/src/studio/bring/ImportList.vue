<script setup lang="ts">
import { mdiUndoVariant } from '@mdi/js';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type ImportInfo } from '../../api/server.ts';
import { useFormat } from '../../design/useFormat.ts';

/** Everything that was ever brought in from files, the last first; each can still be taken back as a whole. */
const PAGE = 10;
const { t } = useI18n();
const { day } = useFormat();
const imports = ref<ImportInfo[]>([]);
const total = ref(0);
const problem = ref('');
const working = ref('');

async function more(): Promise<void> {
  try {
    const got = await server.imports(imports.value.length, PAGE);
    imports.value.push(...got.imports);
    total.value = got.total;
  } catch (error) {
    problem.value = (error as Error).message;
  }
}
onMounted(more);
async function takeBack(one: ImportInfo): Promise<void> {
  working.value = one.id;
  problem.value = '';
  try {
    await server.takeBackImport(one.id);
    one.takenBack = true;
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    working.value = '';
  }
}
</script>

<template>
  <section v-if="imports.length || problem">
    <h2 class="head">{{ t('bring.before') }}</h2>
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
    <ul class="list">
      <li v-for="one in imports" :key="one.id">
        <div class="grow">
          <span class="title clip">{{ one.source || t('bring.pasted') }}</span>
          <span class="muted">{{
            t('bring.beforeLine', one.questions, {
              named: { n: one.questions, set: one.setTitle, when: day(one.at) },
            })
          }}</span>
        </div>
        <span v-if="one.takenBack" class="muted" role="status">{{ t('bring.wasTakenBack') }}</span>
        <v-btn
          v-else
          variant="outlined"
          :prepend-icon="mdiUndoVariant"
          :loading="working === one.id"
          :aria-label="t('bring.takeBackOne', { source: one.source || t('bring.pasted') })"
          @click="takeBack(one)"
          >{{ t('bring.takeBackShort') }}</v-btn
        >
      </li>
    </ul>
    <v-btn v-if="imports.length < total" variant="text" @click="more">{{ t('bring.beforeMore') }}</v-btn>
  </section>
</template>

<style scoped src="../lists.css" />
