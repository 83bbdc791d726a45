<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import type { PublicQuestion } from '@distaff/core/sitting';
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterAt, type Lettered } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';

/** What there is to choose from, to read along; and the key among it once it is shown. */
const { question } = defineProps<{ question: PublicQuestion & Lettered }>();
const { t } = useI18n();

interface Row {
  sign: string;
  option: OptionView | undefined;
  partner: OptionView | undefined;
  state: '' | 'key' | 'gone' | 'out';
  /** How many chose it, once that is told. */
  count: { count: number; percent: number } | null;
}
const rows = computed<Row[]>(() => {
  const { control, key, ruledOut } = question;
  const options = question.options ?? [];
  const told = key !== null && key.slots.length > 0;
  const row = (
    sign: string,
    option: Row['option'],
    state: Row['state'] = told ? 'key' : '',
    partner?: OptionView,
    count: Row['count'] = null,
  ): Row => ({ sign, option, partner, state, count });
  if (control?.type === 'order' && told) return key.slots.map((slot, i) => row(`${i + 1}`, options[slot]));
  if (control?.type === 'match')
    return told
      ? control.left.map((left, i) => row('', left, 'key', options[key.slots[i]!]))
      : [
          ...control.left.map((left) => row('', left)),
          ...options.map((one, i) => row(letterAt(question, i), one)),
        ];
  return options.map((option, i) => {
    const state = told ? (key.slots.includes(i) ? 'key' : 'gone') : ruledOut.includes(i) ? 'out' : '';
    return row(letterAt(question, i), option, state, undefined, question.picks?.[i] ?? null);
  });
});
</script>

<template>
  <ol class="options">
    <li
      v-for="(row, i) in rows"
      :key="i"
      :class="[row.state, { counted: row.count }]"
      :style="row.count ? { '--share': `${row.count.percent}%` } : {}"
    >
      <span v-if="row.sign" class="eyelet">{{ row.sign }}</span>
      <OptionContent class="grow" :option="row.option" />
      <OptionContent v-if="row.partner" :option="row.partner" />
      <span v-if="row.count" class="mono count"
        >{{ row.count.count }} · {{ t('common.percent', { n: row.count.percent }) }}</span
      >
      <v-icon v-if="row.state === 'key'" :icon="mdiCheckBold" />
      <span v-if="row.state === 'key'" class="hide">{{ t('handset.key') }}</span>
    </li>
  </ol>
</template>

<style scoped>
.options {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  padding: 8px 12px;
  border: 1px solid var(--edge);
  border-radius: 8px;
  background: var(--panel);
}
/* A bar as long as the share of those who chose it. */
.counted {
  background: linear-gradient(
    to right,
    color-mix(in srgb, var(--panel), var(--accent) 35%) var(--share),
    var(--panel) var(--share)
  );
}
.grow {
  flex: 1 1 6em;
}
.count {
  flex: none;
  margin-inline-start: auto;
}
.key {
  background: var(--light);
  color: var(--ground);
  font-weight: 700;
}
.gone,
.out {
  border-style: dashed;
  background: none;
  color: var(--dim);
}
.out .grow {
  text-decoration: line-through;
}
.eyelet {
  flex: none;
  display: inline-grid;
  place-content: center;
  width: 28px;
  height: 28px;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font-weight: 700;
  font-size: 15px;
}
</style>
