<script setup lang="ts">
import { useI18n } from 'vue-i18n';

/** The top of a page: our name, leading home, and whatever else belongs there. */
const { to = '/studio' } = defineProps<{ to?: string }>();
const { t } = useI18n();
</script>

<template>
  <header class="bar">
    <router-link :to="to" class="home">{{ t('common.appName') }}</router-link>
    <slot />
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 8px 20px;
  min-height: 56px;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}
.home {
  font-family: var(--display);
  font-weight: 700;
  font-size: 22px;
  color: var(--moss);
  text-decoration: none;
}
@media (max-width: 600px) {
  .bar {
    padding: 8px 12px;
    gap: 4px;
  }
}
</style>
