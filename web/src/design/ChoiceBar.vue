<script setup lang="ts" generic="T extends string | number">
import { onMounted, ref, watch } from 'vue';

/** One of a few things, side by side; the one that is chosen is told to everybody and is always in sight. */
const { items, size = 'small' } = defineProps<{
  items: readonly { value: T; title: string; icon?: string }[];
  label: string;
  size?: 'x-small' | 'small' | 'default';
}>();
const chosen = defineModel<T>({ required: true });
const root = ref<{ $el: HTMLElement } | null>(null);

/** With the next picture: asked at once, the browser would lay out a page that is still being made. */
const intoSight = () =>
  requestAnimationFrame(() => {
    const bar = root.value?.$el;
    const own = bar?.querySelector<HTMLElement>('[aria-pressed="true"]');
    // Only the bar itself is moved, not the page around it.
    if (bar && own) bar.scrollLeft = own.offsetLeft - (bar.clientWidth - own.offsetWidth) / 2;
  });
onMounted(intoSight);
watch(chosen, intoSight);
</script>

<template>
  <v-btn-toggle
    ref="root"
    v-model="chosen"
    class="choices"
    mandatory
    divided
    density="compact"
    variant="outlined"
    color="primary"
    role="group"
    :aria-label="label"
  >
    <v-btn
      v-for="one in items"
      :key="one.value"
      :value="one.value"
      :size="size"
      :aria-pressed="one.value === chosen"
      ><v-icon v-if="one.icon" :icon="one.icon" size="16" />{{ one.title }}</v-btn
    >
  </v-btn-toggle>
</template>

<style scoped>
.choices {
  flex: 0 1 auto;
  max-width: 100%;
  overflow-x: auto;
}
</style>
