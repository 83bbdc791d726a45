<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';

/** A step between two ends. Above seven steps there are two rows. */
const {
  steps,
  from,
  low,
  high,
  disabled,
  given = null,
} = defineProps<{
  steps: number;
  from: number;
  low: string;
  high: string;
  disabled: boolean;
  /** The step that was sent before, while it may still be changed. */
  given?: number | null;
}>();
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const picked = ref(given);
const IN_A_ROW = 7;
const columns = computed(() => (steps > IN_A_ROW ? Math.ceil(steps / 2) : steps));
const buttons: (HTMLElement | null)[] = [];
const nameOf = (i: number) => {
  const end = i === 0 ? low : i === steps - 1 ? high : '';
  return end ? `${i + from}, ${end}` : String(i + from);
};
function walk(event: KeyboardEvent, at: number): void {
  const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
  if (by === undefined) return;
  event.preventDefault();
  const to = Math.min(steps - 1, Math.max(0, at + by));
  pick(to);
  buttons[to]?.focus();
}
const pick = (step: number) => !disabled && (picked.value = step);
watch(
  picked,
  (step) => {
    wire.value = step === null ? null : { step };
    word.value = step === null ? t('handset.choose') : t('handset.sendOption', { letter: step + from });
  },
  { immediate: true },
);
</script>

<template>
  <div>
    <div class="steps" role="radiogroup" :aria-label="t('handset.choose')" :style="{ '--columns': columns }">
      <button
        v-for="(_, i) in steps"
        :ref="(element) => (buttons[i] = element as HTMLElement | null)"
        :key="i"
        type="button"
        role="radio"
        class="bar step"
        :aria-checked="picked === i"
        :aria-label="nameOf(i)"
        :aria-disabled="disabled"
        :tabindex="i === (picked ?? 0) ? undefined : -1"
        @click="pick(i)"
        @keydown="walk($event, i)"
      >
        {{ i + from }}
      </button>
    </div>
    <p v-if="low || high" class="ends" aria-hidden="true">
      <span>{{ from }} {{ low }}</span> <span>{{ steps - 1 + from }} {{ high }}</span>
    </p>
  </div>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: 0.3em;
}
.step {
  justify-content: center;
  min-height: 4.2em;
  padding: 0;
  font-size: 1.05em;
  font-weight: 700;
}
.ends {
  display: flex;
  justify-content: space-between;
  gap: 1em;
  margin: 0.5em 0 0;
  overflow-wrap: break-word;
}
.ends span {
  max-width: 60%;
}
.ends span:last-child {
  text-align: end;
}
</style>
