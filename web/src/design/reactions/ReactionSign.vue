<script setup lang="ts">
import type { Reaction } from '@distaff/core/wire';

/** What somebody shows, as a line drawing. */
const { what } = defineProps<{ what: Reaction }>();
</script>

<template>
  <svg viewBox="0 0 24 24" fill="none" stroke="currentcolor" stroke-width="2.3" aria-hidden="true">
    <g v-if="what === 'clap'" stroke-linecap="round" stroke-linejoin="round">
      <path
        d="M5 13 12.5 5.5a1.7 1.7 0 0 1 2.4 2.4L11 12m1-1 5-5a1.7 1.7 0 0 1 2.4 2.4l-7 7a5 5 0 0 1-7.4-.4L3.5 13"
      />
      <path d="M8 2v2M3.5 4.5 5 6M2 9h2" />
    </g>
    <path
      v-else-if="what === 'heart'"
      stroke-linejoin="round"
      d="M12 20.5 4.2 12.6A4.9 4.9 0 0 1 11 5.6l1 1 1-1a4.9 4.9 0 0 1 6.8 7z"
    />
    <g v-else stroke-linecap="round">
      <circle cx="12" cy="12" r="9.2" />
      <template v-if="what === 'laugh'">
        <path d="M7 13.5a5 5 0 0 0 10 0zM7.3 9.8q1-1.8 2.2 0M14.5 9.8q1-1.8 2.2 0" />
      </template>
      <template v-else>
        <ellipse cx="12" cy="15.8" rx="2" ry="2.6" />
        <path d="M8.6 10v.6M15.4 10v.6M7 6.8q1.4-1.2 2.8-.4M17 6.8q-1.4-1.2-2.8-.4" />
      </template>
    </g>
  </svg>
</template>
