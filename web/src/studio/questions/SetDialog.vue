<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBank } from './bank.ts';
import ReadyMade from './ReadyMade.vue';
import { vFirstFocus } from '../../design/firstFocus.ts';

/** Title, folder and description of a new set, or of the one that is looked at. */
const mode = defineModel<'new' | 'edit' | null>({ required: true });
const { t } = useI18n();
const bank = useBank();
const title = ref('');
const folder = ref('');
const description = ref('');
const credit = ref('');
/** Where a set is filed is its owner's business. */
const filing = computed(() => mode.value === 'new' || bank.set?.role === 'owner');
const busy = ref(false);
const folders = computed(() => [...new Set(bank.sets.map((set) => set.folder).filter(Boolean))]);

watch(mode, (now) => {
  if (!now) return;
  const set = now === 'edit' ? bank.set : null;
  title.value = set?.title ?? '';
  folder.value = set?.folder ?? '';
  description.value = set?.description ?? '';
  credit.value = set?.credit ?? '';
});
async function save(): Promise<void> {
  if (busy.value || title.value.trim() === '') return;
  busy.value = true;
  const change = {
    title: title.value.trim(),
    folder: (folder.value ?? '').trim(),
    description: description.value,
    credit: credit.value.trim(),
  };
  if (mode.value === 'edit') await bank.saveSet(bank.set!.id, change);
  else {
    const id = await bank.createSet(change);
    if (id) bank.query.set = id;
  }
  busy.value = false;
  if (!bank.problem) mode.value = null;
}
async function copied(id: string): Promise<void> {
  await bank.loadSets();
  bank.query.set = id;
  mode.value = null;
}
</script>

<template>
  <v-dialog
    :aria-label="t(mode === 'edit' ? 'library.editSet' : 'library.newSet')"
    :model-value="mode !== null"
    @update:model-value="mode = null"
  >
    <v-card>
      <v-form class="form" @submit.prevent="save">
        <h2>{{ t(mode === 'edit' ? 'library.editSet' : 'library.newSet') }}</h2>
        <v-text-field v-model="title" v-first-focus :label="t('library.setTitle')" maxlength="120" />
        <v-combobox
          v-if="filing"
          v-model="folder"
          :items="folders"
          :label="t('library.folder')"
          maxlength="80"
          clearable
        />
        <v-textarea
          v-model="description"
          :label="t('library.description')"
          rows="2"
          auto-grow
          maxlength="1000"
        />
        <v-text-field v-model="credit" :label="t('library.settings.credit')" maxlength="300" />
        <p v-if="bank.problem" role="alert">{{ bank.problem }}</p>
        <div class="row end">
          <v-btn variant="text" @click="mode = null">{{ t('common.cancel') }}</v-btn>
          <v-btn type="submit" color="primary" :loading="busy" :disabled="title.trim() === ''">{{
            t('library.saveSet')
          }}</v-btn>
        </div>
        <ReadyMade v-if="mode === 'new'" @copied="copied" />
      </v-form>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 20px;
  overflow: auto;
}
.end {
  justify-content: flex-end;
}
</style>
