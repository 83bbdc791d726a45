<script setup lang="ts">
import { difficulties } from '@distaff/core/question';
import type { BulkChange } from '@distaff/core/library';
import { mdiDeleteOutline, mdiFolderMoveOutline, mdiTuneVariant } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import NumberField from '../question/NumberField.vue';
import type { Changed } from '../../api/server.ts';
import { useAccount } from '../account.ts';
import { useBank } from './bank.ts';

/** What can be done with all chosen questions at once. */
const { t } = useI18n();
const bank = useBank();
const account = useAccount();
const emit = defineEmits<{ changed: [] }>();
type Setting =
  | 'clock'
  | 'weight'
  | 'difficulty'
  | 'addTag'
  | 'dropTag'
  | 'language'
  | 'readAloud'
  | 'checkAgainBy'
  | 'trueAsOf'
  | 'credit';
const settings: Setting[] = [
  'clock',
  'weight',
  'difficulty',
  'addTag',
  'dropTag',
  'language',
  'readAloud',
  'checkAgainBy',
  'trueAsOf',
  'credit',
];

const changing = ref(false);
const setting = ref<Setting>('clock');
const clock = ref<number | null>(20);
const weight = ref<0 | 1 | 2>(1);
const difficulty = ref<(typeof difficulties)[number] | null>(null);
const readAloud = ref(true);
const words = ref('');
watch(setting, () => (words.value = ''));
/** What was done last, and how it is undone where it can be: one thing at a time is offered. */
const last = ref<{ text: string; undo?: () => unknown } | null>(null);
const count = computed(() => bank.chosen.size);
/** Nothing is moved to another owner's set. */
const targets = computed(() => {
  const ownerId = bank.set?.ownerId ?? account.account?.id;
  return bank.writable.filter((set) => set.ownerId === ownerId);
});

const change = computed<BulkChange | null>(() => {
  const text = words.value.trim();
  switch (setting.value) {
    case 'clock':
      return { clock: clock.value };
    case 'weight':
      return { weight: weight.value };
    case 'difficulty':
      return { difficulty: difficulty.value };
    case 'readAloud':
      return { readAloud: readAloud.value };
    case 'checkAgainBy':
    case 'trueAsOf':
      return { [setting.value]: text || null };
    case 'credit':
      return { credit: text };
    default:
      return text ? { [setting.value]: text } : null;
  }
});
async function apply(): Promise<void> {
  if (!change.value) return;
  const done = await bank.changeChosen(change.value);
  if (!done) return;
  changing.value = false;
  last.value = {
    text: t('library.changedSome', done.count, { named: { n: done.count } }),
    undo: () => takeBack(done.changed),
  };
  emit('changed');
}
async function takeBack(changed: Changed[]): Promise<void> {
  const count = (await bank.takeChangeBack(changed)) ?? 0;
  const stay = changed.length - count;
  if (stay > 0) last.value = { text: t('library.changeStays', stay, { named: { n: stay } }) };
  emit('changed');
}
async function move(id: string): Promise<void> {
  const done = await bank.moveChosen(id);
  if (done) last.value = { text: t('library.movedSome', done.count, { named: { n: done.count } }) };
}
async function remove(): Promise<void> {
  const done = await bank.deleteChosen();
  if (done)
    last.value = {
      text: t('library.deletedSome', done.ids.length, { named: { n: done.ids.length } }),
      undo: () => bank.restore(done.ids),
    };
  emit('changed');
}
function undo(): void {
  const { undo: act } = last.value!;
  last.value = null;
  void act?.();
}
</script>

<template>
  <div v-if="count" class="bulk">
    <b role="status">{{ t('library.chosen', count, { named: { n: count } }) }}</b>
    <v-btn
      v-if="bank.query.deleted"
      size="small"
      variant="outlined"
      @click="bank.restore([...bank.chosen])"
      >{{ t('studio.restore') }}</v-btn
    >
    <template v-else>
      <v-btn size="small" variant="outlined" :prepend-icon="mdiTuneVariant" @click="changing = true">{{
        t('library.change')
      }}</v-btn>
      <v-menu>
        <template #activator="{ props }">
          <v-btn v-bind="props" size="small" variant="outlined" :prepend-icon="mdiFolderMoveOutline">{{
            t('library.move')
          }}</v-btn>
        </template>
        <v-list max-height="400">
          <v-list-item v-for="set in targets" :key="set.id" :title="set.title" @click="move(set.id)" />
        </v-list>
      </v-menu>
      <v-btn size="small" variant="outlined" :prepend-icon="mdiDeleteOutline" @click="remove">{{
        t('studio.delete')
      }}</v-btn>
    </template>
    <v-btn size="small" variant="text" @click="bank.chooseAll()">{{ t('library.chooseAll') }}</v-btn>
    <v-btn size="small" variant="text" @click="bank.chosen = new Set()">{{ t('library.chooseNone') }}</v-btn>
  </div>
  <v-dialog v-model="changing" :aria-label="t('library.changeTitle', count, { named: { n: count } })">
    <v-card>
      <v-form class="form" @submit.prevent="apply">
        <h2>{{ t('library.changeTitle', count, { named: { n: count } }) }}</h2>
        <v-select
          v-model="setting"
          :label="t('library.setting')"
          :items="settings.map((value) => ({ value, title: t(`library.settings.${value}`) }))"
        />
        <NumberField
          v-if="setting === 'clock'"
          v-model="clock"
          empty
          :min="3"
          :max="600"
          :label="t('form.clock')"
          :hint="t('library.clockEmpty')"
          :problem="t('form.clockWrong')"
        />
        <v-select
          v-else-if="setting === 'weight'"
          v-model="weight"
          :label="t('form.weight')"
          :items="[0, 1, 2].map((value) => ({ value, title: t(`form.weights.${value}`) }))"
        />
        <v-select
          v-else-if="setting === 'difficulty'"
          v-model="difficulty"
          :label="t('form.difficulty')"
          :items="[
            { value: null, title: t('form.notSaid') },
            ...difficulties.map((value) => ({ value, title: t(`form.difficulties.${value}`) })),
          ]"
        />
        <v-text-field
          v-else-if="setting === 'checkAgainBy' || setting === 'trueAsOf'"
          v-model="words"
          type="date"
          :label="t(setting === 'trueAsOf' ? 'form.trueAsOf' : 'form.checkAgainBy')"
        />
        <v-switch v-else-if="setting === 'readAloud'" v-model="readAloud" :label="t('media.readAloud')" />
        <v-text-field
          v-else
          v-model="words"
          :label="t(`library.settings.${setting}`)"
          :maxlength="setting === 'credit' ? 300 : 40"
        />
        <p v-if="bank.problem" role="alert">{{ bank.problem }}</p>
        <div class="row end">
          <v-btn variant="text" @click="changing = false">{{ t('common.cancel') }}</v-btn>
          <v-btn type="submit" color="primary" :disabled="!change">{{ t('library.apply') }}</v-btn>
        </div>
      </v-form>
    </v-card>
  </v-dialog>
  <v-snackbar :model-value="last !== null" @update:model-value="last = null">
    {{ last?.text }}
    <template v-if="last?.undo" #actions
      ><v-btn variant="text" @click="undo">{{ t('common.undo') }}</v-btn></template
    >
  </v-snackbar>
</template>

<style scoped>
.bulk {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  padding: 8px 12px;
  background: #eef3ef;
  border-block: 1px solid var(--line);
}
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 20px;
}
.end {
  justify-content: flex-end;
}
</style>
