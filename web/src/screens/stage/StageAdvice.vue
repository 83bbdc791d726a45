<script setup lang="ts">
import type { PublicQuestion } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import { letterOf } from '../../design/letters.ts';
import { HOUSE } from '../../design/weave/house.ts';
import { weaveBackground } from '../../design/weave/tile.ts';

/** What others were asked about a question that is somebody else's: who is thinking, and what came of it. */
const { question, now, team, handsets } = defineProps<{
  question: PublicQuestion;
  now: number;
  /** Whose question it is. */
  team: string;
  /** Whether anybody has a handset; else hands are counted. */
  handsets: boolean;
}>();
const { t } = useI18n();

const last = computed(() => question.advice.at(-1)!);
const running = computed(() => !last.value.over);
const line = computed(() => {
  const { of, from, said, among } = last.value;
  if (of === 'voice') return t('common.advice.thinking', { name: from });
  return handsets ? t('common.advice.voted', { n: said, of: among }) : t('common.advice.handsUp');
});
const percents = computed(() => question.advice.findLast((one) => one.percents)?.percents ?? null);
const voices = computed(() => question.advice.filter((one) => one.of === 'voice' && one.over));
</script>

<template>
  <div class="advice">
    <div v-if="running" class="running">
      <b>{{ line }}</b>
      <span>{{ t('common.advice.clockWaits', { team }) }}</span>
      <ClockThread v-if="last.clock" class="clock" :clock="last.clock" :limit="last.limit" :now="now" />
    </div>
    <template v-else>
      <p v-for="(one, i) in voices" :key="i" class="pick">
        {{
          one.pick
            ? t('common.advice.pickOf', { name: one.from, text: one.pick.text })
            : t('common.advice.noPick', { name: one.from })
        }}
      </p>
      <ol v-if="percents" :aria-label="t('common.advice.roomSays')">
        <li v-for="(percent, slot) in percents" :key="slot">
          <span>{{ letterOf(slot) }}</span>
          <b>{{ t('common.percent', { n: percent }) }}</b>
          <i aria-hidden="true"><i :style="{ width: `${percent}%`, ...weaveBackground(HOUSE) }" /></i>
        </li>
      </ol>
    </template>
  </div>
</template>

<style scoped>
.advice {
  font-size: calc(3 * var(--u) * max(var(--fit, 1), 0.7));
}
.running {
  display: flex;
  align-items: center;
  gap: 1em;
}
.running span {
  color: var(--dim);
}
.clock {
  flex: 1;
}
p {
  margin: 0;
}
.pick {
  display: inline-block;
  padding: 0.2em 0.7em;
  margin-inline-end: 1em;
  background: var(--flax, #ede6d4);
  color: #14211d;
  font-weight: 700;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: 1.5em;
}
li {
  flex: 1;
  display: grid;
  grid-template-columns: auto 1fr;
  align-items: baseline;
  gap: 0.1em 0.5em;
}
li > span {
  color: var(--dim);
  font-weight: 700;
}
li b {
  font-family: var(--display);
  font-size: 1.5em;
}
li > i {
  grid-column: 1 / -1;
  height: calc(2.4 * var(--u));
  background: repeating-linear-gradient(
    to bottom,
    color-mix(in srgb, var(--light) 20%, transparent) 0 1px,
    transparent 1px var(--thread, 4px)
  );
}
li i i {
  display: block;
  height: 100%;
}
</style>
