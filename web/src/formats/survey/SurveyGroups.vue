<script setup lang="ts">
import { MOST_GROUPS_OF_WORDS, type Slip, type WordsOutcome } from '@distaff/core/question';
import { mdiClose, mdiPresentation } from '@mdi/js';
import { computed, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';

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
const slips = computed(() => [...outcome.loose, ...outcome.groups.flatMap((one) => one.slips)]);
const chosen = computed(() => marked.value.filter((key) => slips.value.some((one) => one.key === key)));
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
  const group = outcome.groups[Number(event.key) - 1];
  if (!group || chosen.value.length === 0) return;
  event.preventDefault();
  event.stopPropagation();
  put(group.name);
}
/** What was dropped here is what was not here before. */
function dropped(list: Slip[], into: string | null, before: readonly Slip[]): void {
  const fresh = list.filter((one) => !before.some((other) => other.key === one.key));
  put(
    into,
    fresh.map((one) => one.key),
  );
}
const shown = (key: string) => onStage !== null && writers[key] === onStage;
</script>

<template>
  <section class="words" @keydown="byKey">
    <p v-if="outcome.of > 0" class="muted hint">{{ t('formats.survey.slipsHint') }}</p>
    <div class="boxes">
      <div class="box">
        <h4>{{ t('formats.survey.slips') }}</h4>
        <VueDraggable
          :model-value="outcome.loose"
          class="slips"
          group="slips"
          :sort="false"
          @update:model-value="dropped($event, null, outcome.loose)"
        >
          <div
            v-for="slip in outcome.loose"
            :key="slip.key"
            class="slip"
            :class="{ on: chosen.includes(slip.key) }"
          >
            <button
              type="button"
              class="text"
              :aria-pressed="chosen.includes(slip.key)"
              dir="auto"
              @click="mark(slip.key)"
            >
              {{ slip.text }}
            </button>
            <b v-if="slip.count > 1" class="mono">{{ slip.count }}</b>
            <v-btn
              v-if="writers[slip.key]"
              size="small"
              variant="text"
              :icon="mdiPresentation"
              :color="shown(slip.key) ? 'primary' : undefined"
              :aria-pressed="shown(slip.key)"
              :aria-label="
                shown(slip.key)
                  ? t('formats.survey.hideSlip')
                  : t('formats.survey.showSlip', { text: slip.text })
              "
              @click="emit('show', shown(slip.key) ? null : writers[slip.key]!)"
            />
          </div>
        </VueDraggable>
        <p v-if="outcome.loose.length === 0 && outcome.of > 0" class="muted">
          {{ t('formats.survey.allGrouped') }}
        </p>
      </div>
      <div v-for="(group, i) in outcome.groups" :key="group.name" class="box">
        <h4>
          <button
            type="button"
            class="into"
            :disabled="chosen.length === 0"
            :title="t('formats.survey.into', { name: group.name })"
            @click="put(group.name)"
          >
            <span class="mono">{{ i + 1 }}</span> <span class="clip" dir="auto">{{ group.name }}</span>
          </button>
          <b class="mono">{{ group.count }}</b>
        </h4>
        <VueDraggable
          :model-value="group.slips"
          class="slips"
          group="slips"
          :sort="false"
          @update:model-value="dropped($event, group.name, group.slips)"
        >
          <div
            v-for="slip in group.slips"
            :key="slip.key"
            class="slip"
            :class="{ on: chosen.includes(slip.key) }"
          >
            <button
              type="button"
              class="text"
              :aria-pressed="chosen.includes(slip.key)"
              dir="auto"
              @click="mark(slip.key)"
            >
              {{ slip.text }}
            </button>
            <b v-if="slip.count > 1" class="mono">{{ slip.count }}</b>
            <v-btn
              size="small"
              variant="text"
              :icon="mdiClose"
              :aria-label="t('formats.survey.outOf', { text: slip.text })"
              @click="put(null, [slip.key])"
            />
          </div>
        </VueDraggable>
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
.slip {
  display: flex;
  align-items: center;
  gap: 6px;
  padding-inline-start: 8px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--chalk);
}
.slip.on {
  border: 2px solid var(--moss);
  padding-inline-start: 7px;
}
.text {
  flex: 1;
  min-width: 0;
  min-height: 40px;
  text-align: start;
  font: inherit;
  overflow-wrap: anywhere;
  cursor: pointer;
}
.hint,
p {
  margin: 0;
}
</style>
