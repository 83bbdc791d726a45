<script setup lang="ts">
import type { Control } from '@distaff/core/question';
import type { DeskResponse } from '@distaff/core/sitting';
import { mdiMagnify } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDesk } from '../useDesk.ts';
import DeskAnswer from './DeskAnswer.vue';

/** Answers as they came in, in their order. Many are searched, and drawn as far as seen. */
const { responses, canRule } = defineProps<{
  responses: readonly DeskResponse[];
  control: Control['type'] | null;
  /** The question meant; null for the one in play. */
  play: number | null;
  canRule: (response: DeskResponse) => boolean;
  keyed: boolean;
  /** The response that is on the stage by itself; undefined where none can be put there. */
  onStage?: string | null | undefined;
}>();
const { t } = useI18n();
const desk = useDesk();
/** From so many on they are a list of its own to scroll. */
const MANY = 40;
const LINE = 72;
const many = computed(() => responses.length > MANY);
const sought = ref('');
const verdict = ref<'all' | 'none' | 'right' | 'part' | 'wrong'>('all');
const names = computed(() => new Map(desk.view.teams.map((team) => [team.id, team.name])));
const found = computed(() => {
  const word = sought.value.trim().toLocaleLowerCase();
  return responses.filter(
    (one) =>
      (verdict.value === 'all' || (one.verdict ?? 'none') === verdict.value) &&
      `${one.player ?? ''}\n${names.value.get(one.team) ?? ''}\n${one.answer?.text ?? ''}`
        .toLocaleLowerCase()
        .includes(word),
  );
});
const verdicts = computed(() =>
  (['all', 'none', 'right', 'part', 'wrong'] as const).map((value) => {
    const n =
      value === 'all'
        ? responses.length
        : responses.filter((one) => (one.verdict ?? 'none') === value).length;
    return { value, title: `${t(`desk.filter.${value}`)} (${n})` };
  }),
);
/** One may have been asked the same twice, each time alone. */
const keyOf = ({ who, play: own }: DeskResponse) => `${who} ${own}`;
</script>

<template>
  <template v-if="many">
    <div class="row">
      <v-text-field
        v-model="sought"
        type="search"
        :label="t('desk.findAnswer')"
        :prepend-inner-icon="mdiMagnify"
        autocomplete="off"
        hide-details
      />
      <v-select v-model="verdict" class="verdict" :label="t('desk.ruling')" :items="verdicts" hide-details />
    </div>
    <v-virtual-scroll class="list" :items="found" :item-height="LINE" item-key="who">
      <template #default="{ item }">
        <DeskAnswer
          class="line"
          :response="item"
          :control="control"
          :play="play"
          :keyed="keyed"
          :on-stage="onStage"
          :can-rule="canRule(item)"
        />
      </template>
    </v-virtual-scroll>
  </template>
  <ul v-else class="answers">
    <li v-for="response in responses" :key="keyOf(response)">
      <DeskAnswer
        :response="response"
        :control="control"
        :play="play"
        :keyed="keyed"
        :on-stage="onStage"
        :can-rule="canRule(response)"
      />
    </li>
  </ul>
</template>

<style scoped>
.answers {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.verdict {
  flex: none;
  width: 190px;
}
.list {
  height: 46dvh;
}
.line {
  margin-bottom: 6px;
}
</style>
