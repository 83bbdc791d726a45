<script setup lang="ts">
import type { PublicView, SeatView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { HOUSE } from '../../design/weave/house.ts';
import { weaveBackground } from '../../design/weave/tile.ts';

/** Whose phone it is: the weave of the team along the edge, name, score. */
const { view, seat } = defineProps<{ view: PublicView; seat: SeatView }>();
const { t } = useI18n();
const { points } = useFormat();
const own = computed(() => view.teams.find((team) => team.id === seat.team) ?? null);
const score = computed(() => seat.standing?.score ?? own.value?.score ?? 0);
/** In a round without names the phone shows neither its own nor its team. */
const nameless = computed(
  () => view.round?.format === 'survey' && view.phase === 'round' && view.round.anonymous,
);
const edge = computed(() => (nameless.value ? HOUSE : own.value?.weave));
const alone = computed(() => view.devices.score === 'players');
</script>

<template>
  <div class="head">
    <div class="edge" :style="edge ? weaveBackground(edge) : {}" />
    <header>
      <span v-if="nameless" class="clip">{{ t('handset.nameless') }}</span>
      <span v-else class="clip">
        <bdi>{{ seat.name }}</bdi>
        <template v-if="!alone">
          · <bdi>{{ own?.name ?? t('handset.noTeam') }}</bdi></template
        >
      </span>
      <b v-if="!nameless" class="mono">{{ points(score) }}</b>
      <slot />
    </header>
  </div>
</template>

<style scoped>
.head {
  flex: none;
}
.edge {
  height: 16px;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 10px 16px;
  color: var(--dim);
}
header b {
  margin-inline-start: auto;
  color: var(--light);
  font-size: 19px;
}
/* On a very low screen only the question stays. */
@media (max-height: 420px) {
  .head {
    display: none;
  }
}
</style>
