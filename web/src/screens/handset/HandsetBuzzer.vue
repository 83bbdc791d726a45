<script setup lang="ts">
import type { PublicQuestion, SeatView } from '@distaff/core/sitting';
import { mdiGestureTap } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** The buzzer: the whole lower half of the handset, so that nobody has to aim. */
const { question, seat, now } = defineProps<{ question: PublicQuestion; seat: SeatView; now: number }>();
const emit = defineEmits<{ buzz: [] }>();
const { t } = useI18n();
const lockedOut = computed(() => seat.lockedOutUntil !== null && now < seat.lockedOutUntil);
/** The finger's first touch counts, not its lifting; whoever presses by other means sends a click alone. */
let touchedAt = -Infinity;
const SAME_PRESS = 800;
function down({ button, isPrimary, timeStamp }: PointerEvent): void {
  if (button !== 0 || !isPrimary) return;
  touchedAt = timeStamp;
  emit('buzz');
}
function click({ timeStamp }: MouseEvent): void {
  if (timeStamp - touchedAt > SAME_PRESS) emit('buzz');
}
const word = computed(() => {
  if (seat.pressed) return t('handset.pressed');
  if (lockedOut.value) return t('handset.tooEarly');
  return t(question.step === 'open' ? 'handset.buzz' : 'handset.buzzSoon');
});
</script>

<template>
  <button
    type="button"
    class="buzzer"
    :class="{ live: question.step === 'open' && !seat.pressed && !lockedOut }"
    :disabled="seat.pressed || lockedOut"
    @pointerdown="down"
    @click="click"
  >
    <v-icon :icon="mdiGestureTap" size="40" />
    {{ word }}
  </button>
</template>

<style scoped>
.buzzer {
  flex: 1 0 40vh;
  margin-top: auto;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 8px;
  border: 3px solid var(--edge);
  border-radius: 20px;
  background: var(--panel);
  color: var(--dim);
  font: inherit;
  font-size: 26px;
  font-weight: 700;
  touch-action: none;
  user-select: none;
  cursor: pointer;
}
.live {
  border-color: var(--accent);
  color: var(--light);
}
.buzzer:active {
  background: color-mix(in srgb, var(--panel), var(--light) 8%);
}
.buzzer:disabled {
  border-style: dashed;
  cursor: default;
}
</style>
