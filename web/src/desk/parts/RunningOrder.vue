<script setup lang="ts">
import { computed } from 'vue';
import { mdiCheck, mdiChevronRight } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useOwnKey } from '../../design/useOwnKey.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { progressOf } from '../../formats/progress.ts';
import { useDesk } from '../useDesk.ts';
import { useRoundTitle } from '../../design/useRoundTitle.ts';
import DeskTime from './DeskTime.vue';

/** Where the show is, and whether turns are even. */
const { t } = useI18n();
const ownKey = useOwnKey();
const desk = useDesk();
const titleOf = useRoundTitle();
interface Item {
  key: string;
  title: string;
  /** Its place in the running order, for a round. */
  round: number | null;
  state: 'done' | 'on' | 'coming';
}
const items = computed<Item[]>(() => {
  const { phase, roundNumber } = desk.view;
  const rounds = desk.view.private.rounds.map((line, i): Item => {
    const on = phase === 'round' && i === roundNumber - 1;
    return {
      key: `round-${i}`,
      title: titleOf(line),
      round: i,
      state: on ? 'on' : line.begun > 0 ? 'done' : 'coming',
    };
  });
  return [
    { key: 'lobby', title: t('desk.orderLobby'), round: null, state: phase === 'lobby' ? 'on' : 'done' },
    ...rounds,
    {
      key: 'close',
      title: t('desk.orderClose'),
      round: null,
      state: phase === 'closed' ? 'on' : 'coming',
    },
  ];
});
const progress = computed(() => progressOf(desk.view.round));
/** Questions are counted, unless the format counts something else. */
const counted = computed(() => ownKey(`formats.${desk.view.round?.format}.progress`, 'desk.progress'));
/** Any round can be begun once the question in play is settled: that skips, repeats or changes the order. */
const canBegin = computed(
  () =>
    desk.view.phase !== 'closed' &&
    (!desk.question || desk.question.step === 'settled') &&
    items.value.length > 3,
);
const turns = computed(() => desk.view.rules?.floor === 'turn' || desk.view.rules?.chosen);
</script>

<template>
  <nav class="order" :aria-label="t('desk.order')">
    <h2>{{ t('desk.order') }}</h2>
    <ol>
      <li
        v-for="item in items"
        :key="item.key"
        :class="item.state"
        :aria-current="item.state === 'on' ? 'step' : undefined"
      >
        <v-icon :icon="item.state === 'done' ? mdiCheck : mdiChevronRight" size="18" />
        <span>{{ item.title }}</span>
        <p v-if="item.state === 'on' && item.round !== null && progress" class="muted">
          {{
            t(counted, {
              used: progress.played,
              all: progress.of,
            })
          }}
        </p>
        <v-btn
          v-if="canBegin && item.round !== null && item.state !== 'on'"
          class="begin"
          size="x-small"
          variant="text"
          :aria-label="t('desk.beginRound', { title: item.title })"
          @click="desk.ask({ type: 'begin', round: item.round })"
          >{{ t(item.state === 'done' ? 'desk.again' : 'desk.beginNow') }}</v-btn
        >
      </li>
    </ol>
    <DeskTime />
    <template v-if="desk.view.phase === 'round' && turns">
      <h3>{{ t('desk.turnsTaken') }}</h3>
      <ul class="turns">
        <li v-for="team in desk.view.teams" :key="team.id">
          <WeaveSwatch :weave="team.weave" /> <span class="clip grow">{{ team.name }}</span>
          <b class="mono">{{ desk.view.private.turnsTaken[team.id] ?? 0 }}</b>
        </li>
      </ul>
    </template>
  </nav>
</template>

<style scoped>
.order {
  padding: 16px;
}
h2 {
  font-size: 16px;
  margin-bottom: 12px;
}
h3 {
  font-size: 14px;
  margin: 24px 0 8px;
  color: var(--stone);
}
ol,
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
ol li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 0 6px;
  padding: 8px 8px 8px 4px;
  border-left: 3px solid transparent;
}
ol li.on {
  border-left-color: var(--moss);
  background: rgb(31 77 63 / 8%);
  font-weight: 700;
}
.done {
  color: var(--stone);
}
p,
.begin {
  grid-column: 2;
  justify-self: start;
}
p {
  margin: 2px 0 0;
  font-weight: 400;
  font-size: 14px;
}
.turns li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  font-size: 14px;
}
</style>
