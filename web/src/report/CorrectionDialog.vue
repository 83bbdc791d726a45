<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../design/DialogFrame.vue';
import { useFormat } from '../design/useFormat.ts';
import WeaveSwatch from '../design/WeaveSwatch.vue';
import { useResults } from './results.ts';

/** Who moves if something is put right, before it is. */
const { t } = useI18n();
const { points, place } = useFormat();
const results = useResults();
/** So many people are named. */
const NAMED = 12;
const isOpen = computed({
  get: () => results.proposal !== null,
  set: (open) => {
    if (!open) results.proposal = null;
  },
});
const moves = computed(() => results.proposal?.moves ?? null);
const teams = computed(() => moves.value?.teams ?? []);
/** A team by itself is told with its points. */
const shares = computed(() => moves.value?.shares ?? []);
const percent = (share: number | null) =>
  share === null ? '–' : t('report.percent', { n: Math.round(share * 100) });
</script>

<template>
  <DialogFrame v-model="isOpen" :title="t('report.correct.title')">
    <p v-if="results.proposal">{{ results.proposal.says }}</p>
    <p v-if="!moves" class="muted" role="status">{{ t('common.loading') }}</p>
    <p v-else-if="teams.length === 0 && shares.length === 0">{{ t('report.correct.nobody') }}</p>
    <table v-if="teams.length">
      <caption>
        {{
          t('report.standings')
        }}
      </caption>
      <tbody>
        <tr v-for="team in teams" :key="team.id">
          <th scope="row">
            <WeaveSwatch :weave="team.weave" /> <bdi>{{ team.name }}</bdi>
          </th>
          <td>
            {{
              t('report.correct.from', { before: points(team.score.before), after: points(team.score.after) })
            }}
          </td>
          <td>
            {{
              team.place.before === team.place.after
                ? place(team.place.after)
                : t('report.correct.from', {
                    before: place(team.place.before),
                    after: place(team.place.after),
                  })
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <table v-if="shares.length">
      <caption>
        {{
          t('report.correct.shares')
        }}
      </caption>
      <tbody>
        <tr v-for="one in shares.slice(0, NAMED)" :key="one.id">
          <th scope="row">
            <bdi>{{ one.name }}</bdi>
          </th>
          <td>
            {{
              t('report.correct.from', { before: percent(one.share.before), after: percent(one.share.after) })
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="shares.length > NAMED" class="muted">
      {{ t('report.correct.more', { n: shares.length - NAMED }) }}
    </p>
    <template #actions>
      <v-btn variant="outlined" @click="isOpen = false">{{ t('common.cancel') }}</v-btn>
      <v-btn color="primary" :disabled="!moves || results.isSending" @click="results.apply">{{
        t('report.correct.apply')
      }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
caption {
  text-align: start;
  color: var(--stone);
  font-size: 14px;
}
th,
td {
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--line);
  text-align: start;
  font-weight: 400;
}
td {
  text-align: end;
  font-variant-numeric: tabular-nums;
}
</style>
