<script setup lang="ts">
import { mdiDownload, mdiSend } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../api/server.ts';
import DialogFrame from '../design/DialogFrame.vue';
import { useResults } from './results.ts';

/** Learning records (xAPI) of a game: as a file, or sent to a store. */
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const results = useResults();
const [url, user, password] = [ref(''), ref(''), ref('')];
const busy = ref(false);
const problem = ref('');
const told = ref('');
/** The stand-in that ships with Distaff: it checks what it gets, and keeps nothing for long. */
const STAND_IN = '/api/stand-ins/record-store';
function tryStandIn(): void {
  [url.value, user.value, password.value] = [STAND_IN, 'trial', 'trial'];
}
async function send(): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  [problem.value, told.value] = ['', ''];
  try {
    const to = { url: url.value, user: user.value, password: password.value };
    const { sent } = await server.sendStatements(results.id, to);
    told.value = t('report.records.sent', sent, { named: { n: sent } });
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <DialogFrame v-model="open" :title="t('report.records.title')" form @submit="send">
    <p>{{ t('report.records.how') }}</p>
    <v-btn
      variant="outlined"
      :prepend-icon="mdiDownload"
      :href="`/api/sittings/${results.id}/statements.json`"
      >{{ t('report.records.download') }}</v-btn
    >
    <v-text-field v-model="url" hide-details maxlength="500" :label="t('report.records.url')" />
    <div class="pair">
      <v-text-field v-model="user" hide-details autocomplete="off" :label="t('report.records.user')" />
      <v-text-field
        v-model="password"
        hide-details
        type="password"
        autocomplete="off"
        :label="t('report.records.password')"
      />
    </div>
    <v-btn variant="text" @click="tryStandIn">{{ t('report.records.standIn') }}</v-btn>
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
    <p v-if="told" role="status">{{ told }}</p>
    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.close') }}</v-btn>
      <v-btn
        color="primary"
        type="submit"
        :prepend-icon="mdiSend"
        :loading="busy"
        :disabled="url.trim() === ''"
        >{{ t('report.records.send') }}</v-btn
      >
    </template>
  </DialogFrame>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
  gap: 12px;
}
</style>
