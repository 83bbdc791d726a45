<script setup lang="ts">
import { difficulties, MAX_TAGS, type Question } from '@distaff/core/question';
import { languageTag } from '@distaff/core/text';
import ISO6391 from 'iso-639-1';
import * as v from 'valibot';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import NumberField from './NumberField.vue';

/** What a question may carry beside prompt and key: feedback, notes, clock, weight, tags, dates, thanks. */
const question = defineModel<Question>({ required: true });
const { clockHint = '', tags = [] } = defineProps<{ clockHint?: string; tags?: readonly string[] }>();
const { t, locale } = useI18n();
const more = ref(false);

const names = computed(() => new Intl.DisplayNames([locale.value], { type: 'language' }));
const languages = computed(() =>
  ISO6391.getAllCodes()
    .map((value) => ({ value, title: `${names.value.of(value) ?? value} (${value})` }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
/** What stands in the field; a word that is no tag is never written into the question, which could not be saved. */
const language = ref(question.value.language);
watch(
  () => question.value.language,
  (now) => (language.value = now),
);
const isTag = (text: string) => v.safeParse(languageTag, text).success;
const languageWrong = computed(() => (isTag(language.value) ? '' : t('form.languageWrong')));
/** A tag is short and comes once, whatever its case. */
function setTags(list: string[]): void {
  const seen = new Map(
    list
      .map((tag) => tag.trim().slice(0, 40))
      .filter(Boolean)
      .map((tag) => [tag.toLowerCase(), tag] as const),
  );
  question.value.tags = [...seen.values()].slice(0, MAX_TAGS);
}
function setLanguage(value: string | { value: string } | null): void {
  const text = (typeof value === 'object' ? (value?.value ?? '') : value).trim();
  // The field hands on the name of what was chosen, too.
  language.value = languages.value.find(({ title }) => title === text)?.value ?? text;
  if (isTag(language.value)) question.value.language = language.value;
}
</script>

<template>
  <div class="details">
    <v-textarea
      v-model="question.explanation"
      :label="t('form.explanation')"
      :hint="t('form.explanationHint')"
      persistent-hint
      rows="1"
      auto-grow
      maxlength="1000"
    />
    <v-textarea
      v-model="question.notes"
      :label="t('form.notes')"
      :hint="t('form.notesHint')"
      persistent-hint
      rows="1"
      auto-grow
      maxlength="1000"
    />
    <div class="pair">
      <NumberField
        v-model="question.clock"
        empty
        :min="3"
        :max="600"
        :label="t('form.clock')"
        :hint="clockHint"
        :problem="t('form.clockWrong')"
      />
      <slot />
    </div>
    <details @toggle="more = ($event.target as HTMLDetailsElement).open">
      <summary>{{ t('form.moreDetails') }}</summary>
      <!-- Drawn when it is opened: a new question is there at once without it. -->
      <div v-if="more" class="more">
        <v-textarea
          v-model="question.hint"
          :label="t('form.hint')"
          :hint="t('form.hintHint')"
          persistent-hint
          rows="1"
          auto-grow
          maxlength="500"
        />
        <div class="pair">
          <v-text-field v-model="question.onRight" :label="t('form.onRight')" maxlength="200" />
          <v-text-field v-model="question.onWrong" :label="t('form.onWrong')" maxlength="200" />
        </div>
        <v-combobox
          :model-value="question.tags"
          :items="tags"
          multiple
          chips
          closable-chips
          :label="t('form.tags')"
          :hint="t('form.tagsHint')"
          persistent-hint
          :delimiters="[',', ';']"
          @update:model-value="setTags"
        >
          <template #chip="{ props, internalItem }"
            ><v-chip v-bind="props" :close-label="t('common.dropWord', { word: internalItem.title })"
          /></template>
        </v-combobox>
        <div class="pair">
          <v-select
            v-model="question.weight"
            :label="t('form.weight')"
            :items="[0, 1, 2].map((value) => ({ value, title: t(`form.weights.${value}`) }))"
          />
          <v-select
            v-model="question.difficulty"
            :label="t('form.difficulty')"
            :items="[
              { value: null, title: t('form.notSaid') },
              ...difficulties.map((value) => ({ value, title: t(`form.difficulties.${value}`) })),
            ]"
          />
          <v-text-field
            :model-value="question.trueAsOf ?? ''"
            type="date"
            :label="t('form.trueAsOf')"
            @update:model-value="question.trueAsOf = $event || null"
          />
          <v-text-field
            :model-value="question.checkAgainBy ?? ''"
            type="date"
            :label="t('form.checkAgainBy')"
            @update:model-value="question.checkAgainBy = $event || null"
          />
        </div>
        <v-combobox
          :model-value="language"
          :items="languages"
          :return-object="false"
          :label="t('form.language')"
          :error-messages="languageWrong"
          clearable
          @update:model-value="setLanguage"
        />
        <v-text-field
          v-model="question.credit"
          :label="t('form.credit')"
          :hint="t('form.creditHint')"
          persistent-hint
          maxlength="300"
        />
      </div>
    </details>
  </div>
</template>

<style scoped>
.details,
.more {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.more {
  padding-top: 14px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: start;
}
summary {
  min-height: 32px;
  font-weight: 700;
  cursor: pointer;
}
</style>
