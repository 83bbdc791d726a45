<script setup lang="ts">
import type { ClimbView } from '@distaff/core/formats';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import DialogFrame from '../../design/DialogFrame.vue';
import { letterOf } from '../../design/letters.ts';
import { useServerNow } from '../../live/useServerNow.ts';
import NumberField from '../../studio/question/NumberField.vue';
import type { DeskPart } from '../parts.ts';
import { assistIcons, type AssistName } from './assistIcons.ts';

/** At the desk, while a rung is played: the help that is left; and, while others are asked, what has come. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ act: [act: object]; ask: [command: object] }>();
const { t } = useI18n();
const now = useServerNow();
const round = computed(() => view.round as ClimbView);
const question = computed(() => view.question);
const advice = computed(() => question.value?.advice.find((one) => !one.over) ?? null);
const open = computed(() => question.value?.step === 'open' && !round.value.fastest);
const choosing = ref(false);
const sought = ref('');
const people = computed(() => {
  const each = view.devices.mode === 'each';
  const all = each
    ? view.private.seats.map(({ id, name, team }) => ({ id, name, team }))
    : view.teams.map(({ id, name }) => ({ id, name, team: id }));
  const word = sought.value.trim().toLocaleLowerCase();
  return all.filter(
    ({ team, name }) =>
      team !== '' && team !== round.value.on?.team && name.toLocaleLowerCase().includes(word),
  );
});
function use(assist: AssistName): void {
  if (assist === 'voice') choosing.value = true;
  else emit('act', { do: assist });
}
function askVoice(who: string): void {
  choosing.value = false;
  emit('act', { do: 'voice', who });
}
/** Hands that are counted in the room. */
const byHands = computed(() => view.private.next.code === 'countHands');
const hands = ref<number[]>([]);
watch(byHands, (on) => on && (hands.value = (question.value?.options ?? []).map(() => 0)), {
  immediate: true,
});
</script>

<template>
  <section v-if="open && round.on" class="help">
    <template v-if="advice">
      <p>
        <b>{{
          advice.of === 'voice'
            ? t('common.advice.thinking', { name: advice.from })
            : t('formats.climb.heard', { n: advice.said, of: advice.among })
        }}</b>
      </p>
      <ClockThread v-if="advice.clock" :clock="advice.clock" :limit="advice.limit" :now="now" />
      <form
        v-if="byHands"
        class="hands"
        @submit.prevent="emit('ask', { type: 'countAdvice', counts: hands })"
      >
        <p>{{ t('formats.climb.counts') }}</p>
        <div class="row">
          <NumberField
            v-for="(_, slot) in hands"
            :key="slot"
            v-model="hands[slot]!"
            :min="0"
            :max="9999"
            :label="letterOf(slot)"
          />
        </div>
        <v-btn type="submit" color="primary" :disabled="hands.every((n) => n === 0)">{{
          t('formats.climb.showCounts')
        }}</v-btn>
      </form>
    </template>
    <div v-else class="row" role="group" :aria-label="t('formats.climb.help')">
      <v-btn
        v-for="one in round.assists"
        :key="one.assist"
        variant="outlined"
        :prepend-icon="assistIcons[one.assist]"
        :disabled="one.left <= 0"
        @click="use(one.assist)"
        >{{ t(`formats.climb.assist.${one.assist}`) }}</v-btn
      >
    </div>
    <DialogFrame v-model="choosing" :title="t('formats.climb.whom')" :width="420">
      <v-text-field v-model="sought" type="search" :label="t('formats.climb.find')" />
      <div class="people">
        <v-btn v-for="one in people" :key="one.id" variant="outlined" block @click="askVoice(one.id)">{{
          one.name
        }}</v-btn>
      </div>
    </DialogFrame>
  </section>
</template>

<style scoped>
.help {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 12px 14px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.hands {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.people {
  max-height: 46vh;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
p {
  margin: 0;
}
</style>
