<script setup lang="ts">
import { isPlain } from '@distaff/core/text';
import { computed, shallowRef, watchEffect } from 'vue';

/**
 * Small Markdown with formulas. The renderer is heavy and comes only where a text has marks; until
 * it is there the text stands as it was written.
 */
const { text, inline = false } = defineProps<{ text: string; inline?: boolean }>();
const renderer = shallowRef<((text: string, inline: boolean) => string) | null>(null);
const plain = computed(() => isPlain(text));
watchEffect(async () => {
  if (!plain.value && !renderer.value) renderer.value = (await import('./render.ts')).render;
});
const html = computed(() => (plain.value || !renderer.value ? null : renderer.value(text, inline)));
</script>

<template>
  <span v-if="html !== null && inline" class="rich" dir="auto" v-html="html" />
  <div v-else-if="html !== null" class="rich" dir="auto" v-html="html" />
  <component :is="inline ? 'span' : 'div'" v-else class="rich plain" dir="auto">{{ text }}</component>
</template>

<style>
/* Text written from right to left stands at the right, whatever it stands among. */
.rich {
  overflow-wrap: anywhere;
  text-align: start;
  unicode-bidi: isolate;
}
.rich .tied {
  white-space: nowrap;
}
span.rich {
  display: inline-block;
  max-width: 100%;
}
.rich p {
  unicode-bidi: plaintext;
}
/* A formula reads from left to right, whatever it stands among. */
.rich .katex {
  direction: ltr;
  unicode-bidi: isolate;
}
.rich.plain {
  white-space: pre-line;
}
.rich p,
.rich ul,
.rich ol {
  margin: 0;
}
.rich p + p,
.rich ul,
.rich ol {
  margin-top: 0.35em;
}
.rich ul,
.rich ol {
  padding-left: 1.2em;
}
.rich code {
  font-family: var(--mono);
  font-size: 0.95em;
}
</style>
