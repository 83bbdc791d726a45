<script setup lang="ts">
import type { WordsOutcome } from '@distaff/core/question';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ClothBar from './ClothBar.vue';

/** What people wrote: in groups, each with its count and a few slips; without groups the slips alone. */
const { outcome } = defineProps<{ outcome: WordsOutcome }>();
const { t } = useI18n();
const most = computed(() => Math.max(1, ...outcome.groups.map(({ count }) => count)));
/** Above so many groups there is no room for slips. */
const WITH_SLIPS = 4;
const withSlips = computed(() => outcome.groups.length <= WITH_SLIPS);
const columns = computed(() => Math.min(WITH_SLIPS, Math.max(1, outcome.groups.length)));
const inNone = computed(() => outcome.of - outcome.groups.reduce((sum, { count }) => sum + count, 0));
</script>

<template>
  <div class="words">
    <ol v-if="outcome.groups.length > 0" class="groups" :style="{ '--columns': columns }">
      <li v-for="one in outcome.groups" :key="one.name">
        <p class="head">
          <b class="name" dir="auto">{{ one.name }}</b> <b class="count">{{ one.count }}</b>
        </p>
        <ClothBar class="bar" :share="one.count / most" :count="one.count" />
        <template v-if="withSlips">
          <p v-for="slip in one.slips" :key="slip.key" class="slip" dir="auto">
            {{ t('common.poll.quote', { text: slip.text }) }}
            <small v-if="slip.count > 1">{{ t('common.poll.people', { n: slip.count }) }}</small>
          </p>
        </template>
      </li>
    </ol>
    <ul v-else class="loose">
      <li v-for="slip in outcome.loose" :key="slip.key" class="slip" dir="auto">
        {{ slip.text }} <small v-if="slip.count > 1">{{ t('common.poll.people', { n: slip.count }) }}</small>
      </li>
    </ul>
    <p v-if="outcome.groups.length > 0 && inNone > 0" class="none">
      {{ t('common.poll.inNone', inNone, { named: { n: inNone } }) }}
    </p>
  </div>
</template>

<style scoped>
.words {
  display: flex;
  flex-direction: column;
  gap: 1em;
}
.groups,
.loose {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: 1em;
}
.groups li {
  display: flex;
  flex-direction: column;
  gap: 0.5em;
  min-width: 0;
}
.loose {
  grid-template-columns: repeat(auto-fill, minmax(9em, 1fr));
  gap: 0.6em;
}
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 0.5em;
}
.name {
  min-width: 0;
  overflow-wrap: anywhere;
}
.count {
  font-family: var(--display);
  font-size: 1.5em;
}
.bar {
  flex: none;
  height: 1.2em;
}
.slip {
  padding: 0.5em 0.7em;
  background: var(--flax, #ede6d4);
  color: #14211d;
  outline: 1px solid #14211d;
  overflow-wrap: anywhere;
}
.slip small {
  display: block;
  font-size: 0.75em;
}
.none {
  color: var(--dim);
}
p {
  margin: 0;
}
</style>
