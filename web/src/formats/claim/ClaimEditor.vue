<script setup lang="ts">
import { LARGEST_GRID, misses, MOST_GROUPS, SMALLEST_GRID, squareLabels } from '@distaff/core/formats';
import type { RoundOf } from '@distaff/core/show';
import { oneLine, plainText } from '@distaff/core/text';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../../studio/editor.ts';
import NumberField from '../../studio/question/NumberField.vue';
import ListEditor from '../list/ListEditor.vue';

/** How large it is, who takes which square, and what stands on each. */
const place = defineModel<string | null>('place', { required: true });
const { t } = useI18n();
const editor = useEditor();
const content = computed(() => (editor.list as RoundOf<'claim'>).content);
const squares = computed(() =>
  Array.from(
    { length: content.value.rows * content.value.columns },
    (_, i) => content.value.items[i]?.id ?? null,
  ),
);
const reserve = computed(() => Math.max(0, content.value.items.length - squares.value.length));
function setTopic(id: string, words: string): void {
  const topic = oneLine(words);
  if (topic.trim()) content.value.topics[id] = topic;
  else delete content.value.topics[id];
}
const firstWords = (id: string) => plainText(editor.show!.questions[id]?.prompt ?? '').slice(0, 40);
</script>

<template>
  <ListEditor v-model:place="place">
    <template #settings>
      <NumberField
        v-model="content.rows"
        :min="SMALLEST_GRID"
        :max="LARGEST_GRID"
        :label="t('editors.claim.rows')"
      />
      <NumberField
        v-model="content.columns"
        :min="SMALLEST_GRID"
        :max="LARGEST_GRID"
        :label="t('editors.claim.columns')"
      />
      <NumberField
        v-model="content.inARow"
        :min="SMALLEST_GRID"
        :max="LARGEST_GRID"
        :label="t('editors.claim.inARow')"
      />
      <NumberField v-model="content.groups" :min="2" :max="MOST_GROUPS" :label="t('editors.claim.groups')" />
    </template>
    <template #more>
      <v-radio-group v-model="content.open" :label="t('editors.claim.who')">
        <v-radio :value="false" :label="t('editors.claim.inTurn')" />
        <v-radio :value="true" :label="t('editors.claim.allAtOnce')" />
      </v-radio-group>
      <v-radio-group v-model="content.miss" :label="t('editors.claim.miss')">
        <v-radio v-for="one in misses" :key="one" :value="one" :label="t(`editors.claim.misses.${one}`)" />
      </v-radio-group>
      <v-radio-group v-model="content.shows" :label="t('editors.claim.shows')">
        <v-radio
          v-for="one in squareLabels"
          :key="one"
          :value="one"
          :label="t(`editors.claim.labels.${one}`)"
        />
      </v-radio-group>
      <details v-if="content.items.length" open>
        <summary>
          {{ t('editors.claim.board') }}
          <span v-if="reserve" class="muted">{{
            t('editors.claim.reserve', reserve, { named: { n: reserve } })
          }}</span>
        </summary>
        <ol class="grid" :style="{ '--columns': content.columns }">
          <li v-for="(id, i) in squares" :key="i" :class="{ on: id !== null && id === place }">
            <template v-if="id">
              <button
                type="button"
                :aria-label="t('editors.claim.openSquare', { n: i + 1 })"
                @click="place = id"
              >
                {{ i + 1 }}
              </button>
              <textarea
                v-if="content.shows === 'topic'"
                :value="content.topics[id] ?? ''"
                rows="2"
                maxlength="40"
                dir="auto"
                :placeholder="t('editors.claim.topic')"
                :aria-label="t('editors.claim.topicOf', { n: i + 1 })"
                @input="setTopic(id, ($event.target as HTMLTextAreaElement).value)"
                @keydown.enter.prevent
              />
              <span v-else-if="content.shows === 'question'" class="words" dir="auto">{{
                firstWords(id)
              }}</span>
            </template>
            <span v-else class="muted">{{ i + 1 }}</span>
          </li>
        </ol>
        <p v-if="content.shuffle" class="muted">{{ t('editors.claim.shuffled') }}</p>
      </details>
    </template>
  </ListEditor>
</template>

<style scoped>
summary {
  padding: 8px 0;
  font-weight: 700;
  cursor: pointer;
}
summary .muted {
  font-weight: 400;
}
.grid {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(64px, 1fr));
  gap: 4px;
  overflow-x: auto;
}
li {
  min-height: 64px;
  padding: 4px;
  border: 1px solid var(--line);
  background: var(--paper);
  display: flex;
  flex-direction: column;
}
.on {
  box-shadow: inset 0 4px var(--moss);
}
li button {
  min-height: 24px;
  text-align: start;
  font-weight: 700;
  cursor: pointer;
}
textarea,
.words {
  flex: 1;
  width: 100%;
  resize: none;
  font-size: 14px;
  line-height: 1.2;
  overflow: hidden;
  overflow-wrap: anywhere;
}
p {
  margin: 8px 0 0;
}
</style>
