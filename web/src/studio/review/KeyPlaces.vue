<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import { useFormat } from '../../design/useFormat.ts';
import { useReview } from './review.ts';

/** How often the key stands at each letter, and how hard the set reads. */
const emit = defineEmits<{ spread: [] }>();
const { t } = useI18n();
const { list } = useFormat();
const review = useReview();
const most = computed(() => Math.max(1, ...review.set.places));
</script>

<template>
  <section v-if="review.set.places.length || review.set.grade !== null">
    <template v-if="review.set.places.length">
      <h2>{{ t('review.keysAt') }}</h2>
      <dl>
        <template v-for="(count, place) in review.set.places" :key="place">
          <dt>{{ letterOf(place) }}</dt>
          <dd>
            <i
              :class="{ much: place === review.set.always }"
              :style="{ width: `${(count / most) * 100}%` }"
            />
            <span class="mono">{{ count }}</span>
          </dd>
        </template>
      </dl>
      <p v-if="review.set.always !== null">
        {{ t('review.keysAlways', { letter: letterOf(review.set.always) }) }}
      </p>
      <p v-else-if="review.set.never.length">
        {{ t('review.keysNever', { letters: list(review.set.never.map(letterOf)) }) }}
      </p>
      <p v-else class="muted">{{ t('review.keysFine') }}</p>
      <v-btn
        v-if="review.mayEdit && (review.set.always !== null || review.set.never.length)"
        variant="outlined"
        size="small"
        :loading="review.busy"
        :title="t('review.spreadHint')"
        @click="emit('spread')"
        >{{ t('review.spread') }}</v-btn
      >
    </template>
    <p v-if="review.set.grade !== null" class="muted">
      {{ t('review.grade', { n: Math.max(1, Math.round(review.set.grade)) }) }}
    </p>
  </section>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 1.5em 1fr;
  gap: 4px 8px;
  margin: 8px 0;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
  display: flex;
  align-items: center;
  gap: 8px;
}
i {
  height: 14px;
  min-width: 2px;
  max-width: calc(100% - 40px);
  background: var(--moss);
}
.much {
  background: repeating-linear-gradient(135deg, var(--weld) 0 6px, var(--ink) 6px 8px);
}
</style>
