<script setup lang="ts">
import { countingAttempts } from '@distaff/core/practice';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import MarkRuleForm from '../../marks/MarkRuleForm.vue';
import MarkTable from '../../marks/MarkTable.vue';
import OwnSheet from '../../marks/OwnSheet.vue';
import { useGroups } from './groups.ts';
import { useTermMarks } from './termMarks.ts';

/** Marks over several games: the rule, which games count, every mark beside what each game brought. */
const { t } = useI18n();
const { day } = useFormat();
const groups = useGroups();
const term = useTermMarks();
watch(
  () => groups.page!.name,
  (name) => void term.load(name),
  { immediate: true },
);
const games = computed(() => groups.page!.term.games.filter(({ by }) => by === 'people'));
const counting = computed(() => games.value.filter(({ sitting }) => !term.rule.without.includes(sitting)));
const choices = computed(() =>
  games.value.map(({ sitting, title, at }) => ({
    value: sitting,
    title: t('groups.comparing.game', { title, when: day(new Date(at).toISOString()) }),
  })),
);
const chosen = computed({
  get: () => counting.value.map(({ sitting }) => sitting),
  set: (ids: string[]) =>
    term.change({ without: games.value.map(({ sitting }) => sitting).filter((id) => !ids.includes(id)) }),
});
</script>

<template>
  <div>
    <p v-if="term.problem" role="alert">{{ term.problem }}</p>
    <p v-else-if="games.length === 0" class="muted">{{ t('groups.nobody') }}</p>
    <p v-else-if="!term.marks" role="status">{{ t('common.loading') }}</p>
    <div v-if="term.marks && games.length" class="columns">
      <MarkRuleForm :rule="term.rule.rule" :group="groups.page!.name" @change="term.changeRule">
        <v-select
          :model-value="term.rule.several"
          hide-details
          :label="t('groups.several')"
          :items="countingAttempts.map((value) => ({ value, title: t(`groups.severalOf.${value}`) }))"
          @update:model-value="term.change({ several: $event })"
        />
        <v-select v-model="chosen" multiple hide-details :label="t('groups.whichGames')" :items="choices">
          <template #selection="{ index }">
            <span v-if="index === 0">{{ t('groups.of', { n: chosen.length, of: games.length }) }}</span>
          </template>
        </v-select>
      </MarkRuleForm>
      <div class="stack">
        <MarkTable
          :marks="term.marks"
          :rule="term.rule.rule"
          :title="groups.page!.name"
          :column="{ id: `group-${groups.page!.name}`, played: counting.at(-1)?.at ?? 0 }"
          :games="counting.map(({ title }) => title)"
        />
        <OwnSheet :marks="term.marks" :rule="term.rule.rule" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 360px) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.stack {
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-width: 0;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
