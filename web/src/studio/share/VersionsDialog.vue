<script setup lang="ts">
import { mdiHistory } from '@mdi/js';
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import { server, type ShowVersion } from '../../api/server.ts';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';

/** What the show was before; one can be brought back, as a change that can be undone. */
const { t } = useI18n();
const { day } = useFormat();
const editor = useEditor();
const open = ref(false);
const versions = ref<ShowVersion[] | null>(null);
const problem = ref('');
const bringing = ref(false);

watch(open, async (now) => {
  if (!now) return;
  versions.value = null;
  problem.value = '';
  try {
    await editor.save();
    versions.value = await server.versions(editor.id);
  } catch (error) {
    problem.value = (error as Error).message;
  }
});
async function bringBack(version: number): Promise<void> {
  if (bringing.value) return;
  bringing.value = true;
  try {
    await server.keepVersion(editor.id);
    const show = await server.version(editor.id, version);
    editor.remove('showFile.broughtBack', () => (editor.show = show));
    open.value = false;
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    bringing.value = false;
  }
}
</script>

<template>
  <v-btn
    variant="text"
    size="small"
    :icon="mdiHistory"
    :title="t('showFile.versions')"
    :aria-label="t('showFile.versions')"
    @click="open = true"
  />
  <DialogFrame v-model="open" :title="t('showFile.versions')" :width="620">
    <p class="muted">{{ t('showFile.versionsHint') }}</p>
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
    <p v-else-if="!versions" role="status">{{ t('common.loading') }}</p>
    <p v-else-if="versions.length === 0">{{ t('showFile.noVersions') }}</p>
    <ul v-else>
      <li v-for="one in versions" :key="one.version">
        <span class="grow">
          <b>{{ day(one.savedAt) }}</b>
          <span class="muted clip">
            {{ one.title || t('studio.untitled') }} ·
            {{ t('showFile.version', { questions: one.questions, rounds: one.rounds }) }}
          </span>
        </span>
        <v-btn variant="outlined" size="small" :disabled="bringing" @click="bringBack(one.version)">{{
          t('showFile.bringBack')
        }}</v-btn>
      </li>
    </ul>

    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.close') }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  overflow: auto;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
li .grow {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
</style>
