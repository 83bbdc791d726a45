<script setup lang="ts">
import type { Tally, TimeLost } from '@distaff/core/rehearsal';
import { stages } from '@distaff/core/rehearsal';
import { plainText } from '@distaff/core/text';
import { mdiAlertOutline, mdiCheck } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../../api/server.ts';
import { useFormat } from '../../design/useFormat.ts';
import { useDesk } from '../useDesk.ts';

/** The end of a rehearsal: whether every score agrees with the rules on paper, and where the time went. */
const { sittingId } = defineProps<{ sittingId: string }>();
const { t } = useI18n();
const { points } = useFormat();
const desk = useDesk();
const open = computed({
  get: () => desk.dialog === 'tally',
  set: (on: boolean) => (desk.dialog = on ? 'tally' : null),
});
const found = ref<{ tally: Tally; time: TimeLost } | null>(null);
const problem = ref('');
watch(
  () => desk.view.phase,
  async (phase) => {
    if (phase !== 'closed') return;
    open.value = true;
    found.value = null;
    problem.value = '';
    try {
      found.value = await server.tally(sittingId);
    } catch (error) {
      problem.value = (error as Error).message;
    }
  },
  { immediate: true },
);
const seconds = (n: number) => Math.round(n);
const told = (n: number) => `${Math.floor(n / 60)}:${String(Math.round(n) % 60).padStart(2, '0')}`;
const parts = computed(() => {
  const time = found.value?.time;
  if (!time || time.total <= 0) return [];
  return stages.map((stage) => ({
    stage,
    seconds: time.stages[stage],
    share: (100 * time.stages[stage]) / time.total,
  }));
});
</script>

<template>
  <v-dialog v-model="open" max-width="760" scrollable :aria-label="t('rehearsal.tally')">
    <v-card class="card">
      <h2>{{ t('rehearsal.tally') }}</h2>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <p v-else-if="!found" role="status">{{ t('rehearsal.checking') }}</p>
      <template v-else>
        <p class="verdict" :class="{ wrong: !found.tally.agrees }" role="status">
          <v-icon :icon="found.tally.agrees ? mdiCheck : mdiAlertOutline" />
          <b>{{ t(found.tally.agrees ? 'rehearsal.agrees' : 'rehearsal.disagrees') }}</b>
          {{ t('rehearsal.agreesText', { questions: found.tally.questions, marked: found.tally.marked }) }}
        </p>
        <p v-for="n in found.tally.differ" :key="n">{{ t('rehearsal.differ', { n }) }}</p>
        <div class="scroll">
          <table>
            <thead>
              <tr>
                <th scope="col">{{ t('rehearsal.team') }}</th>
                <th scope="col">{{ t('rehearsal.kept') }}</th>
                <th scope="col">{{ t('rehearsal.onPaper') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="line in found.tally.lines"
                :key="line.team"
                :class="{ wrong: line.kept !== line.onPaper }"
              >
                <th scope="row">{{ line.name }}</th>
                <td class="mono">{{ points(line.kept) }}</td>
                <td class="mono">{{ points(line.onPaper) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <h3>{{ t('rehearsal.time') }}</h3>
        <p>{{ t('rehearsal.total', { time: told(found.time.total) }) }}</p>
        <dl>
          <template v-for="part in parts" :key="part.stage">
            <dt>{{ t(`rehearsal.stages.${part.stage}`) }}</dt>
            <dd>
              <i :style="{ width: `${part.share}%` }" /><span class="mono">{{ told(part.seconds) }}</span>
            </dd>
          </template>
        </dl>
        <p v-for="one in found.time.slowest" :key="one.number" class="slow">
          {{
            t('rehearsal.slowest', {
              n: one.number,
              seconds: seconds(one.seconds),
              stage: t(`rehearsal.stages.${one.most}`).toLowerCase(),
            })
          }}: <q>{{ plainText(one.prompt) }}</q>
        </p>
        <p>{{ t('rehearsal.ranOut', found.time.ranOut, { named: { n: found.time.ranOut } }) }}</p>
      </template>
      <v-btn variant="text" class="close" @click="open = false">{{ t('common.close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px;
  gap: 12px;
}
p {
  margin: 0;
}
.verdict {
  padding: 12px 14px;
  border-left: 4px solid var(--moss);
  background: rgb(31 77 63 / 8%);
}
.verdict.wrong {
  border-left-color: var(--madder);
  background: rgb(179 38 58 / 8%);
}
.scroll {
  max-height: 240px;
  overflow-y: auto;
  flex: none;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
}
td,
th:not(:first-child) {
  text-align: right;
}
td,
th {
  padding: 4px 8px;
  border-bottom: 1px solid var(--line);
}
tr.wrong {
  background: rgb(179 38 58 / 8%);
  font-weight: 700;
}
dl {
  margin: 0;
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 4px 14px;
  align-items: center;
}
dd {
  margin: 0;
  display: flex;
  align-items: center;
  gap: 8px;
}
dd i {
  height: 14px;
  min-width: 2px;
  background: var(--heather);
  border-radius: 3px;
}
.slow {
  font-size: 15px;
}
.close {
  align-self: flex-end;
}
</style>
