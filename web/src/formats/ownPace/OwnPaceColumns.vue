<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import type { RankedTeam } from './useRanking.ts';

/** Everybody without a name, from low to high: who knows a weave finds it. */
const { rows } = defineProps<{ rows: readonly RankedTeam[] }>();
const { t } = useI18n();
const { points } = useFormat();
const sorted = computed(() => [...rows].reverse());
const most = computed(() => Math.max(1, ...rows.map(({ balance }) => balance)));
/** What half of them have, or more: the median of the balances. */
const half = computed(() => sorted.value[Math.floor(sorted.value.length / 2)]?.balance ?? 0);
const told = computed(() =>
  t('formats.ownPace.noNames', { high: points(most.value), half: points(half.value) }),
);
</script>

<template>
  <figure class="columns" :aria-label="told">
    <div class="warp">
      <i
        v-for="row in sorted"
        :key="row.id"
        :style="{ height: `${(Math.max(0, row.balance) / most) * 100}%`, ...weaveBackground(row.weave) }"
      />
    </div>
    <figcaption>{{ told }}</figcaption>
  </figure>
</template>

<style scoped>
.columns {
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: calc(1 * var(--u));
}
.warp {
  flex: 1;
  min-height: 0;
  display: flex;
  align-items: end;
  gap: calc(0.4 * var(--u));
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 20%, transparent) 0 1px,
    transparent 1px calc(1 * var(--u))
  );
}
i {
  flex: 1;
  max-width: calc(12 * var(--u));
  transition: height 450ms steps(12);
}
figcaption {
  color: var(--dim);
  font-size: calc(3 * var(--u));
}
</style>
