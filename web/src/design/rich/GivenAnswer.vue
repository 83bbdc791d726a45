<script setup lang="ts">
import type { Control } from '@distaff/core/question';
import RichText from './RichText.vue';

/**
 * What somebody answered. What was chosen or arranged are the author's own words, with their marks and
 * formulas; what players typed stands as they typed it.
 */
const { text, control } = defineProps<{ text: string; control: Control['type'] | null }>();
const arranged: readonly string[] = ['one', 'many', 'order', 'match'];
</script>

<template>
  <RichText v-if="control && arranged.includes(control)" inline :text="text" />
  <bdi v-else>{{ text }}</bdi>
</template>
