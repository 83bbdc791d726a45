<script setup lang="ts">
import { assists, FEWEST_RUNGS, MOST_RUNGS } from '@distaff/core/formats';
import type { RoundOf } from '@distaff/core/show';
import { mdiMinus, mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../../studio/editor.ts';
import NumberField from '../../studio/question/NumberField.vue';
import ListEditor from '../list/ListEditor.vue';

/** The rungs with their values and rests, the questions that stand on them, and the help on the way. */
const place = defineModel<string | null>('place', { required: true });
const { t } = useI18n();
const editor = useEditor();
const content = computed(() => (editor.list as RoundOf<'climb'>).content);
const MOST = 1_000_000;
const { points, list } = useFormat();
const summary = computed(() => {
  const { rungs, rests } = content.value;
  const ends = `${points(rungs[0]!)} … ${points(rungs.at(-1)!)}`;
  if (rests.length === 0) return t('editors.climb.summaryNoRests', { n: rungs.length, ends });
  return t('editors.climb.summary', { n: rungs.length, ends, rests: list(rests.map(String)) });
});
function addRung(): void {
  const { rungs } = content.value;
  rungs.push(Math.min(MOST, (rungs.at(-1) ?? 0) * 2 || 10));
}
function dropRung(): void {
  const { rungs, rests } = content.value;
  rungs.pop();
  content.value.rests = rests.filter((rest) => rest <= rungs.length);
}
function setRest(rung: number, on: boolean): void {
  const { rests } = content.value;
  content.value.rests = (on ? [...rests, rung] : rests.filter((one) => one !== rung)).sort((a, b) => a - b);
}
</script>

<template>
  <ListEditor v-model:place="place" :in-order="false">
    <template #settings>
      <NumberField v-model="content.climbs" :min="1" :max="50" :label="t('editors.climb.climbs')" />
      <NumberField v-model="content.attempts" :min="1" :max="9" :label="t('editors.climb.attempts')" />
      <NumberField
        v-model="content.adviceClock"
        :min="5"
        :max="300"
        :label="t('editors.climb.adviceClock')"
      />
    </template>
    <template #more>
      <v-radio-group v-model="content.order" :label="t('editors.climb.order')">
        <v-radio
          v-for="one in ['difficulty', 'written'] as const"
          :key="one"
          :value="one"
          :label="t(`editors.climb.orders.${one}`)"
        />
      </v-radio-group>
      <fieldset>
        <legend>{{ t('editors.climb.assists') }}</legend>
        <div class="row">
          <NumberField
            v-for="one in assists"
            :key="one"
            v-model="content.assists[one]"
            :min="0"
            :max="3"
            :label="t(`formats.climb.assist.${one}`)"
          />
        </div>
      </fieldset>
      <details>
        <summary>{{ t('editors.climb.rungs') }}: {{ summary }}</summary>
        <ol>
          <li v-for="(_, i) in content.rungs" :key="i">
            <NumberField
              v-model="content.rungs[i]!"
              :min="-MOST"
              :max="MOST"
              :label="t('editors.climb.rungOf', { n: i + 1 })"
            />
            <v-checkbox
              :model-value="content.rests.includes(i + 1)"
              :label="t('formats.climb.rest')"
              :aria-label="t('editors.climb.restOn', { n: i + 1 })"
              hide-details
              @update:model-value="setRest(i + 1, $event === true)"
            />
          </li>
        </ol>
        <div class="row">
          <v-btn
            variant="outlined"
            size="small"
            :prepend-icon="mdiPlus"
            :disabled="content.rungs.length >= MOST_RUNGS"
            @click="addRung"
            >{{ t('editors.climb.addRung') }}</v-btn
          >
          <v-btn
            variant="outlined"
            size="small"
            :prepend-icon="mdiMinus"
            :disabled="content.rungs.length <= FEWEST_RUNGS"
            @click="dropRung"
            >{{ t('editors.climb.dropRung') }}</v-btn
          >
        </div>
      </details>
    </template>
  </ListEditor>
</template>

<style scoped>
fieldset {
  border: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
summary {
  padding: 8px 0;
  font-weight: 700;
  cursor: pointer;
}
details .row {
  margin-top: 10px;
}
legend {
  margin-bottom: 6px;
  color: var(--stone);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 8px 16px;
}
li {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
