<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useReview } from './review.ts';

/** Questions that ask nearly the same, in this set or across the library. */
const { t } = useI18n();
const review = useReview();
const list = computed(() => {
  const lines = new Map(review.pairs?.lines.map((line) => [line.id, line]));
  return (review.pairs?.pairs ?? []).flatMap(({ a, b, likeness }) => {
    const [one, other] = [lines.get(a), lines.get(b)];
    return one && other ? [{ key: `${a} ${b}`, lines: [one, other], likeness }] : [];
  });
});
</script>

<template>
  <section>
    <h2>{{ t('review.twice') }}</h2>
    <p v-if="!review.pairs" class="muted" role="status">{{ t('review.twiceLooking') }}</p>
    <p v-else class="muted">{{ t(list.length ? 'review.twiceText' : 'review.twiceNone') }}</p>
    <ul>
      <li v-for="pair in list" :key="pair.key">
        <span class="muted">{{ t('review.alike', { n: Math.round(pair.likeness * 100) }) }}</span>
        <router-link
          v-for="line in pair.lines"
          :key="line.id"
          :to="{ path: '/studio/questions', query: { set: line.setId, question: line.id } }"
          >{{ line.prompt }}
          <small class="muted">{{ t('review.inSet', { title: line.setTitle }) }}</small></router-link
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
</style>
