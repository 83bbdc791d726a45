<script setup lang="ts">
import { computed } from 'vue';
import type { StageView } from '@distaff/core/sitting';
import { groundPicture, lookStyle } from '../../design/lookStyle.ts';
import { namesTeams, stageHems, stageParts, withoutTeams } from '../../formats/stage.ts';
import StageClose from './StageClose.vue';
import StageLobby from './StageLobby.vue';
import StageQuestion from './StageQuestion.vue';
import StageSpinner from './StageSpinner.vue';
import StageStandings from './StageStandings.vue';
import StageHeader from './frame/StageHeader.vue';
import StageHem from './frame/StageHem.vue';
import StageSelvedge from './frame/StageSelvedge.vue';

/** The whole stage as a picture of a view; sizes follow its own box, so that a small one is a true preview. */
const {
  view,
  now,
  address = '',
  canChoose = false,
} = defineProps<{
  view: StageView;
  now: number;
  address?: string;
  canChoose?: boolean;
}>();
const emit = defineEmits<{
  choose: [ref: string];
  act: [act: object];
  answer: [answer: object];
  spin: [strength: number];
}>();

/** A round that ends by its clock, or by the turns that are left when it has run out, shows both. */
const timed = computed(
  () => view.phase === 'round' && view.timer !== null && view.timer.alone === null && !isOver.value,
);
const isOver = computed(() => Object.values(view.timer?.turnsLeft ?? { none: 1 }).every((n) => n === 0));
/** Under a question a format may show something of its own in place of the teams. */
const hem = computed(() => (view.round ? stageHems[view.round.format] : undefined));
/** Whose turn it is is told along the left edge, where anybody is to answer or to choose. */
const edged = computed(
  () =>
    view.phase === 'round' &&
    !view.standings &&
    view.round !== null &&
    view.round.format !== 'interlude' &&
    !withoutTeams.has(view.round.format),
);
const part = computed(() => {
  if (view.phase === 'closed') return 'close';
  if (view.phase === 'lobby') return 'lobby';
  if (view.standings) return 'standings';
  return view.question ? 'question' : `round-${view.roundNumber}`;
});
</script>

<template>
  <div class="stage" :data-seq="view.seq" :style="[lookStyle(view.look), groundPicture(view.look)]">
    <div class="inner">
      <StageSelvedge v-if="edged" class="selvedge" :view="view" />
      <StageHeader
        :view="view"
        :now="now"
        :timed="timed"
        :address="view.devices.mode !== 'none' && view.phase !== 'closed' && part !== 'lobby' ? address : ''"
      >
        <slot name="tools" />
      </StageHeader>
      <main :key="part" :class="{ behind: view.spinner }" :inert="view.spinner !== null">
        <StageLobby v-if="part === 'lobby'" :view="view" :now="now" :address="address" />
        <StageStandings
          v-else-if="part === 'standings'"
          :teams="view.teams"
          :playing="view.playing"
          :now="now"
        />
        <StageClose v-else-if="part === 'close'" :view="view" :now="now" />
        <StageQuestion
          v-else-if="part === 'question'"
          :question="view.question!"
          :teams="view.teams"
          :handsets="view.devices.mode"
          :now="now"
          :can-answer="canChoose"
          :live="view.live?.format === 'survey' ? view.live : null"
          @answer="emit('answer', $event)"
        />
        <component
          :is="stageParts[view.round.format]"
          v-else-if="view.round"
          :view="view"
          :now="now"
          :can-choose="canChoose"
          @choose="emit('choose', $event)"
          @act="emit('act', $event)"
        />
      </main>
      <StageSpinner
        v-if="view.spinner"
        :key="`${view.spinner.what} ${view.spinner.team}`"
        :view="view"
        :spinner="view.spinner"
        :now="now"
        :can-throw="canChoose"
        @spin="emit('spin', $event)"
      />
      <component :is="hem" v-else-if="hem && part === 'question'" :view="view" />
      <StageHem
        v-else-if="
          view.phase === 'round' &&
          part !== 'standings' &&
          (!view.rules || view.rules.asks === 'together') &&
          !(view.round && withoutTeams.has(view.round.format)) &&
          (view.question || !view.round || !namesTeams.has(view.round.format))
        "
        :view="view"
      />
    </div>
  </div>
</template>

<style scoped>
.stage {
  --focus: var(--light);
  container-type: size;
  width: 100%;
  height: 100%;
  background: var(--ground);
  color: var(--light);
  overflow: hidden;
  position: relative;
}
.inner {
  /* On a wall of 4 : 3 all is a little larger than its width would have it: the height is there. */
  --u: min(1cqh, 0.63cqw);
  /* One thread: a hundred and thirty-five of them are as high as the stage. */
  --thread: calc(100cqh / 135);
  box-sizing: border-box;
  height: 100%;
  position: relative;
  /* The text edge stands where the selvedge and a little air end. */
  padding: calc(3 * var(--u)) calc(8 * var(--thread)) calc(2 * var(--u)) calc(14 * var(--thread));
  display: flex;
  flex-direction: column;
  gap: calc(2 * var(--u));
  font-size: calc(2.6 * var(--u));
}
.selvedge {
  position: absolute;
  inset: 0 auto 0 0;
  width: calc(8 * var(--thread));
}
/* What goes on is seen behind the spinner, and waits. */
.behind {
  opacity: 0.42;
}
main {
  flex: 1;
  min-height: 0;
  animation: rise 250ms ease-out;
}
@keyframes rise {
  from {
    opacity: 0;
    transform: translateY(calc(1 * var(--u)));
  }
}
</style>
