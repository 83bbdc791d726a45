<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import RichText from '../design/rich/RichText.vue';

/** A share as a bar: whole for what is correct, hatched for all else. */
defineProps<{ text: string; percent: number; isKey?: boolean; more?: string }>();
const { t } = useI18n();
</script>

<template>
  <div class="share">
    <RichText class="text" inline :text="text" />
    <span class="track"
      ><i v-if="percent > 0" :class="{ key: isKey }" :style="{ width: `${percent}%` }"
    /></span>
    <b>{{ more ?? t('report.percent', { n: percent }) }}</b>
  </div>
</template>

<style scoped>
.share {
  display: grid;
  grid-template-columns: minmax(0, 42fr) minmax(0, 40fr) minmax(52px, auto);
  gap: 12px;
  align-items: center;
  padding-block: 4px;
}
.text {
  font-size: 14px;
  overflow-wrap: anywhere;
}
.track {
  height: 16px;
}
i {
  display: block;
  height: 100%;
  border: 1px solid var(--ink);
  background: repeating-linear-gradient(45deg, var(--ink) 0 1.5px, transparent 1.5px 5px);
}
i.key {
  background: var(--ink);
}
b {
  text-align: end;
  font: 700 14px/1 var(--display);
}
</style>
