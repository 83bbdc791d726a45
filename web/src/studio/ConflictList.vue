<script setup lang="ts">
import type { Conflict } from '@distaff/core/document';
import { useI18n } from 'vue-i18n';

/** Places that two people changed differently: a person decides, nothing is overwritten in silence. */
const { t } = useI18n();
defineProps<{ conflicts: readonly Conflict[] }>();
const emit = defineEmits<{ settle: [conflict: Conflict, whose: 'mine' | 'theirs'] }>();
const told = (value: unknown) => {
  if (value === undefined) return t('studio.removedValue');
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  return text.length > 80 ? `${text.slice(0, 80)}…` : text;
};
</script>

<template>
  <section class="conflicts" role="alert">
    <h2>{{ t('studio.state.conflict') }}</h2>
    <p>{{ t('studio.conflictText') }}</p>
    <ul>
      <li v-for="conflict in conflicts" :key="conflict.path.join('/')">
        <span>{{ t('studio.mine', { value: told(conflict.mine) }) }}</span>
        <v-btn size="small" variant="outlined" @click="emit('settle', conflict, 'mine')">{{
          t('studio.keepMine')
        }}</v-btn>
        <span>{{ t('studio.theirs', { value: told(conflict.theirs) }) }}</span>
        <v-btn size="small" variant="outlined" @click="emit('settle', conflict, 'theirs')">{{
          t('studio.takeTheirs')
        }}</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.conflicts {
  padding: 12px 20px;
  background: #fbf1d2;
  border-bottom: 2px solid var(--weld);
}
p {
  margin: 4px 0 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 4px 0;
}
</style>
