<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import AnswerPad from '../../screens/answer/AnswerPad.vue';
import { useDesk } from '../useDesk.ts';

/** An answer that was said, shown or written on paper, entered for a team. */
const { t } = useI18n();
const desk = useDesk();
const team = ref<string | null>(null);
const sending = ref(false);
const question = computed(() => desk.view.question);
const choices = computed(() => {
  const may = desk.view.private.question?.mayEnter ?? [];
  return desk.view.teams.filter((one) => may.includes(one.id));
});
watch(
  () => desk.dialog === 'enter',
  (open) => {
    if (!open) return;
    team.value = choices.value.some((one) => one.id === desk.target) ? desk.target : null;
  },
);

async function enter(answer: object): Promise<void> {
  if (team.value === null) return;
  sending.value = true;
  const own = team.value;
  const done = await desk.ask({ type: 'answerFor', team: own, play: question.value!.play, answer });
  sending.value = false;
  if (!done) return;
  // The desk hears of it a moment later: the next team is one of the others.
  const next = choices.value.find((one) => one.id !== own);
  team.value = next?.id ?? null;
  if (!next) desk.dialog = null;
}
</script>

<template>
  <DialogFrame
    :model-value="desk.dialog === 'enter'"
    :title="t('desk.enter')"
    :width="520"
    @update:model-value="desk.dialog = null"
  >
    <template v-if="question"
      ><p v-if="!desk.mayEnter">{{ t('desk.enterNone') }}</p>
      <template v-else>
        <v-select
          v-model="team"
          class="team"
          :label="t('desk.enterFor')"
          :items="choices"
          item-title="name"
          item-value="id"
        />
        <AnswerPad
          v-if="team"
          :key="`${question.play} ${team}`"
          class="pad"
          :question="question"
          :sending="sending"
          @answer="enter"
        />
      </template>
    </template>
    <template #actions>
      <v-btn variant="text" @click="desk.dialog = null">{{ t('common.close') }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.team {
  flex: none;
}
/* The pad as the desk has it: light. */
.pad {
  --ground: var(--paper);
  --panel: var(--paper);
  --light: var(--ink);
  --dim: var(--stone);
  --accent: var(--moss);
  --edge: var(--line);
  --chosen: var(--chalk);
  --on-accent: #fff;
}
</style>
