<script setup lang="ts">
import { MOST_GROUPS_OF_WORDS, type Slip, type WordsOutcome } from '@distaff/core/question';
import { computed, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import SurveySlip from './SurveySlip.vue';

/**
 * Answers in own words, put into groups: by dragging, by a click and a number, or by a click on the group. A group
 * is there as long as something is in it.
 */
const { outcome, writers, onStage } = defineProps<{
  outcome: WordsOutcome;
  /** Somebody who wrote each slip. */
  writers: Record<string, string>;
  onStage: string | null;
}>();
const emit = defineEmits<{ group: [words: string[], into: string | null]; show: [who: string | null] }>();
const { t } = useI18n();
const marked = ref<string[]>([]);
const name = ref('');
/** What is in no group comes first; the others have their numbers. */
const boxes = computed(() => [{ name: null, count: 0, slips: outcome.loose }, ...outcome.groups]);
const chosen = computed(() =>
  marked.value.filter((key) => boxes.value.some(({ slips }) => slips.some((one) => one.key === key))),
);
const full = computed(() => outcome.groups.length >= MOST_GROUPS_OF_WORDS);

function mark(key: string): void {
  marked.value = marked.value.includes(key)
    ? marked.value.filter((one) => one !== key)
    : [...marked.value, key];
}
function put(into: string | null, words = chosen.value): void {
  if (words.length === 0) return;
  emit('group', words, into);
  marked.value = [];
}
function make(): void {
  const own = name.value.trim();
  if (own === '' || chosen.value.length === 0) return;
  put(own);
  name.value = '';
}
function byKey(event: KeyboardEvent): void {
  // A number may be part of a name that is typed.
  if (event.target instanceof HTMLInputElement) return;
  const group = outcome.groups[Number(event.key) - 1];
  if (!group || chosen.value.length === 0) return;
  event.preventDefault();
  event.stopPropagation();
  put(group.name);
}
/** What was dropped here is what was not here before. */
function dropped(list: Slip[], box: { name: string | null; slips: readonly Slip[] }): void {
  const fresh = list.filter((one) => !box.slips.some((other) => other.key === one.key));
  put(
    box.name,
    fresh.map((one) => one.key),
  );
}
const shown = (key: string) => {
  const writer = writers[key];
  return writer === undefined ? null : writer === onStage;
};
</script>

<template>
  <section class="words" @keydown="byKey">
    <p v-if="outcome.of > 0" class="muted hint">{{ t('formats.survey.slipsHint') }}</p>
    <div class="boxes">
      <div v-for="(box, i) in boxes" :key="box.name ?? ''" class="box">
        <h4>
          <template v-if="box.name === null">{{ t('formats.survey.slips') }}</template>
          <template v-else>
            <button
              type="button"
              class="into"
              :disabled="chosen.length === 0"
              :title="t('formats.survey.into', { name: box.name })"
              @click="put(box.name)"
            >
              <span class="mono">{{ i }}</span> <span class="clip" dir="auto">{{ box.name }}</span>
            </button>
            <b class="mono">{{ box.count }}</b>
          </template>
        </h4>
        <VueDraggable
          :model-value="box.slips"
          class="slips"
          group="slips"
          :sort="false"
          @update:model-value="dropped($event, box)"
        >
          <SurveySlip
            v-for="slip in box.slips"
            :key="slip.key"
            :slip="slip"
            :marked="chosen.includes(slip.key)"
            :shown="shown(slip.key)"
            :grouped="box.name !== null"
            @mark="mark(slip.key)"
            @show="emit('show', shown(slip.key) ? null : writers[slip.key]!)"
            @out="put(null, [slip.key])"
          />
        </VueDraggable>
        <p v-if="box.name === null && box.slips.length === 0 && outcome.of > 0" class="muted">
          {{ t('formats.survey.allGrouped') }}
        </p>
      </div>
    </div>
    <form v-if="!full && outcome.of > 0" class="row" @submit.prevent="make">
      <v-text-field
        v-model="name"
        :label="t('formats.survey.newGroup')"
        maxlength="40"
        hide-details
        autocomplete="off"
      />
      <v-btn type="submit" variant="outlined" :disabled="name.trim() === '' || chosen.length === 0">{{
        t('formats.survey.makeGroup')
      }}</v-btn>
    </form>
  </section>
</template>

<style scoped>
.words {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.row {
  align-items: center;
}
.boxes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 10px;
}
.box {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
h4 {
  margin: 0;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
}
.into {
  min-width: 0;
  min-height: 32px;
  display: flex;
  gap: 8px;
  font: inherit;
  font-weight: 700;
  cursor: pointer;
}
.into:disabled {
  cursor: default;
}
.slips {
  min-height: 40px;
  max-height: 34dvh;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.hint,
p {
  margin: 0;
}
</style>
