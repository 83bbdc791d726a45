<script setup lang="ts">
import { headToHead, type LeagueRow } from '@distaff/core/term';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** One team against each of the others: how often it came out before, after or beside them. */
const { rows } = defineProps<{ rows: readonly LeagueRow[] }>();
const { t } = useI18n();
const key = ref(rows[0]?.key ?? '');
const one = computed(() => rows.find((row) => row.key === key.value) ?? rows[0]);
const others = computed(() =>
  rows
    .filter((row) => row.key !== one.value?.key)
    .map((row) => ({ row, ...headToHead(one.value!, row) }))
    .filter(({ ahead, behind, equal }) => ahead + behind + equal > 0),
);
</script>

<template>
  <section class="card">
    <v-select
      v-model="key"
      hide-details
      class="team"
      :label="t('leagues.chooseOne')"
      :items="rows.map((row) => ({ value: row.key, title: row.name }))"
    />
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('leagues.team') }}</th>
            <th v-for="what in ['ahead', 'equal', 'behind'] as const" :key="what" scope="col">
              {{ t(`leagues.${what}`) }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="other in others" :key="other.row.key">
            <th scope="row">
              <span class="who"
                ><WeaveSwatch :weave="other.row.weave" /><bdi>{{ other.row.name }}</bdi></span
              >
            </th>
            <td>{{ other.ahead }}</td>
            <td>{{ other.equal }}</td>
            <td>{{ other.behind }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped src="../../design/figures.css" />
<style scoped>
.team {
  max-width: 360px;
  margin-bottom: 12px;
}
.who {
  display: inline-flex;
  gap: 10px;
  align-items: center;
}
</style>
