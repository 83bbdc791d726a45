<script setup lang="ts">
import { explainRound, type RoundOf } from '@distaff/core/show';
import { formatOf, interludes } from '@distaff/core/formats';
import { computed, ref, watch } from 'vue';
import { server } from '../../api/server.ts';
import { useI18n } from 'vue-i18n';
import { useHowTo } from '../../design/useHowTo.ts';
import { useEditor } from '../../studio/editor.ts';
import NumberField from '../../studio/question/NumberField.vue';

/** Something between the rounds: a title, how to play, a break, the standings. */
const { t } = useI18n();
const editor = useEditor();
const round = computed(() => editor.round as RoundOf<'interlude'>);
const { sentences } = useHowTo();
/** Leagues to choose from, once one is wanted. */
const leagues = ref<{ id: string; title: string }[]>([]);
watch(
  () => round.value.content.what,
  async (what) => {
    if (what !== 'league' || leagues.value.length > 0) return;
    try {
      leagues.value = (await server.leagues()).leagues;
    } catch {
      // Without the server none can be chosen: the editor says already that it is away.
    }
  },
  { immediate: true },
);
/** What the stage tells of the round that follows, where nobody wrote how it is played. */
const explained = computed(() => {
  if (round.value.content.what !== 'howTo' || round.value.content.text.trim() !== '') return [];
  const next = editor
    .show!.rounds.slice(editor.index + 1)
    .find((one) => formatOf(one.format).asks && !one.off);
  return next ? sentences(explainRound(next)) : [];
});
const writeOut = () => (round.value.content.text = explained.value.map((one) => `- ${one}`).join('\n'));
</script>

<template>
  <section class="interlude" :aria-label="t('formats.interlude.name')">
    <v-select
      v-model="round.content.what"
      :label="t('editors.interlude.what')"
      :items="interludes.map((value) => ({ value, title: t(`formats.interlude.sort.${value}`) }))"
    />
    <v-select
      v-if="round.content.what === 'league'"
      v-model="round.content.league"
      persistent-hint
      :label="t('editors.interlude.league')"
      :hint="t('editors.interlude.leagueHint')"
      :no-data-text="t('editors.interlude.noLeagues')"
      :items="leagues.map(({ id, title }) => ({ value: id, title }))"
    />
    <v-text-field
      v-if="round.content.what !== 'standings' && round.content.what !== 'league'"
      v-model="round.title"
      :label="t('editors.interlude.title')"
      maxlength="80"
    />
    <v-textarea
      v-if="!['standings', 'league', 'credits'].includes(round.content.what)"
      v-model="round.content.text"
      :label="t('editors.interlude.text')"
      :hint="t(round.content.what === 'howTo' ? 'editors.interlude.explainHint' : 'form.promptHint')"
      persistent-hint
      rows="5"
      auto-grow
      maxlength="2000"
    />
    <section v-if="explained.length" class="explained">
      <p class="muted">{{ t('editors.interlude.explained') }}</p>
      <ul>
        <li v-for="one in explained" :key="one">{{ one }}</li>
      </ul>
      <v-btn size="small" variant="outlined" @click="writeOut">{{ t('editors.interlude.writeOut') }}</v-btn>
    </section>
    <NumberField
      v-if="round.content.what === 'break'"
      v-model="round.content.minutes"
      empty
      :min="1"
      :max="120"
      :label="t('editors.interlude.minutes')"
    />
  </section>
</template>

<style scoped>
.interlude {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.interlude > * {
  flex: none;
}
p {
  margin: 0;
}
.explained {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 8px;
}
.explained ul {
  margin: 0;
  padding-left: 1.2em;
}
</style>
