<script setup lang="ts">
import { tieRules } from '@distaff/core/term';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type ShowSummary } from '../../api/server.ts';
import { copyText } from '../../design/copyText.ts';
import { useFormat } from '../../design/useFormat.ts';
import { numbersIn } from '../../marks/numberIn.ts';
import { useLeagues } from './leagues.ts';

/** How a league is counted, which games are in it, and its page for everybody. */
const { t } = useI18n();
const { day } = useFormat();
const leagues = useLeagues();
const league = computed(() => leagues.page!.league);
const rule = computed(() => league.value.rule);
const shows = ref<ShowSummary[]>([]);
/** So many shows can be chosen from. */
const MOST = 200;
onMounted(async () => {
  try {
    shows.value = (await server.shows(false, 0, MOST)).shows;
  } catch (error) {
    leagues.problem = (error as Error).message;
  }
});
const choices = <K extends string>(area: string, names: readonly K[]) =>
  names.map((value) => ({ value, title: t(`leagues.${area}.${value}`) }));
const games = computed(() =>
  leagues.page!.games.map(({ sitting, title, at }) => ({
    value: sitting,
    title: t('groups.comparing.game', { title, when: day(new Date(at).toISOString()) }),
  })),
);
/** A list of points as people write it: 10, 8, 6. */
const byPlace = computed({
  get: () => rule.value.byPlace.join(', '),
  set: (text: string) => leagues.changeRule({ byPlace: numbersIn(text, 1000, 50) }),
});
const number = (key: 'perHundred' | 'drop', most: number) =>
  computed({
    get: () => rule.value[key],
    set: (value: unknown) => {
      const n = Number(value);
      if (value === '' || !Number.isFinite(n) || n < 0 || n > most) return;
      leagues.changeRule({ [key]: key === 'drop' ? Math.round(n) : n });
    },
  });
const [perHundred, drop] = [number('perHundred', 1000), number('drop', 50)];
const title = computed({
  get: () => league.value.title,
  set: (text: string) => {
    if (text.trim() !== '') leagues.change({ title: text });
  },
});
const link = computed(() => `${location.origin}/league/${leagues.page!.publicKey}`);
const told = ref('');
async function copyLink(): Promise<void> {
  told.value = t((await copyText(link.value)) ? 'leagues.copied' : 'leagues.notCopied', { link: link.value });
}
</script>

<template>
  <div class="columns">
    <section class="card form">
      <v-text-field v-model="title" hide-details maxlength="80" :label="t('leagues.name')" />
      <v-select
        :model-value="rule.from"
        hide-details
        :label="t('leagues.from')"
        :items="choices('fromOf', ['place', 'score', 'both'])"
        @update:model-value="leagues.changeRule({ from: $event })"
      />
      <v-text-field
        v-if="rule.from !== 'score'"
        v-model.lazy="byPlace"
        persistent-hint
        :label="t('leagues.byPlace')"
        :hint="t('leagues.byPlaceHint')"
      />
      <v-text-field
        v-if="rule.from !== 'place'"
        v-model="perHundred"
        type="number"
        min="0"
        hide-details
        :label="t('leagues.perHundred')"
      />
      <v-text-field
        v-model="drop"
        type="number"
        min="0"
        max="50"
        persistent-hint
        :label="t('leagues.drop')"
        :hint="t('leagues.dropHint')"
      />
      <v-select
        :model-value="rule.ties"
        hide-details
        :label="t('leagues.ties')"
        :items="choices('tiesOf', tieRules)"
        @update:model-value="leagues.changeRule({ ties: $event })"
      />
      <p class="muted" role="status">{{ t(leagues.unsaved > 0 ? 'leagues.saving' : 'leagues.saved') }}</p>
    </section>
    <section class="card form">
      <v-autocomplete
        :model-value="league.games"
        multiple
        chips
        closable-chips
        hide-details
        :label="t('leagues.games')"
        :items="games"
        @update:model-value="leagues.change({ games: $event })"
      />
      <v-autocomplete
        :model-value="league.shows"
        multiple
        chips
        closable-chips
        hide-details
        :label="t('leagues.shows')"
        :items="shows.map(({ id, title: name }) => ({ value: id, title: name }))"
        @update:model-value="leagues.change({ shows: $event })"
      />
      <h2>{{ t('leagues.link') }}</h2>
      <p class="muted">{{ t('leagues.linkHow') }}</p>
      <v-switch
        :model-value="league.isNamed"
        hide-details
        :label="t('leagues.isNamed')"
        @update:model-value="leagues.change({ isNamed: $event === true })"
      />
      <div class="row wrap">
        <template v-if="leagues.page!.publicKey">
          <v-btn variant="outlined" @click="copyLink">{{ t('leagues.copyLink') }}</v-btn>
          <v-btn variant="text" :disabled="leagues.isBusy" @click="leagues.link(false)">{{
            t('leagues.unpublish')
          }}</v-btn>
          <a :href="link" class="clip">{{ link }}</a>
        </template>
        <v-btn v-else variant="outlined" :disabled="leagues.isBusy" @click="leagues.link(true)">{{
          t('leagues.publish')
        }}</v-btn>
      </div>
      <p v-if="told" role="status">{{ told }}</p>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(340px, 100%), 1fr));
  gap: 16px;
  align-items: start;
}
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.form > * {
  flex: none;
}
.wrap {
  flex-wrap: wrap;
}
h2,
p {
  margin: 0;
}
</style>
