<script setup lang="ts">
import type { ClimbView } from '@distaff/core/formats';
import type { PublicView, SeatView } from '@distaff/core/sitting';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { assistIcons, type AssistName } from './assistIcons.ts';

/** On the handset of whoever climbs, while the question is open: help that is left, asked for in two taps. */
const { view, seat } = defineProps<{ view: PublicView; seat: SeatView }>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const round = computed(() => view.round as ClimbView);
const mine = computed(() => round.value.on?.team === seat.team && view.question?.step === 'open');
const waits = computed(() => view.question?.advice.some((one) => !one.over) ?? false);
const wanted = ref<AssistName | null>(null);
const sought = ref('');
const others = computed(() => {
  const word = sought.value.trim().toLocaleLowerCase();
  return view.teams.filter(({ id, name }) => id !== seat.team && name.toLocaleLowerCase().includes(word));
});
function use(act: object): void {
  wanted.value = null;
  emit('act', act);
}
</script>

<template>
  <div v-if="mine && !waits" class="help">
    <ul v-if="wanted === null">
      <li v-for="one in round.assists" :key="one.assist">
        <button type="button" :disabled="one.left <= 0" @click="wanted = one.assist">
          <v-icon :icon="assistIcons[one.assist]" size="20" />
          {{ t(`formats.climb.assist.${one.assist}`) }}
        </button>
      </li>
    </ul>
    <div v-else class="sheet">
      <p>{{ t(`formats.climb.what.${wanted}`) }}</p>
      <template v-if="wanted === 'voice'">
        <v-text-field
          v-if="view.teams.length > 6"
          v-model="sought"
          type="search"
          :label="t('formats.climb.find')"
        />
        <p v-else>{{ t(others.length ? 'formats.climb.whom' : 'formats.climb.nobodyElse') }}</p>
        <v-btn
          v-for="one in others"
          :key="one.id"
          variant="outlined"
          block
          @click="use({ do: 'voice', who: one.id })"
          >{{ one.name }}</v-btn
        >
      </template>
      <v-btn v-else color="primary" block @click="use({ do: wanted })">{{ t('formats.climb.use') }}</v-btn>
      <v-btn variant="text" block @click="wanted = null">{{ t('formats.climb.keep') }}</v-btn>
    </div>
  </div>
  <p v-else-if="mine && waits" class="waits">{{ t('formats.climb.othersAsked') }}</p>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: 8px;
}
li {
  flex: 1;
}
button:not(.v-btn) {
  width: 100%;
  min-height: 64px;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 2px;
  background: var(--flax, #ede6d4);
  color: #14211d;
  font: 700 15px var(--text);
  cursor: pointer;
}
button:not(.v-btn):disabled {
  background: none;
  color: var(--dim);
  border: 2px dashed var(--edge);
  font-weight: 400;
  text-decoration: line-through;
  cursor: default;
}
.sheet {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px;
  background: var(--panel);
  max-height: 46dvh;
  overflow-y: auto;
}
.sheet > * {
  flex: none;
}
p {
  margin: 0;
}
.waits {
  color: var(--accent);
  font-weight: 700;
}
</style>
