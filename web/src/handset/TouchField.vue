<script setup lang="ts">
import { useId } from 'vue';

/**
 * A field as the first page of a phone has it: in bare HTML, so that joining does not wait for what
 * only playing needs.
 */
defineOptions({ inheritAttrs: false });
const { label, hint = '', problem = '' } = defineProps<{ label: string; hint?: string; problem?: string }>();
const text = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
  <div class="field" :class="{ wrong: problem }">
    <label :for="id">{{ label }}</label>
    <input
      :id="id"
      v-model="text"
      v-bind="$attrs"
      :aria-describedby="`${id}-told`"
      :aria-invalid="problem !== ''"
    />
    <p :id="`${id}-told`" :role="problem ? 'alert' : undefined">{{ problem || hint }}</p>
  </div>
</template>

<style scoped>
.field {
  flex: none;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
label {
  color: #b4c0ba;
}
input {
  min-height: 52px;
  padding: 0 14px;
  border: 2px solid #6b7f77;
  border-radius: 6px;
  font-size: 20px;
  color: #f2f5f1;
}
input:focus-visible {
  outline: none;
  border-color: #d9a400;
}
.wrong input {
  border-color: #ff8a8a;
}
p {
  min-height: 1.4em;
  margin: 0;
  font-size: 14px;
  color: #b4c0ba;
}
.wrong p {
  color: #ff8a8a;
}
</style>
