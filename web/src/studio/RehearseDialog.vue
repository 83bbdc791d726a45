<script setup lang="ts">
import { connections, skills, speeds, usualRoom, type Room } from '@distaff/core/rehearsal';
import { mdiDramaMasks } from '@mdi/js';
import { computed, reactive, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import DialogFrame from '../design/DialogFrame.vue';
import { server } from '../api/server.ts';
import { useShowCheck } from './check/showCheck.ts';
import { useEditor } from './editor.ts';
import NumberField from './question/NumberField.vue';

/** Asks what kind of room is to stand in for people, and begins the rehearsal. */
const { t } = useI18n();
const router = useRouter();
const editor = useEditor();
const open = ref(false);
const room = reactive<Room>({ ...usualRoom });
const starting = ref(false);
const problem = ref('');
const check = useShowCheck();
function ask(): void {
  check.lookNow();
  open.value = true;
}
const without = computed(() => editor.show!.devices.mode === 'none');
const items = (what: 'skills' | 'speeds' | 'connections', values: readonly string[]) =>
  values.map((value) => ({ value, title: t(`rehearsal.${what}.${value}`) }));

async function start(): Promise<void> {
  if (starting.value) return;
  starting.value = true;
  problem.value = '';
  try {
    await editor.save();
    const sitting = await server.rehearse(editor.id, { ...room });
    await router.push(`/desk/${sitting.id}`);
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    starting.value = false;
  }
}
</script>

<template>
  <v-btn variant="outlined" :prepend-icon="mdiDramaMasks" @click="ask">{{ t('rehearsal.open') }}</v-btn>
  <DialogFrame v-model="open" :title="t('rehearsal.title')">
    <p class="muted">{{ t('rehearsal.intro') }}</p>
    <p v-if="without">{{ t('rehearsal.countNone') }}</p>
    <div class="fields">
      <NumberField v-if="!without" v-model="room.count" :min="2" :max="1000" :label="t('rehearsal.count')" />
      <v-select v-model="room.skill" :label="t('rehearsal.skill')" :items="items('skills', skills)" />
      <v-select v-model="room.speed" :label="t('rehearsal.speed')" :items="items('speeds', speeds)" />
      <template v-if="!without">
        <v-select
          v-model="room.connection"
          :label="t('rehearsal.connection')"
          :items="items('connections', connections)"
        />
        <NumberField
          v-if="editor.show!.doors.late"
          v-model="room.late"
          :min="0"
          :max="50"
          :label="t('rehearsal.late')"
        />
      </template>
      <v-text-field
        v-model="room.seed"
        maxlength="40"
        :label="t('rehearsal.seed')"
        :hint="t('rehearsal.seedHint')"
        persistent-hint
      />
    </div>
    <v-switch v-if="!without" v-model="room.dropsOut" :label="t('rehearsal.dropsOut')" />
    <p v-if="check.blocked" role="alert">{{ t('rehearsal.mustMend') }}</p>
    <p v-else-if="problem" role="alert">{{ problem }}</p>

    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" :loading="starting" :disabled="check.blocked" @click="start">{{
        t('rehearsal.start')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 12px;
  align-items: start;
}
</style>
