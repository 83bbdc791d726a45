<script setup lang="ts">
import { computed } from 'vue';
import type { StageView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import { groundPicture, lookStyle } from '../../design/lookStyle.ts';
import { pictureUrl } from '../../design/media/mediaUrl.ts';
import { namesTeams, stageHems, stageParts, withoutTeams } from '../../formats/stage.ts';
import { spoken } from '../../live/joinAddress.ts';
import LongClock from '../../design/LongClock.vue';
import StageClose from './StageClose.vue';
import StageLobby from './StageLobby.vue';
import StageQuestion from './StageQuestion.vue';
import StageSpinner from './StageSpinner.vue';
import StageStandings from './StageStandings.vue';
import StageTeams from './StageTeams.vue';

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
const { t } = useI18n();

/** A round that ends by its clock, or by the turns that are left when it has run out, shows both. */
const timed = computed(
  () => view.phase === 'round' && view.timer !== null && view.timer.alone === null && !isOver.value,
);
const isOver = computed(() => Object.values(view.timer?.turnsLeft ?? { none: 1 }).every((n) => n === 0));
/** Under a question a format may show something of its own in place of the teams. */
const hem = computed(() => (view.round ? stageHems[view.round.format] : undefined));
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
      <header>
        <h1 class="clip">{{ view.roundTitle && view.phase === 'round' ? view.roundTitle : view.title }}</h1>
        <p
          v-if="address && view.devices.mode !== 'none' && view.phase !== 'closed' && part !== 'lobby'"
          class="join"
        >
          {{ t('stage.join') }} <b>{{ spoken(address) }}</b> <span class="mono">{{ view.code }}</span>
        </p>
        <p v-if="timed && view.timer?.ended" class="last">{{ t('common.lastTurns') }}</p>
        <LongClock
          v-if="timed && view.timer?.clock"
          class="clock"
          :clock="view.timer.clock"
          :limit="view.timer.limit"
          :now="now"
        />
        <img
          v-if="view.look.logo"
          class="logo"
          :src="pictureUrl(view.look.logo.file, 'large')"
          :alt="view.look.logo.alt"
        />
        <slot name="tools" />
      </header>
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
      <StageTeams
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
.logo {
  flex: none;
  align-self: center;
  max-width: 14cqw;
  max-height: calc(6 * var(--u));
  object-fit: contain;
}
.inner {
  /* On a wall of 4 : 3 all is a little larger than its width would have it: the height is there. */
  --u: min(1cqh, 0.63cqw);
  /* One thread: a hundred and thirty-five of them are as high as the stage. */
  --thread: calc(100cqh / 135);
  box-sizing: border-box;
  height: 100%;
  padding: calc(3 * var(--u)) calc(4 * var(--u));
  display: flex;
  flex-direction: column;
  gap: calc(2 * var(--u));
  font-size: calc(2.6 * var(--u));
}
/* What goes on is seen behind the spinner, and waits. */
.behind {
  opacity: 0.42;
}
header {
  display: flex;
  align-items: baseline;
  gap: 1em;
}
h1 {
  flex: 1;
  min-width: 0;
  font-size: calc(3.4 * var(--u));
  color: var(--dim);
}
.join {
  margin: 0;
  color: var(--dim);
  white-space: nowrap;
}
.join b {
  color: var(--light);
}
.join .mono {
  margin-left: 0.5em;
  padding: 0.1em 0.4em;
  border: 1px solid var(--dim);
  border-radius: 0.25em;
  color: var(--light);
  letter-spacing: 0.12em;
}
.clock {
  align-self: center;
  font-size: calc(1.7 * var(--u));
}
.last {
  margin: 0;
  font-weight: 700;
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
