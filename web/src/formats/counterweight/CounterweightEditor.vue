<script setup lang="ts">
import ListEditor from '../list/ListEditor.vue';
import CoversEditor from './CoversEditor.vue';

/** A list whose right answers earn covers. */
const place = defineModel<string | null>('place', { required: true });
</script>

<template>
  <ListEditor v-model:place="place">
    <template #more><CoversEditor /></template>
  </ListEditor>
</template>
