<script setup lang="ts">
import type { GroupTerm } from '@distaff/core/term';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ProgressNote from './ProgressNote.vue';
import ShareCells from './ShareCells.vue';

/** Everybody of a group: how often they were there, what they knew from game to game, whether that is progress. */
const { term } = defineProps<{ term: GroupTerm }>();
const { t, locale } = useI18n();
/** The games in which each answered for themselves. */
const own = computed(() => term.games.flatMap(({ by }, i) => (by === 'people' ? [i] : [])));
const rows = computed(() => {
  const { compare } = new Intl.Collator(locale.value, { numeric: true });
  return [...term.people].sort((a, b) => compare(a.name, b.name));
});
const percent = (n: number) => Math.round(n * 100);
</script>

<template>
  <section class="card">
    <p v-if="own.length === 0" class="muted">{{ t('groups.nobody') }}</p>
    <template v-else>
      <div class="scroll" tabindex="0" role="region" :aria-label="t('groups.tabs.people')">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ t('groups.name') }}</th>
              <th scope="col">{{ t('groups.attended') }}</th>
              <th scope="col" class="start">{{ t('groups.eachGame') }}</th>
              <th scope="col">{{ t('groups.known') }}</th>
              <th scope="col" class="start">{{ t('groups.progress') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in rows" :key="one.key">
              <th scope="row">
                <bdi>{{ one.name }}</bdi>
                <span v-if="!one.onList" class="muted small"> {{ t('groups.notOnList') }}</span>
              </th>
              <td>{{ t('groups.of', { n: one.attended, of: own.length }) }}</td>
              <td class="start"><ShareCells :shares="own.map((i) => one.shares[i]!)" /></td>
              <td>
                <b>{{ one.share === null ? '–' : t('groups.percent', { n: percent(one.share) }) }}</b>
                <span v-if="one.interval" class="muted small">
                  {{
                    t('groups.between', { low: percent(one.interval.low), high: percent(one.interval.high) })
                  }}</span
                >
              </td>
              <td class="start"><ProgressNote :of="one.progress" /></td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="muted note">{{ t('groups.progressHow') }}</p>
    </template>
  </section>
</template>

<style scoped src="../../design/figures.css" />
<style scoped>
.small {
  margin-inline-start: 8px;
  font-size: 13px;
  font-weight: 400;
  white-space: nowrap;
}
.note {
  margin: 12px 0 0;
  max-width: 80ch;
}
</style>
