<script setup lang="ts">
import { computed } from 'vue';
import { mdiClose } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useCause } from '../../design/useCause.ts';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { useBook } from '../useBook.ts';
import { useDesk } from '../useDesk.ts';

/** Every change of every score, newest first: a score is nothing but their sum. */
const { t } = useI18n();
const { change, points } = useFormat();
const causeOf = useCause();
const desk = useDesk();
const teamOf = (id: string) => desk.view.teams.find((team) => team.id === id);
const book = useBook(() => (desk.ledgerOpen ? { team: desk.picked, play: null } : null));
/** Many teams are told by the list beside the question. */
const sums = computed(() =>
  desk.manyTeams ? desk.view.teams.filter((team) => team.id === desk.picked) : desk.view.teams,
);
const LINE = 46;
</script>

<template>
  <v-dialog v-model="desk.ledgerOpen" :aria-label="t('desk.ledger')" max-width="640" scrollable>
    <v-card class="drawer">
      <div class="row">
        <h2 class="grow">
          {{ t('desk.ledger') }}<template v-if="desk.picked"> – {{ teamOf(desk.picked)?.name }}</template>
        </h2>
        <v-btn
          variant="text"
          :icon="mdiClose"
          size="small"
          :aria-label="t('common.close')"
          @click="desk.ledgerOpen = false"
        />
      </div>
      <p v-if="!book" class="muted">{{ t('common.loading') }}</p>
      <p v-else-if="book.lines === 0" class="muted">{{ t('desk.ledgerEmpty') }}</p>
      <p v-else-if="book.lines > book.ledger.length" class="muted">
        {{ t('desk.ledgerLast', { n: book.ledger.length, of: book.lines }) }}
      </p>
      <v-virtual-scroll v-if="book" class="lines" :items="book.ledger" :item-height="LINE">
        <template #default="{ item: entry }">
          <div class="line">
            <WeaveSwatch v-if="teamOf(entry.team)" :weave="teamOf(entry.team)!.weave" />
            <b class="clip">{{ teamOf(entry.team)?.name }}</b>
            <span class="why">{{ causeOf(entry) }}</span>
            <b class="mono amount">{{ change(entry.amount) }}</b>
          </div>
        </template>
      </v-virtual-scroll>
      <ul class="sums">
        <li v-for="team in sums" :key="team.id">
          <WeaveSwatch :weave="team.weave" /> {{ team.name }} <b class="mono">{{ points(team.score) }}</b>
        </li>
      </ul>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.drawer {
  padding: 20px;
}
ul {
  list-style: none;
  margin: 12px 0 0;
  padding: 0;
}
.lines {
  margin-top: 12px;
  max-height: 56dvh;
}
.line {
  display: grid;
  grid-template-columns: auto 110px 1fr auto;
  gap: 10px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.why {
  color: var(--stone);
}
.sums {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
}
</style>
