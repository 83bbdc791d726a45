<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import DialogFrame from '../../design/DialogFrame.vue';
import type { Unpacked } from './showWorker.ts';
import { bringShowIn, readShow, saveShowFile } from './showFile.ts';

/** A whole show leaves as one file, or comes in from one; how far it is can be seen, and it can be broken off. */
const open = defineModel<boolean>({ required: true });
const { saves = null } = defineProps<{
  /** The show that is saved; null where one is brought in. */
  saves?: string | null;
}>();
const { t, te } = useI18n();
const router = useRouter();
const title = computed(() => t(saves === null ? 'showFile.bringIn' : 'showFile.save'));
const progress = ref<{ n: number; of: number } | null>(null);
const read = ref<Extract<Unpacked, { show: object }> | null>(null);
const problem = ref('');
let stop = new AbortController();

watch(open, begin, { immediate: true });
function begin(): void {
  stop.abort();
  stop = new AbortController();
  read.value = progress.value = null;
  problem.value = '';
  if (open.value && saves !== null) void work((told, signal) => saveShowFile(saves, told, signal));
}

async function work(
  act: (told: (n: number, of: number) => void, signal: AbortSignal) => Promise<unknown>,
): Promise<void> {
  const { signal } = stop;
  progress.value = { n: 0, of: 0 };
  try {
    await act((n, of) => (progress.value = signal.aborted ? null : { n, of }), signal);
    if (!signal.aborted) open.value = false;
  } catch (error) {
    if (!signal.aborted) problem.value = (error as Error).message;
  } finally {
    if (!signal.aborted) progress.value = null;
  }
}

async function look(chosen: File | File[] | null): Promise<void> {
  const file = Array.isArray(chosen) ? chosen[0] : chosen;
  read.value = null;
  problem.value = '';
  if (!file) return;
  const found = await readShow(file).catch(() => ({ trouble: 'notZip' as const }));
  if ('show' in found) read.value = found;
  else if ('wrong' in found) problem.value = t('showFile.wrong', { why: found.wrong });
  else problem.value = t(te(`showFile.${found.trouble}`) ? `showFile.${found.trouble}` : 'showFile.notZip');
}
const bringIn = () =>
  work(async (told, signal) => {
    const id = await bringShowIn(read.value!, told, signal);
    if (!signal.aborted) await router.push(`/studio/shows/${id}`);
  });
</script>

<template>
  <DialogFrame v-model="open" :title="title">
    <p class="muted">{{ t(saves === null ? 'showFile.bringInHint' : 'showFile.saveHint') }}</p>
    <v-file-input
      v-if="saves === null"
      accept=".zip,application/zip"
      :label="t('showFile.choose')"
      :disabled="progress !== null"
      @update:model-value="look"
    />
    <div v-if="read" class="found" role="status">
      <b>{{ read.show.title || t('studio.untitled') }}</b>
      <span>{{
        t('showFile.holds', {
          rounds: read.show.rounds.length,
          questions: Object.keys(read.show.questions).length,
          files: read.media.size,
        })
      }}</span>
      <span v-if="read.missing.length > 0" class="warn">{{
        t('showFile.missing', { n: read.missing.length }, read.missing.length)
      }}</span>
    </div>
    <template v-if="progress">
      <v-progress-linear
        :model-value="progress.of ? (progress.n / progress.of) * 100 : 0"
        :indeterminate="progress.of === 0"
        :aria-label="title"
      />
      <p v-if="progress.of" role="status">{{ t('showFile.files', { n: progress.n, of: progress.of }) }}</p>
    </template>
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>

    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
      <v-btn v-if="saves === null" color="primary" :disabled="!read || progress !== null" @click="bringIn">{{
        t('showFile.take')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.found {
  display: flex;
  flex-direction: column;
  padding: 10px 14px;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.warn {
  padding-left: 8px;
  border-left: 4px solid var(--weld);
}
</style>
