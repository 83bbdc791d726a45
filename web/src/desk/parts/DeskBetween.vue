<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import CoverChoice from '../../design/CoverChoice.vue';
import RichText from '../../design/rich/RichText.vue';
import { useRules } from '../../design/useRules.ts';
import DeskKey from '../../screens/desk/DeskKey.vue';
import { useDesk } from '../useDesk.ts';

/** The middle of the desk between two questions of a round that is no board. */
const { t } = useI18n();
const { told } = useRules();
const desk = useDesk();
const round = computed(() => desk.view.round!);
const name = (team: string | null) => desk.view.teams.find((one) => one.id === team)?.name ?? '';
const title = computed(() => {
  const one = round.value;
  if (one.format === 'interlude') return desk.view.roundTitle || t(`common.interludes.${one.what}`);
  if (one.format === 'counterweight')
    return one.choosing
      ? t('stage.mayLift', { team: name(one.choosing) })
      : t('common.teamNext', { team: name(desk.view.turn) });
  if (one.format === 'board') return '';
  return one.played < one.of
    ? t('stage.questionNext', { n: one.played + 1, of: one.of })
    : t('stage.allPlayed');
});
const coming = computed(() => desk.view.private.coming);
const rules = computed(() =>
  desk.view.rules && round.value.format !== 'interlude' ? told(desk.view.rules) : [],
);
</script>

<template>
  <section class="between">
    <h2>{{ title }}</h2>
    <RichText v-if="round.format === 'interlude' && round.text" :text="round.text" />
    <CoverChoice
      v-if="round.format === 'counterweight'"
      :round="round"
      :teams="desk.view.teams"
      @lift="desk.ask({ type: 'act', act: $event })"
    />
    <section v-if="coming" class="coming">
      <h3>{{ t('desk.coming') }}</h3>
      <RichText class="prompt" :text="coming.prompt" />
      <DeskKey :question="coming" />
    </section>
    <ul v-if="rules.length">
      <li v-for="rule in rules" :key="rule">{{ rule }}</li>
    </ul>
    <template v-if="round.format === 'knockout'">
      <h3>{{ t('desk.lives') }}</h3>
      <ul class="lives">
        <li v-for="team in desk.view.teams" :key="team.id">
          {{ team.name }} <b class="mono">{{ round.left[team.id] ?? round.lives }}</b>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.between {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
ul {
  margin: 0;
  padding-left: 1.2em;
  color: var(--stone);
}
.coming {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px 16px;
  border: 1px dashed var(--line);
  border-radius: 6px;
}
.prompt {
  font-size: 20px;
  font-weight: 700;
}
.lives {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
}
</style>
