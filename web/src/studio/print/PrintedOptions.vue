<script setup lang="ts">
import type { PrintedQuestion } from '@distaff/core/library';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';

/** Where a question on paper is answered: boxes, lines, or columns to be joined. */
const { item } = defineProps<{ item: PrintedQuestion }>();
const { t } = useI18n();
</script>

<template>
  <div v-if="item.control.type === 'match'" class="columns">
    <ol>
      <li v-for="(one, i) in item.control.left" :key="i">
        <span class="line" /> <OptionContent :option="one" />
      </li>
    </ol>
    <ol>
      <li v-for="(one, i) in item.options" :key="i">
        <b>{{ letterOf(i) }}</b> <OptionContent :option="one" />
      </li>
    </ol>
  </div>
  <ol v-else-if="item.control.type === 'order'">
    <li v-for="(one, i) in item.options" :key="i"><span class="line" /> <OptionContent :option="one" /></li>
  </ol>
  <ol v-else-if="item.options.length" :class="{ side: item.options.some((one) => one.picture) }">
    <li v-for="(one, i) in item.options" :key="i">
      <span class="box" :class="{ round: item.control.type === 'one' }" /> <b>{{ letterOf(i) }}</b>
      <OptionContent :option="one" />
    </li>
  </ol>
  <p v-else-if="item.number > 0" class="answer">
    {{
      item.control.type === 'number' && item.control.unit ? t('print.in', { unit: item.control.unit }) : ''
    }}
  </p>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 2px 0;
  --thumb: 56px;
}
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
}
.side {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
}
.box {
  flex: none;
  width: 13px;
  height: 13px;
  border: 1.5px solid #000;
}
.round {
  border-radius: 50%;
}
.line {
  flex: none;
  width: 26px;
  border-bottom: 1.5px solid #000;
  align-self: stretch;
}
.answer {
  height: 30px;
  margin: 0;
  border-bottom: 1px solid #000;
  text-align: right;
}
</style>
