<script setup lang="ts">
import { FACES } from '@distaff/core/formats';
import { useSessionStorage } from '@vueuse/core';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import DieFace from './DieFace.vue';

/** The die as a button; who rolled a real one enters its number. */
const { last } = defineProps<{ last: number | null }>();
const emit = defineEmits<{ roll: [act: { do: 'roll'; face?: number }] }>();
const { t } = useI18n();
/** Whoever has a real die on the table has it for the whole round. */
const real = useSessionStorage('distaff-real-die', false);
/** Two taps are one roll: the second would else be that of whoever is next. */
const rolled = ref(false);
function roll(face?: number): void {
  if (rolled.value) return;
  rolled.value = true;
  setTimeout(() => (rolled.value = false), 1500);
  emit('roll', face === undefined ? { do: 'roll' } : { do: 'roll', face });
}
</script>

<template>
  <div class="die">
    <div v-if="real" class="faces" role="group" :aria-label="t('formats.trail.realDie')">
      <button v-for="face in FACES" :key="face" type="button" :aria-label="String(face)" @click="roll(face)">
        <svg viewBox="0 0 10 10" aria-hidden="true"><DieFace :size="10" :face="face" /></svg>
      </button>
    </div>
    <button v-else type="button" class="one" @click="roll()">
      <svg viewBox="0 0 10 10" aria-hidden="true"><DieFace :size="10" :face="last" /></svg>
      <span>{{ t('formats.trail.roll') }}</span>
    </button>
    <v-btn variant="outlined" @click="real = !real">{{
      t(real ? 'formats.trail.rollHere' : 'formats.trail.realDie')
    }}</v-btn>
  </div>
</template>

<style scoped>
.die {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 16px;
}
.one {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 10px;
  font-family: var(--display);
  font-weight: 700;
  font-size: 24px;
  cursor: pointer;
}
.one svg {
  width: var(--die, 180px);
  height: var(--die, 180px);
}
.faces {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
}
.faces button {
  cursor: pointer;
}
.faces svg {
  width: 76px;
  height: 76px;
}
</style>
