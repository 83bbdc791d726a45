<script setup lang="ts">
import type { Doubt, SaidSame } from '@distaff/core/term';
import { useI18n } from 'vue-i18n';

/** Names that may be one person's, or one team's: the host says. */
defineProps<{ title: string; doubts: readonly Doubt[]; isBusy: boolean }>();
const emit = defineEmits<{ say: [said: SaidSame] }>();
const { t } = useI18n();
</script>

<template>
  <section v-if="doubts.length" class="card doubts">
    <h2>{{ title }}</h2>
    <p class="muted">{{ t('groups.doubtsHow') }}</p>
    <ul>
      <li v-for="{ a, b } in doubts" :key="`${a.key} ${b.key}`" class="row">
        <span class="grow" dir="auto">{{ t('groups.doubt', { a: a.name, b: b.name }) }}</span>
        <v-btn
          v-for="same in [true, false]"
          :key="String(same)"
          variant="outlined"
          size="small"
          :disabled="isBusy"
          @click="emit('say', { a: a.key, b: b.key, same })"
          >{{ t(same ? 'groups.same' : 'groups.apart') }}</v-btn
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2,
p {
  margin: 0 0 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 240px;
  overflow: auto;
}
li {
  padding: 6px 0;
  flex-wrap: wrap;
}
@media print {
  .doubts {
    display: none;
  }
}
</style>
