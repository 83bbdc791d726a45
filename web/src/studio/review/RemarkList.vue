<script setup lang="ts">
import type { MendName, Remark } from '@distaff/core/review';
import { mdiAlertOctagonOutline, mdiAlertOutline, mdiInformationOutline } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useRemark } from './useRemark.ts';

/** What a review has to say on one question, each with its mend where one is safe. */
defineProps<{ remarks: readonly Remark[]; busy?: boolean; readOnly?: boolean }>();
const emit = defineEmits<{ mend: [name: MendName] }>();
const { t } = useI18n();
const { told } = useRemark();
const signs = { must: mdiAlertOctagonOutline, should: mdiAlertOutline, may: mdiInformationOutline };
</script>

<template>
  <ul class="remarks">
    <li v-for="(remark, i) in remarks" :key="i" :class="remark.weight">
      <v-icon :icon="signs[remark.weight]" size="18" :aria-label="t(`review.weights.${remark.weight}`)" />
      <span class="grow">{{ told(remark) }}</span>
      <v-btn
        v-if="remark.mend && !readOnly"
        size="small"
        variant="outlined"
        :disabled="busy"
        @click="emit('mend', remark.mend)"
        >{{ t(`review.mends.${remark.mend}`) }}</v-btn
      >
    </li>
  </ul>
</template>

<style scoped>
.remarks {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 4px 10px;
  border-left: 4px solid var(--weld);
  background: var(--chalk);
  font-size: 15px;
}
.must {
  border-left-color: var(--madder);
}
.may {
  border-left-color: var(--woad);
}
</style>
