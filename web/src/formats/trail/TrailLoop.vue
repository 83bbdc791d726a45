<script setup lang="ts">
import type { TrailView } from '@distaff/core/formats';
import type { TeamView } from '@distaff/core/sitting';
import { computed, useId } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { patternDef } from '../../design/weave/tile.ts';
import DieFace from './DieFace.vue';
import { BOX, middleOf, PEGS, stretch, tie, WIDTH } from './loop.ts';

/** A hank of yarn round two pegs: the die on one, what it is played for on the other; bobbins run along it. */
const { round, teams, turn } = defineProps<{
  round: TrailView;
  teams: readonly TeamView[];
  turn: string;
}>();
const { t } = useI18n();
const { points } = useFormat();
const id = useId();
const weaves = computed(
  () => new Map(teams.map((team, i) => [team.id, { at: i, weave: team.weave, name: team.name }])),
);
const defs = computed(() => teams.map((team, i) => patternDef(`${id}-${i}`, team.weave, 1.1)).join(''));
const fill = (team: string) => {
  const found = weaves.value.get(team);
  return found ? `url(#${id}-${found.at})` : 'none';
};
/** Up to so many teams have a lane each; of more, the last one to be right has all of the space. */
const LANES = 4;
const lanes = computed(() => (teams.length <= LANES ? teams.length : 1));
const woven = computed(() => {
  const width = WIDTH / lanes.value;
  const cells = new Map<string, { space: number; lane: number; team: string }>();
  for (const { space, team } of round.woven) {
    const lane = lanes.value === 1 ? 0 : (weaves.value.get(team)?.at ?? 0);
    cells.set(`${space} ${lane}`, { space, lane, team });
  }
  return [...cells.values()].map(({ space, lane, team }) => ({
    path: stretch(space, space + 1, round.spaces, WIDTH / 2 - width * (lane + 0.5)),
    fill: fill(team),
    width,
  }));
});
const THREADS = 16;
const threads = Array.from({ length: THREADS }, (_, i) => PEGS.radius + (i - (THREADS - 1) / 2));
const ties = computed(() => Array.from({ length: round.spaces }, (_, i) => tie(i, round.spaces)));
/** Words stand level on paper; where spaces are short their sign alone. */
const special = computed(() =>
  [{ space: 0, special: 'start' as const }, ...round.specials].map((one) => ({
    ...one,
    path: stretch(one.space, one.space + 1, round.spaces),
    at: middleOf(one.space, round.spaces),
  })),
);
const numbered = computed(() => round.spaces > 24);
/** Everybody is on the start until their first roll. */
const pieces = computed(() => {
  const at = new Map(round.pieces.map((piece) => [piece.team, piece.space]));
  const bySpace = new Map<number, TeamView[]>();
  for (const team of teams) {
    const space = at.get(team.id) ?? 0;
    bySpace.set(space, [...(bySpace.get(space) ?? []), team]);
  }
  const acting = round.rolled?.team ?? turn;
  const size = teams.length <= LANES ? 1 : teams.length <= 12 ? 0.8 : 0.55;
  return [...bySpace].flatMap(([space, here]) => {
    const { x, y, out } = middleOf(space, round.spaces);
    // Three of them side by side are as wide as the path: of more only so many are drawn, and how many there are.
    const shown = [...here].sort((a, b) => Number(b.id === acting) - Number(a.id === acting)).slice(0, 3);
    return shown.map((team, i) => {
      const aside = (i - (shown.length - 1) / 2) * (shown.length > 1 ? 6.5 : 0);
      const more = i === 0 && here.length > shown.length ? here.length : 0;
      return {
        id: team.id,
        name: team.name,
        acting: team.id === acting,
        x: x + out.x * aside,
        y: y + out.y * aside,
        size: shown.length > 1 ? Math.min(size, 0.62) : size,
        more,
        // The name stands outside in the upper half, inside in the lower one.
        nameY: y < PEGS.y ? y - WIDTH / 2 - 4.2 : y - WIDTH / 2 - 3.2,
      };
    });
  });
});
const framed = computed(() =>
  round.rolled ? stretch(round.rolled.to, round.rolled.to + 1, round.spaces) : '',
);
/** The way that was just gone, until the question is over. */
const way = computed(() => {
  const { rolled, spaces } = round;
  if (!rolled) return '';
  return stretch(rolled.from + 0.5, rolled.from + rolled.face + 0.5, spaces);
});
</script>

