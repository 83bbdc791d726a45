<script setup lang="ts">
import { countingAttempts, namings, type PracticeSettings } from '@distaff/core/practice';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../../api/server.ts';
import { localOf, momentOf, ownZone, zones } from './dueDate.ts';

/** How a practice is taken. What all runs have in common is fixed once it is offered (`offered`). */
const settings = defineModel<PracticeSettings>({ required: true });
/** Whether everything in the form makes sense. */
const valid = defineModel<boolean>('valid', { required: true });
const { offered = false } = defineProps<{ offered?: boolean }>();
const { t } = useI18n();

const set = (own: Partial<PracticeSettings>) => {
  settings.value = { ...settings.value, ...own };
};
const zone = ref(settings.value.due?.zone ?? ownZone());
const due = ref(settings.value.due ? localOf(settings.value.due.at, settings.value.due.zone) : '');
const dueWrong = computed(() => due.value !== '' && momentOf(due.value, zone.value) === null);
watch([due, zone], () => {
  const at = momentOf(due.value, zone.value);
  set({ due: at === null ? null : { at, zone: zone.value } });
});

/** A whole number or nothing. */
function numbers(name: 'attempts' | 'minutes', from: number, to: number) {
  const text = ref(settings.value[name] === null ? '' : String(settings.value[name]));
  const wrong = computed(() => {
    const n = Number(text.value);
    return text.value.trim() !== '' && !(Number.isInteger(n) && n >= from && n <= to);
  });
  watch(text, () => {
    if (!wrong.value) set({ [name]: text.value.trim() === '' ? null : Number(text.value) });
  });
  return { text, wrong };
}
const attempts = numbers('attempts', 1, 20);
const minutes = numbers('minutes', 1, 600);

const listText = ref(settings.value.list.join('\n'));
watch(listText, (text) =>
  set({
    list: [
      ...new Set(
        text
          .split(/[\n;]/)
          .map((name) => name.trim().slice(0, 24))
          .filter(Boolean),
      ),
    ],
  }),
);
const rosters = ref<{ id: string; name: string; names: string[] }[]>([]);
void server.rosters().then(
  (answer) => (rosters.value = answer.rosters),
  () => undefined,
);
/** The names of a group: what they do counts as theirs. */
function takeRoster(name: string): void {
  const roster = rosters.value.find((one) => one.name === name);
  if (!roster) return;
  set({ group: name });
  listText.value = roster.names.join('\n');
}
const listWrong = computed(() => settings.value.names === 'list' && settings.value.list.length === 0);
watch(
  () => !dueWrong.value && !attempts.wrong.value && !minutes.wrong.value && !listWrong.value,
  (good) => (valid.value = good),
  { immediate: true },
);
/** Percent less for what comes after the date; '' where nothing is taken any more. */
const lateChoices = computed(() =>
  [
    '',
    ...[...new Set([0, 10, 20, 30, 50, ...(settings.value.late ? [settings.value.late] : [])])].sort(
      (a, b) => a - b,
    ),
  ].map((value) => ({
    value,
    title:
      value === ''
        ? t('practices.lateOf.none')
        : value === 0
          ? t('practices.lateOf.full')
          : t('practices.lateOf.less', { n: value }),
  })),
);
const setLate = (value: unknown) => set({ late: typeof value === 'number' ? value : null });
const allZones = zones();
const counting = countingAttempts.map((value) => ({ value, title: t(`practices.countsOf.${value}`) }));
const naming = namings.map((value) => ({ value, title: t(`practices.namesOf.${value}`) }));
</script>

<template>
  <div class="form">
    <div class="pair">
      <v-text-field
        v-model="due"
        type="datetime-local"
        :label="t('practices.due')"
        :hint="t('practices.dueHint')"
        persistent-hint
        :error-messages="dueWrong ? t('practices.notADate') : ''"
        clearable
        @click:clear="due = ''"
      />
      <v-autocomplete v-model="zone" :items="allZones" :label="t('practices.zone')" />
    </div>
    <v-select
      v-if="settings.due"
      :model-value="settings.late ?? ''"
      :items="lateChoices"
      :label="t('practices.late')"
      @update:model-value="setLate"
    />
    <div class="pair">
      <v-text-field
        v-model="attempts.text.value"
        inputmode="numeric"
        :label="t('practices.attempts')"
        :hint="t('practices.attemptsHint')"
        persistent-hint
        :error-messages="attempts.wrong.value ? t('practices.numberNeeded', { from: 1, to: 20 }) : ''"
      />
      <v-select
        :model-value="settings.counts"
        :items="counting"
        :label="t('practices.counts')"
        @update:model-value="set({ counts: $event })"
      />
    </div>
    <v-select
      v-if="!offered"
      :model-value="settings.names"
      :items="naming"
      :label="t('practices.names')"
      :hint="settings.names === 'none' ? '' : t('practices.namesHint')"
      persistent-hint
      @update:model-value="set({ names: $event })"
    />
    <template v-if="settings.names === 'list'">
      <v-textarea
        v-model="listText"
        rows="4"
        :label="t('practices.list')"
        :error-messages="listWrong ? t('practices.listNeeded') : ''"
      />
      <v-select
        v-if="rosters.length > 0"
        :model-value="null"
        :items="rosters.map(({ name, names }) => ({ title: name, value: name }))"
        :label="t('practices.roster')"
        @update:model-value="takeRoster(String($event))"
      />
    </template>
    <v-combobox
      v-if="!offered && settings.names !== 'none'"
      :model-value="settings.group"
      :items="rosters.map(({ name }) => name)"
      :label="t('practices.forGroup')"
      :hint="t('practices.forGroupHint')"
      persistent-hint
      maxlength="40"
      @update:model-value="
        set({
          group: String($event ?? '')
            .trim()
            .slice(0, 40),
        })
      "
    />
    <v-text-field
      v-model="minutes.text.value"
      inputmode="numeric"
      :label="t('practices.minutes')"
      :hint="t('practices.minutesHint')"
      persistent-hint
      :error-messages="minutes.wrong.value ? t('practices.numberNeeded', { from: 1, to: 600 }) : ''"
    />
    <div v-if="!offered" class="checks">
      <v-checkbox
        v-for="name in ['hints', 'adaptive', 'shuffleQuestions', 'shuffleOptions', 'clocks'] as const"
        :key="name"
        :model-value="settings[name]"
        :label="t(`practices.${name}`)"
        hide-details
        density="compact"
        @update:model-value="set({ [name]: $event === true })"
      />
    </div>
  </div>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 220px), 1fr));
  gap: 14px;
  align-items: start;
}
.checks {
  display: flex;
  flex-direction: column;
}
</style>
