<script setup lang="ts">
import { useI18n } from 'vue-i18n';
const { t } = useI18n();
</script>

<template>
  <main class="centre">
    <h1>{{ t('studio.notFound') }}</h1>
    <v-btn color="primary" to="/studio">{{ t('studio.toLibrary') }}</v-btn>
  </main>
</template>

<style scoped>
.centre {
  min-height: 100dvh;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 20px;
}
</style>
