<script setup lang="ts">
import type { ClimbView } from '@distaff/core/formats';
import { useI18n } from 'vue-i18n';
import { assistIcons } from './assistIcons.ts';

/** Help that can still be asked for, as tags that hang on threads; what was used has its thread cut. */
const { round } = defineProps<{ round: ClimbView }>();
const { t } = useI18n();
</script>

<template>
  <ul class="tags">
    <li v-for="one in round.assists" :key="one.assist" :class="{ used: one.left <= 0 }">
      <v-icon v-if="one.left > 0" :icon="assistIcons[one.assist]" size="1.1em" />
      {{ t(`formats.climb.assist.${one.assist}`) }}
      <span v-if="one.left > 1">× {{ one.left }}</span>
      <span v-if="one.left <= 0" class="hide">{{
        t('formats.climb.assistUsed', {
          assist: t(`formats.climb.assist.${one.assist}`),
          n: one.usedOn.at(-1) ?? 0,
        })
      }}</span>
    </li>
  </ul>
</template>

<style scoped>
.tags {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: calc(2 * var(--u));
  font-size: calc(2.8 * var(--u));
}
li {
  position: relative;
  display: flex;
  align-items: center;
  gap: 0.4em;
  padding: 0.3em 0.8em;
  background: var(--flax, #ede6d4);
  color: #14211d;
  font-weight: 700;
}
/* The thread that it hangs on. */
li::before {
  content: '';
  position: absolute;
  left: 50%;
  bottom: 100%;
  width: 2px;
  height: calc(2.5 * var(--u));
  background: var(--flax, #ede6d4);
}
.used {
  background: none;
  color: var(--dim);
  font-weight: 400;
  text-decoration: line-through;
}
.used::before {
  height: calc(1 * var(--u));
  bottom: calc(100% + 1.5 * var(--u));
}
</style>
