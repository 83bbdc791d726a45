<script setup lang="ts">
/** A dialog as all of ours are: its title, what it says, which scrolls, and at its foot what can be done. */
const open = defineModel<boolean>({ required: true });
const {
  title,
  width = 560,
  form = false,
} = defineProps<{
  title: string;
  /** The most it takes, in pixels. */
  width?: number;
  /** Whether Enter in a field does what the button of type submit does. */
  form?: boolean;
}>();
const emit = defineEmits<{ submit: [] }>();
</script>

<template>
  <v-dialog v-model="open" :aria-label="title" :max-width="width" scrollable>
    <v-card>
      <component :is="form ? 'form' : 'div'" class="frame" @submit.prevent="emit('submit')">
        <h2>{{ title }}</h2>
        <div class="body"><slot /></div>
        <div v-if="$slots.actions" class="row end"><slot name="actions" /></div>
      </component>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.frame {
  display: flex;
  flex-direction: column;
  min-height: 0;
  padding: 20px 16px;
}
h2 {
  padding: 0 4px 8px;
}
.body {
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-height: 0;
  overflow: auto;
  /* Room for the labels of fields above and the ring of focus. */
  padding: 6px 4px;
}
.body > :slotted(p) {
  margin: 0;
}
.body > :slotted(*) {
  flex: none;
}
.end {
  flex-wrap: wrap;
  justify-content: flex-end;
  padding: 12px 4px 0;
}
</style>
