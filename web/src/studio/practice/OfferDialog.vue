<script setup lang="ts">
import { defaultPractice, type PracticeSettings } from '@distaff/core/practice';
import { watchDebounced } from '@vueuse/core';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { server, type PracticeDraft, type SharedRef } from '../../api/server.ts';
import DialogFrame from '../../design/DialogFrame.vue';
import { useRoundTitle } from '../../design/useRoundTitle.ts';
import PracticeForm from './PracticeForm.vue';

/** Offers a show or a set to be taken alone: by when, how often, under which names. */
const open = defineModel<boolean>({ required: true });
const {
  of,
  title,
  group = '',
} = defineProps<{
  of: SharedRef;
  title: string;
  /** For whom, with their list of names where there is one. */ group?: string;
}>();
const { t } = useI18n();
const router = useRouter();
const titleOf = useRoundTitle();
const problem = ref('');
const settings = ref<PracticeSettings>({ ...defaultPractice, group });
/** The form begins once it is known who belongs to the group. */
const isReady = ref(group === '');
onMounted(async () => {
  if (isReady.value) return;
  try {
    const roster = (await server.rosters()).rosters.find(({ name }) => name === group);
    if (roster?.names.length) settings.value = { ...settings.value, names: 'list', list: [...roster.names] };
  } catch (error) {
    problem.value = (error as Error).message;
  }
  isReady.value = true;
});
const valid = ref(true);
const draft = ref<PracticeDraft | null>(null);
const busy = ref(false);

watchDebounced(
  () => settings.value.hints,
  async () => {
    try {
      draft.value = await server.practiceDraft(of, settings.value);
    } catch (error) {
      problem.value = (error as Error).message;
    }
  },
  { immediate: true },
);

async function offer(): Promise<void> {
  if (busy.value || !valid.value || draft.value?.of === 0) return;
  busy.value = true;
  try {
    const { id } = await server.offerPractice(of, settings.value);
    await router.push(`/studio/practice/${id}`);
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <DialogFrame v-model="open" :title="t('practices.offerTitle', { title })" :width="620" form @submit="offer">
    <p v-if="draft && draft.of > 0">{{ t('practices.questions', draft.of, { named: { n: draft.of } }) }}</p>
    <p v-else-if="draft" class="complaint">{{ t('practices.nothing') }}</p>
    <p v-for="(one, i) in draft?.leftOut ?? []" :key="i" class="muted">
      {{
        t(`practices.leftOut.${one.what}`, one.count, {
          named: {
            n: one.count,
            title: titleOf({ title: one.title, format: one.format as never, what: null }),
          },
        })
      }}
    </p>
    <PracticeForm v-if="isReady" v-model="settings" v-model:valid="valid" />
    <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
    <template #actions>
      <v-btn variant="text" @click="open = false">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" type="submit" :loading="busy" :disabled="!valid || draft?.of === 0">{{
        t('practices.offerIt')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>
