<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';
import { useLibrary } from './library.ts';
import { usePractices } from './practice/practices.ts';

/** What was played, by me and by those with whom I host; the last first. */
const { t } = useI18n();
const { day } = useFormat();
const library = useLibrary();
/** What people take alone stands beside what was played together: the newest of it. */
const practices = usePractices();
void practices.loadList();
const SHOWN = 5;
</script>

<template>
  <section>
    <h2 class="head">{{ t(library.deletedOnes ? 'studio.deletedGames' : 'studio.sittings') }}</h2>
    <p v-if="library.sittings.length === 0" class="muted">
      {{ t(library.deletedOnes ? 'studio.noDeletedGames' : 'studio.noSittings') }}
    </p>
    <ul class="list">
      <li v-for="sitting in library.sittings" :key="sitting.id">
        <div class="grow">
          <span class="title clip">{{ sitting.title }}</span>
          <span class="muted">{{
            [
              sitting.group,
              day(sitting.openedAt),
              sitting.openedBy && t('studio.openedBy', { name: sitting.openedBy }),
            ]
              .filter(Boolean)
              .join(' · ')
          }}</span>
          <span v-if="!sitting.closedAt" class="open"
            >{{ t('studio.open') }} · <span class="mono">{{ sitting.code }}</span></span
          >
        </div>
        <v-btn v-if="library.deletedOnes" variant="outlined" @click="library.restoreSitting(sitting.id)">{{
          t('studio.restore')
        }}</v-btn>
        <v-btn v-else-if="!sitting.closedAt" color="primary" :to="`/desk/${sitting.id}`">{{
          t('studio.toDesk')
        }}</v-btn>
        <v-btn v-if="!library.deletedOnes" variant="outlined" :to="`/results/${sitting.id}`">{{
          t('studio.results')
        }}</v-btn>
      </li>
    </ul>
    <template v-if="practices.list.length > 0 && !library.deletedOnes">
      <h2 class="head practice">{{ t('practices.title') }}</h2>
      <ul class="list">
        <li v-for="one in practices.list.slice(0, SHOWN)" :key="one.id">
          <div class="grow">
            <span class="title clip">{{ one.title }}</span>
            <span class="muted">{{ day(one.createdAt) }} · {{ t('practices.standOf', { ...one }) }}</span>
          </div>
          <v-btn variant="outlined" :to="`/studio/practice/${one.id}`">{{ t('studio.results') }}</v-btn>
        </li>
      </ul>
    </template>
    <v-btn
      v-if="library.sittings.length < library.totalSittings"
      variant="text"
      @click="library.moreSittings()"
      >{{ t('studio.moreShows') }}</v-btn
    >
  </section>
</template>

<style scoped src="./lists.css" />
<style scoped>
.practice {
  margin-top: 24px;
}
.open {
  margin-left: 10px;
  padding: 2px 10px;
  border-radius: 6px;
  background: var(--weld);
  color: var(--ink);
}
</style>
