<script setup lang="ts">
import type { PublicView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { HOUSE } from '../../../design/weave/house.ts';
import { weaveBackground } from '../../../design/weave/tile.ts';
import { onTurn } from './onTurn.ts';

/** The woven edge at the left: in whose weave, there the turn is; all of them where everyone answers. Only a picture. */
const { view } = defineProps<{ view: PublicView }>();
/** Above so many none would be told from another: then it is the weave of the house. */
const MOST = 12;
const weaves = computed(() => {
  const team = view.teams.find(({ id }) => id === onTurn(view));
  if (team) return [team.weave];
  const everyone = view.question?.mode === 'everyone' && view.question.keyed;
  return everyone && view.playing <= MOST ? view.teams.map(({ weave }) => weave) : [HOUSE];
});
</script>

<template>
  <div class="selvedge" aria-hidden="true">
    <i v-for="(weave, i) in weaves" :key="i" :style="weaveBackground(weave)" />
  </div>
</template>

<style scoped>
.selvedge {
  display: flex;
  flex-direction: column;
}
i {
  flex: 1;
}
</style>
