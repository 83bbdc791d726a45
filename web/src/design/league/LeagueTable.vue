<script setup lang="ts">
import { formOf, type LeagueRow } from '@distaff/core/term';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../useFormat.ts';
import WeaveSwatch from '../WeaveSwatch.vue';

/** The table of a league: place, points, change since last time, form; where wanted what each game brought. */
const {
  rows,
  games,
  each = false,
} = defineProps<{
  rows: readonly LeagueRow[];
  games: readonly { title: string; at: number }[];
  each?: boolean;
}>();
const { t, locale } = useI18n();
const { decimal } = useFormat();
const points = (n: number) =>
  decimal(n, n % 1 === 0 ? 0 : Math.round(n * 10) % 1 === 0 && (n * 10) % 1 === 0 ? 1 : 2);
const nameOf = ({ name }: LeagueRow, i: number) => name || t('leagues.teamNumber', { n: i + 1 });
const short = computed(() => new Intl.DateTimeFormat(locale.value, { day: 'numeric', month: 'short' }));
const changeOf = (n: number | null) =>
  n === null
    ? { sign: '•', says: t('leagues.fresh') }
    : n === 0
      ? { sign: '=', says: t('leagues.still') }
      : n > 0
        ? { sign: `▲ ${n}`, says: t('leagues.up', n, { named: { n } }) }
        : { sign: `▼ ${-n}`, says: t('leagues.down', -n, { named: { n: -n } }) };
const formSays = (row: LeagueRow) =>
  t('leagues.formIs', {
    places: formOf(row)
      .map((place) => place ?? t('leagues.absent'))
      .join(', '),
  });
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="t('leagues.tabs.table')">
    <table>
      <thead>
        <tr>
          <th scope="col">{{ t('leagues.place') }}</th>
          <th scope="col" class="start">{{ t('leagues.team') }}</th>
          <th scope="col">{{ t('leagues.points') }}</th>
          <th scope="col">{{ t('leagues.change') }}</th>
          <th scope="col" class="start">{{ t('leagues.form') }}</th>
          <th scope="col">{{ t('leagues.played') }}</th>
          <template v-if="each">
            <th v-for="(game, i) in games" :key="i" scope="col" :title="game.title">
              {{ short.format(new Date(game.at)) }}
            </th>
          </template>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in rows" :key="row.key">
          <td class="place">{{ row.place }}</td>
          <th scope="row" class="start">
            <span class="who"
              ><WeaveSwatch :weave="row.weave" /><bdi>{{ nameOf(row, i) }}</bdi></span
            >
          </th>
          <td>
            <b>{{ points(row.points) }}</b>
          </td>
          <td>
            <span aria-hidden="true">{{ changeOf(row.change).sign }}</span><span class="unseen">{{
              changeOf(row.change).says
            }}</span>
          </td>
          <td class="start">
            <span class="form" role="img" :aria-label="formSays(row)"
              ><i v-for="(place, n) in formOf(row)" :key="n" :class="{ first: place === 1 }">{{
                place ?? '–'
              }}</i></span
            >
          </td>
          <td>{{ row.played }}</td>
          <template v-if="each">
            <td v-for="(one, n) in row.results" :key="n">
              <s v-if="one?.isDropped" :title="t('leagues.dropped')">{{ points(one.points) }}</s>
              <template v-else>{{ one ? points(one.points) : '–' }}</template>
            </td>
          </template>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="../figures.css" />
<style scoped>
td:first-child {
  width: 1%;
  padding-inline: 4px 20px;
  font: 700 20px/1 var(--display);
}
.who {
  display: inline-flex;
  gap: 10px;
  align-items: center;
}
.form {
  display: inline-flex;
  gap: 4px;
}
.form i {
  min-width: 26px;
  padding: 2px 4px;
  text-align: center;
  font-style: normal;
  border: 1px solid var(--line);
  border-radius: 4px;
}
.form i.first {
  font-weight: 700;
  border-color: var(--ink);
}
/* What is unseen scrolls with its table, too. */
td {
  position: relative;
}
.unseen {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
