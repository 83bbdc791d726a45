<script setup lang="ts">
import type { PracticeInfo, PracticePerson } from '@distaff/core/wire';
import { mdiEraserVariant } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import { useFormat } from '../../design/useFormat.ts';
import { marks } from '../../design/marks.ts';
import PersonStrip from './PersonStrip.vue';

/** The people of a practice: whoever has not begun first, then who is on the way, then who has finished. */
const { people, practice } = defineProps<{ people: readonly PracticePerson[]; practice: PracticeInfo }>();
const emit = defineEmits<{ clear: [person: string] }>();
const { t, locale } = useI18n();
const { day } = useFormat();
const states = ['notBegun', 'onTheWay', 'finished'] as const;
/** With more than this those who have finished are folded, the best first. */
const FOLDED = 12;
const allShown = ref(false);
const collator = new Intl.Collator(locale.value, { numeric: true });
const nameOf = (one: PracticePerson, i: number) => one.name || t('practices.nameless', { n: i + 1 });
const named = computed(() => people.map((one, i) => ({ ...one, name: nameOf(one, i) })));
const groups = computed(() =>
  states
    .map((state) => {
      const all = named.value
        .filter((one) => one.state === state)
        .sort((a, b) => (b.points ?? 0) - (a.points ?? 0) || collator.compare(a.name, b.name));
      const folds = state === 'finished' && all.length > FOLDED && !allShown.value;
      return { state, all, shown: folds ? all.slice(0, FOLDED) : all };
    })
    .filter(({ all }) => all.length > 0),
);
const minutes = (ms: number) =>
  ms < 60_000 ? t('practices.underMinute') : t('practices.min', { n: Math.round(ms / 60_000) });
const attempts = (n: number) =>
  practice.settings.attempts === null
    ? String(n)
    : t('practices.attemptOf', { n, of: practice.settings.attempts });
const clearing = ref<PracticePerson | null>(null);
function clear(): void {
  if (clearing.value) emit('clear', clearing.value.id);
  clearing.value = null;
}
</script>

<template>
  <div class="frame">
    <table>
      <thead>
        <tr>
          <th>{{ t('practices.name') }}</th>
          <th class="wide">{{ t('practices.answers') }}</th>
          <th class="number">
            {{ t('practices.points', practice.outOf, { named: { n: practice.outOf } }) }}
          </th>
          <th class="number wide">{{ t('practices.attemptsShort') }}</th>
          <th class="number wide">{{ t('practices.time') }}</th>
          <th class="number wide">{{ t('practices.seen') }}</th>
          <th />
        </tr>
      </thead>
      <tbody v-for="{ state, all, shown } in groups" :key="state">
        <tr class="group">
          <th colspan="7" scope="rowgroup">{{ t(`practices.group.${state}`) }}</th>
        </tr>
        <tr v-for="one in shown" :key="one.id">
          <td>
            <b>{{ one.name }}</b>
            <small v-if="one.phones > 1" class="muted">
              {{ t('practices.phones', one.phones, { named: { n: one.phones } }) }}</small
            >
          </td>
          <td class="wide">
            <PersonStrip
              :name="one.name"
              :lengths="one.shown?.summary.lengths ?? []"
              :of="practice.of"
              :weave="one.weave"
            />
          </td>
          <td class="number">
            <b v-if="one.points !== null">{{ marks(one.points) }}</b>
            <small v-if="one.late" class="muted">{{ t('practices.wasLate') }}</small>
            <template v-if="one.points === null && one.shown">{{
              t('practices.done', { n: one.shown.summary.lengths.length, of: practice.of })
            }}</template>
            <template v-if="one.points === null && !one.shown">–</template>
          </td>
          <td class="number wide">{{ one.attempts === 0 ? '–' : attempts(one.attempts) }}</td>
          <td class="number wide">
            {{
              one.attempts === 0 ? '–' : state === 'onTheWay' ? t('practices.onTheWay') : minutes(one.took)
            }}
          </td>
          <td class="number wide">
            {{ one.lastSeen === null ? t('practices.never') : day(new Date(one.lastSeen).toISOString()) }}
          </td>
          <td>
            <v-btn
              v-if="one.attempts > 0"
              variant="text"
              size="small"
              :icon="mdiEraserVariant"
              :aria-label="t('practices.takeOut', { name: one.name })"
              :title="t('practices.takeOut', { name: one.name })"
              @click="clearing = one"
            />
          </td>
        </tr>
        <tr v-if="shown.length < all.length">
          <td colspan="7">
            <button type="button" class="link" @click="allShown = true">
              {{ t('practices.showAll', { n: all.length }) }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <DialogFrame
      :model-value="clearing !== null"
      :title="t('practices.takeOut', { name: clearing?.name ?? '' })"
      :width="420"
      @update:model-value="clearing = null"
    >
      <p>{{ t('practices.takeOutSure', { name: clearing?.name ?? '' }) }}</p>
      <template #actions>
        <v-btn variant="text" @click="clearing = null">{{ t('common.cancel') }}</v-btn>
        <v-btn color="primary" @click="clear">{{ t('practices.takeOutDo') }}</v-btn>
      </template>
    </DialogFrame>
  </div>
</template>

<style scoped>
.frame {
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow-x: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: start;
  color: var(--stone);
  font-weight: 700;
}
th,
td {
  padding: 8px 12px;
  border-top: 1px solid var(--line);
  overflow-wrap: anywhere;
}
thead th {
  border-top: 0;
  white-space: nowrap;
}
.group th {
  background: #e6ede8;
  color: var(--ink);
}
.number {
  text-align: end;
  white-space: nowrap;
}
td small {
  display: block;
}
.link {
  color: var(--moss);
  text-decoration: underline;
  cursor: pointer;
}
@media (max-width: 767px) {
  .wide {
    display: none;
  }
}
</style>
