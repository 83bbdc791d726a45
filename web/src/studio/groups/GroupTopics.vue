<script setup lang="ts">
import type { GroupTerm } from '@distaff/core/term';
import { useI18n } from 'vue-i18n';
import ProgressNote from './ProgressNote.vue';
import ShareCells from './ShareCells.vue';

/** What a group knows by topic – the tags of questions –, the least known first. */
defineProps<{ term: GroupTerm }>();
const { t } = useI18n();
const percent = (n: number) => Math.round(n * 100);
</script>

<template>
  <section class="card">
    <p v-if="term.tags.length === 0" class="muted">{{ t('groups.noTopics') }}</p>
    <div v-else class="scroll" tabindex="0" role="region" :aria-label="t('groups.tabs.topics')">
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('groups.topic') }}</th>
            <th scope="col">{{ t('groups.answers') }}</th>
            <th scope="col" class="start">{{ t('groups.eachGame') }}</th>
            <th scope="col">{{ t('groups.known') }}</th>
            <th scope="col" class="start">{{ t('groups.progress') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in term.tags" :key="one.tag">
            <th scope="row">
              <bdi>{{ one.tag }}</bdi>
            </th>
            <td>{{ one.of }}</td>
            <td class="start"><ShareCells :shares="one.shares" /></td>
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
  </section>
</template>

<style scoped src="../../design/figures.css" />
<style scoped>
.small {
  margin-inline-start: 8px;
  font-size: 13px;
  white-space: nowrap;
}
</style>
