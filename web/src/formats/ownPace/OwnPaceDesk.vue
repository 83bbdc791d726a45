<script setup lang="ts">
import type { OwnPaceLive } from '@distaff/core/formats';
import type { AloneLine, AloneView } from '@distaff/core/sitting';
import { mdiRestart } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { useServerNow } from '../../live/useServerNow.ts';
import AloudQuestions from '../alone/AloudQuestions.vue';
import type { DeskPart } from '../parts.ts';

/** Everybody at once: how many correct, since when idle, how much; and what was missed most. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ ask: [command: object] }>();
const { t } = useI18n();
const { points } = useFormat();
const now = useServerNow();
const alone = computed<AloneView | null>(() => view.private.alone);
const live = computed(() => view.private.live as OwnPaceLive | null);
const names = computed(() => new Map(view.private.seats.map(({ id, name }) => [id, name])));
const teams = computed(() => new Map(view.teams.map((team) => [team.id, team])));
const orders = ['score', 'name', 'slow'] as const;
const order = ref<(typeof orders)[number]>('score');
/** Somebody who does nothing for so long (s) may need help. */
const IDLE = 40;
const LINE = 44;

interface Row extends AloneLine {
  name: string;
  score: number;
  idle: number;
  percent: number | null;
}
const rows = computed<Row[]>(() => {
  const all = (alone.value?.lines ?? []).map((line): Row => {
    const team = teams.value.get(line.team);
    return {
      ...line,
      name: names.value.get(line.who) ?? team?.name ?? '',
      score: live.value?.balances[line.team] ?? 0,
      idle: Math.max(0, Math.floor((now.value - line.since) / 1000)),
      percent: line.answered === 0 ? null : Math.round((line.right / line.answered) * 100),
    };
  });
  const by = {
    score: (a: Row, b: Row) => b.score - a.score || a.name.localeCompare(b.name),
    name: (a: Row, b: Row) => a.name.localeCompare(b.name),
    slow: (a: Row, b: Row) => b.idle - a.idle,
  };
  return all.sort(by[order.value]);
});
const running = computed(() => view.timer?.alone === 'on' && !view.timer.held);
const idle = computed(() => (running.value ? rows.value.filter((row) => row.idle >= IDLE).length : 0));
const share = computed(() => {
  const { answered = 0, right = 0 } = alone.value ?? {};
  return answered === 0 ? null : Math.round((right / answered) * 100);
});
const weaveOf = (team: string) => teams.value.get(team)?.weave;
</script>

<template>
  <section v-if="alone" class="all">
    <header>
      <h2>{{ t('desk.alone.title') }}</h2>
      <span class="chip">{{ t('desk.alone.playing', rows.length, { named: { n: rows.length } }) }}</span>
      <span class="chip">{{
        t('desk.alone.answers', alone.answered, { named: { n: points(alone.answered) } })
      }}</span>
      <span v-if="share !== null" class="chip">{{ t('desk.alone.correct', { n: share }) }}</span>
      <span v-if="idle > 0" class="chip idle">{{
        t('desk.alone.idle', idle, { named: { n: idle, s: IDLE } })
      }}</span>
    </header>

    <AloudQuestions :view="view" @ask="emit('ask', $event)" />

    <v-btn-toggle v-model="order" mandatory density="compact" variant="outlined">
      <v-btn v-for="one in orders" :key="one" :value="one">{{ t(`desk.alone.order.${one}`) }}</v-btn>
    </v-btn-toggle>
    <div class="line head" aria-hidden="true">
      <span /><span>{{ t('desk.alone.player') }}</span
      ><span>{{ t('desk.alone.correctHead') }}</span
      ><span class="figure">{{ t('desk.alone.idleHead') }}</span
      ><span class="figure">{{ t('desk.alone.points') }}</span
      ><span />
    </div>
    <v-virtual-scroll class="list" :items="rows" :item-height="LINE" item-key="who">
      <template #default="{ item }">
        <div class="line" :class="{ slow: running && item.idle >= IDLE }">
          <WeaveSwatch v-if="weaveOf(item.team)" :weave="weaveOf(item.team)!" />
          <span class="clip">{{ item.name }}</span>
          <span>{{
            item.percent === null
              ? '–'
              : t('desk.alone.share', { n: item.percent, right: item.right, of: item.answered })
          }}</span>
          <span class="figure">{{ t('common.seconds', { n: item.idle }) }}</span>
          <b class="figure">{{ points(item.score) }}</b>
          <v-btn
            size="small"
            variant="text"
            :icon="mdiRestart"
            :disabled="item.answered === 0 || view.timer?.alone !== 'on'"
            :title="t('desk.alone.again', { name: item.name })"
            :aria-label="t('desk.alone.again', { name: item.name })"
            @click="emit('ask', { type: 'askAgain', to: item.who })"
          />
        </div>
      </template>
    </v-virtual-scroll>

    <section v-if="alone.missed.length" class="missed">
      <h3>{{ t('desk.alone.missed') }}</h3>
      <ul>
        <li v-for="one in alone.missed" :key="one.question">
          <RichText class="grow" inline :text="one.prompt" />
          <b>{{ t('desk.alone.gotBy', { n: one.right, of: one.answered }) }}</b>
        </li>
      </ul>
    </section>
  </section>
  <h2 v-else>{{ t('desk.alone.before') }}</h2>
</template>

<style scoped>
.all {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}
.chip {
  padding: 2px 10px;
  border-radius: 4px;
  background: #e3eae6;
  font-weight: 700;
}
.idle,
.slow {
  background: #fbf1d2;
}
.line {
  min-height: 44px;
  display: grid;
  grid-template-columns: 28px minmax(0, 1.4fr) minmax(0, 1fr) 60px 80px 40px;
  align-items: center;
  gap: 10px;
  padding: 0 10px;
  border-bottom: 1px solid var(--line);
}
/* Whatever way a name is read, it begins where the column does. */
.line .clip {
  text-align: -webkit-match-parent;
}
.head {
  min-height: 32px;
  color: var(--stone);
  font-size: 14px;
}
.figure {
  text-align: end;
  font-variant-numeric: tabular-nums;
}
.list {
  max-height: 420px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.missed ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
.missed li {
  display: flex;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
</style>