<template>
  <svg class="loop" :viewBox="`0 0 ${BOX.width} ${BOX.height}`" aria-hidden="true">
    <!-- eslint-disable-next-line vue/no-v-html -- tiles drawn here, no words of anybody -->
    <defs v-html="defs" />
    <rect
      v-for="radius in threads"
      :key="radius"
      class="thread"
      :x="PEGS.left - radius"
      :y="PEGS.y - radius"
      :width="PEGS.right - PEGS.left + 2 * radius"
      :height="2 * radius"
      :rx="radius"
    />
    <path
      v-for="(one, i) in woven"
      :key="`w${i}`"
      :d="one.path"
      fill="none"
      :stroke="one.fill"
      :stroke-width="one.width"
    />
    <path v-for="(one, i) in special" :key="`s${i}`" class="paper" :d="one.path" :stroke-width="WIDTH" />
    <path v-if="way" class="way" :d="way" />
    <path v-for="(one, i) in ties" :key="`t${i}`" class="tie" :d="one" />
    <text v-for="(one, i) in special" :key="`n${i}`" class="special" :x="one.at.x" :y="one.at.y + 1.2">
      {{ t(`formats.trail.${round.spaces > 30 ? 'signs' : 'specials'}.${one.special}`) }}
    </text>
    <path v-if="framed" class="framed" :d="framed" :stroke-width="WIDTH + 1.5" />
    <g v-if="numbered">
      <text
        v-for="n in round.spaces - 1"
        :key="`k${n}`"
        class="number"
        :x="middleOf(n, round.spaces).x"
        :y="middleOf(n, round.spaces).y + 0.9"
      >
        {{ round.specials.some(({ space }) => space === n) ? '' : n }}
      </text>
    </g>
    <g>
      <circle class="peg" :cx="PEGS.left" :cy="PEGS.y" :r="PEGS.radius - WIDTH / 2 - 2" />
      <circle class="peg" :cx="PEGS.right" :cy="PEGS.y" :r="PEGS.radius - WIDTH / 2 - 2" />
      <DieFace :x="PEGS.left - 12" :y="PEGS.y - 12" :size="24" :face="round.last?.face ?? null" />
      <text class="target" :x="PEGS.right" :y="PEGS.y + 3">
        {{ round.goal === 'first' ? points(round.target) : t('formats.trail.mostSign') }}
      </text>
    </g>
    <g
      v-for="piece in pieces"
      :key="piece.id"
      class="piece"
      :style="{ translate: `${piece.x}px ${piece.y}px` }"
    >
      <g :style="{ scale: piece.size }">
        <rect class="edge" x="-7.1" y="-6.1" width="14.2" height="12.2" rx="1" />
        <rect class="end" x="-6.5" y="-5.5" width="13" height="11" rx="0.8" />
        <rect x="-4.6" y="-5.5" width="9.2" height="11" :fill="fill(piece.id)" />
        <text v-if="piece.more" class="more" y="1.6">{{ piece.more }}</text>
      </g>
    </g>
    <g v-for="piece in pieces.filter(({ acting }) => acting)" :key="`name${piece.id}`">
      <rect class="tag" :x="piece.x - 17" :y="piece.nameY - 3.6" width="34" height="5.4" />
      <text class="name" :x="piece.x" :y="piece.nameY + 0.2">
        {{ piece.name.length > 14 ? `${piece.name.slice(0, 13)}…` : piece.name }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.loop {
  width: 100%;
  height: 100%;
}
.thread {
  fill: none;
  stroke: color-mix(in srgb, var(--light) 26%, transparent);
  stroke-width: 0.22;
}
.paper {
  fill: none;
  stroke: var(--flax, #ede6d4);
}
.tie {
  stroke: color-mix(in srgb, var(--light) 60%, transparent);
  stroke-width: 0.35;
}
.way {
  fill: none;
  stroke: var(--flax, #ede6d4);
  stroke-width: 1;
  stroke-dasharray: 3 1.4;
}
.framed {
  fill: none;
  stroke: color-mix(in srgb, var(--flax, #ede6d4) 28%, transparent);
}
text {
  font-family: var(--text);
  text-anchor: middle;
  fill: var(--light);
}
.special,
.name,
.more {
  font-weight: 700;
  fill: #14211d;
  font-size: 3.6px;
}
.number {
  font-size: 3px;
}
.name {
  font-size: 3.8px;
}
.more {
  font-size: 6px;
  paint-order: stroke;
  stroke: #ede6d4;
  stroke-width: 1.6px;
}
.peg {
  fill: var(--panel);
}
.target {
  font-family: var(--display);
  font-weight: 700;
  font-size: 10px;
}
.edge {
  fill: var(--ground);
}
.end,
.tag {
  fill: var(--flax, #ede6d4);
}
.piece {
  transition: translate 600ms;
}
@media (prefers-reduced-motion: reduce) {
  .piece {
    transition: none;
  }
}
</style>
