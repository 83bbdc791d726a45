<script setup lang="ts">
import { blankSelection, MOST_SELECTED } from '@distaff/core/library';
import { difficulties, kindNames } from '@distaff/core/question';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { TakenQuestions } from '../../api/server.ts';
import { useEditor } from '../editor.ts';
import NumberField from '../question/NumberField.vue';
import { useBank } from '../questions/bank.ts';
import LibraryFields from './LibraryFields.vue';
import { isBehind } from './isBehind.ts';

/** Whether the questions of a round are chosen one by one, or taken from the library by a rule; and what it got. */
const { t } = useI18n();
const editor = useEditor();
const bank = useBank();
onMounted(() => void bank.loadSets());
const content = computed(() => editor.list!.content);
const rule = computed(() => content.value.rule ?? null);
const got = ref<Omit<TakenQuestions, 'questions'> | null>(null);
const taking = ref(false);
const problem = ref('');

function choose(ruled: boolean): void {
  got.value = null;
  if (ruled) content.value.rule ??= blankSelection();
  else content.value.rule = null;
}
async function take(): Promise<void> {
  if (taking.value) return;
  taking.value = true;
  problem.value = '';
  try {
    got.value = await editor.takeByRule();
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    taking.value = false;
  }
}
</script>

<template>
  <section class="rule">
    <v-radio-group
      :model-value="rule !== null"
      inline
      :label="t('building.take')"
      @update:model-value="choose($event === true)"
    >
      <v-radio :value="false" :label="t('building.chosen')" />
      <v-radio :value="true" :label="t('building.ruled')" />
    </v-radio-group>
    <template v-if="rule">
      <div class="fields">
        <NumberField v-model="rule.count" :min="1" :max="MOST_SELECTED" :label="t('building.count')" />
        <v-select
          v-model="rule.difficulty"
          clearable
          :label="t('building.difficulty')"
          :placeholder="t('building.anyDifficulty')"
          persistent-placeholder
          :items="difficulties.map((value) => ({ value, title: t(`form.difficulties.${value}`) }))"
          @click:clear="rule.difficulty = null"
        />
        <v-select
          v-model="rule.kinds"
          multiple
          :label="t('building.kinds')"
          :placeholder="t('building.anyKind')"
          persistent-placeholder
          :items="kindNames.map((value) => ({ value, title: t(`common.kinds.${value}`) }))"
        />
        <LibraryFields v-model="rule" />
      </div>
      <v-switch v-model="rule.shuffle" :label="t('building.chance')" />
      <v-switch v-model="rule.anew" :label="t('building.anew')" />
      <div class="row">
        <v-btn color="primary" size="small" :loading="taking" @click="take">{{
          t(content.items.length ? 'building.takeAgain' : 'building.takeNow')
        }}</v-btn>
        <span v-if="content.items.length && !got" class="muted">{{ t('building.goneNow') }}</span>
      </div>
      <p v-if="isBehind(content)" role="status" class="few">
        {{
          t('building.behind', content.items.length, {
            named: { n: content.items.length, count: rule.count },
          })
        }}
      </p>
      <p v-if="problem" role="alert" class="few">{{ problem }}</p>
      <p v-if="got" role="status" :class="{ few: content.items.length < rule.count }">
        {{
          t(content.items.length < rule.count ? 'building.gotFew' : 'building.got', {
            got: content.items.length,
            count: rule.count,
            fitting: got.fitting,
          })
        }}
        <template v-if="got.unfinished || got.repeated">{{
          t('building.passedOver', { unfinished: got.unfinished, repeated: got.repeated })
        }}</template>
      </p>
    </template>
  </section>
</template>

<style scoped>
.rule {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-items: start;
  gap: 12px;
}
p {
  margin: 0;
}
.few {
  padding-left: 10px;
  border-left: 4px solid var(--weld);
}
</style>
