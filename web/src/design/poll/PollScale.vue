<script setup lang="ts">
import type { ScaleOutcome } from '@distaff/core/question';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../useFormat.ts';
import { EARLIER, HOUSE } from '../weave/house.ts';
import { weaveBackground } from '../weave/tile.ts';

/** Answers on a scale as columns, a length an answer; a plumb line hangs at their average, and another run below. */
const {
  outcome,
  low,
  high,
  before = null,
  beforeName = '',
  nowName = '',
  own = null,
} = defineProps<{
  outcome: ScaleOutcome;
  low: string;
  high: string;
  before?: ScaleOutcome | null;
  /** What the two runs are called. */
  beforeName?: string;
  nowName?: string;
  /** The step that this phone chose. */
  own?: number | null;
}>();
const { t } = useI18n();
const { decimal } = useFormat();
/** Above so many in a column its lengths have no seams. */
const SEAMS = 14;
const most = computed(() => Math.max(1, ...outcome.counts, ...(before?.counts ?? [])));
const average = (mean: number | null) => (mean === null ? '' : decimal(mean, 1));
const at = ({ mean, from, counts }: ScaleOutcome) =>
  mean === null ? null : `${((mean - from + 0.5) / counts.length) * 100}%`;
const column = (count: number, earlier: boolean) => ({
  height: `${(count / most.value) * 100}%`,
  ...weaveBackground(earlier ? EARLIER : HOUSE),
});
const seams = (count: number) =>
  count > 1 && most.value <= SEAMS ? { backgroundSize: `100% calc(100% / ${count})` } : null;
const signed = (n: number) => `${n > 0 ? '+' : ''}${decimal(n, 1)}`;
const inMiddle = (i: number) => {
  const { middle, from } = outcome;
  return middle !== null && i + from >= middle.from && i + from <= middle.to;
};
/** Where most of the answers lie, in words; nothing where it would be nearly the whole scale. */
const spread = computed(() => {
  const { middle, counts } = outcome;
  if (!middle || middle.to - middle.from + 1 > counts.length - 2) return '';
  const { from, to, more } = middle;
  const which = from === to ? 'One' : to === from + 1 ? 'Two' : 'Span';
  return t(`common.poll.${more ? 'more' : 'half'}${which}`, { from, to });
});
const difference = computed(() =>
  before?.mean == null || outcome.mean === null
    ? ''
    : signed(Math.round(outcome.mean * 10) / 10 - Math.round(before.mean * 10) / 10),
);
const sentence = computed(() =>
  t('common.poll.scaleTold', { mean: average(outcome.mean), n: outcome.of }, outcome.of),
);
</script>

<template>
  <figure class="scale" :class="{ double: before }">
    <div class="chart">
      <div class="columns" role="img" :aria-label="sentence">
        <span v-for="(count, i) in outcome.counts" :key="i" class="warp" :class="{ own: own === i }">
          <span class="woven" :style="column(count, false)"
            ><span v-if="seams(count)" class="seams" :style="seams(count)!"
          /></span>
        </span>
        <span v-if="at(outcome)" class="plumb" :style="{ insetInlineStart: at(outcome)! }" />
      </div>
      <ol class="steps">
        <li v-for="(_, i) in outcome.counts" :key="i" :class="{ middle: inMiddle(i) }">
          {{ i + outcome.from }}
        </li>
      </ol>
      <div v-if="before" class="columns below" aria-hidden="true">
        <span v-for="(count, i) in before.counts" :key="i" class="warp">
          <span class="woven" :style="column(count, true)" />
        </span>
        <span v-if="at(before)" class="plumb" :style="{ insetInlineStart: at(before)! }" />
      </div>
      <p v-if="low || high" class="ends">
        <b>{{ low }}</b> <b>{{ high }}</b>
      </p>
    </div>
    <figcaption>
      <p v-if="outcome.mean !== null">
        <span>{{ before ? nowName : t('common.poll.average') }}</span>
        <b class="mean">{{ average(outcome.mean) }}</b>
      </p>
      <template v-if="before">
        <p class="difference">
          <b>{{ difference }}</b>
        </p>
        <p>
          <span>{{ beforeName }}</span>
          <b class="mean">{{ average(before.mean) }}</b>
          <small>{{ t('common.poll.answers', before.of, { named: { n: before.of } }) }}</small>
        </p>
      </template>
      <p v-else-if="spread">{{ spread }}</p>
    </figcaption>
  </figure>
</template>

<style scoped>
.scale {
  margin: 0;
  padding-block-start: 1.3em;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 8em;
  gap: 1.6em;
}
.chart {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
.columns {
  flex: 1;
  position: relative;
  min-height: 9em;
  display: flex;
  align-items: stretch;
  gap: 0.12em;
  border-block-end: 2px solid var(--dim);
}
.double .columns {
  min-height: 5.2em;
}
.below {
  border: 0;
  border-block-start: 2px solid var(--dim);
}
.warp {
  flex: 1;
  min-width: 0;
  display: flex;
  align-items: flex-end;
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, currentcolor 18%, transparent) 0 1px,
    transparent 1px 0.24em
  );
}
.below .warp {
  align-items: flex-start;
}
.woven {
  position: relative;
  width: 100%;
  transition: height 450ms ease-out;
}
.seams {
  position: absolute;
  inset: 0;
  background-image: linear-gradient(to top, transparent calc(100% - 2px), var(--seam, var(--ground)) 0);
  background-repeat: repeat-y;
}
.plumb {
  position: absolute;
  inset-block: -0.7em 0;
  width: 0;
  border-inline-start: 0.2em solid var(--light);
  outline: 1px solid var(--seam, var(--ground));
  margin-inline-start: -0.1em;
}
.plumb::before {
  content: '';
  position: absolute;
  top: -0.35em;
  inset-inline-start: -0.45em;
  width: 0.7em;
  height: 0.7em;
  background: var(--light);
  transform: rotate(45deg);
}
.below .plumb {
  inset-block: 0 -0.2em;
}
.below .plumb::before {
  display: none;
}
.steps {
  list-style: none;
  margin: 0;
  padding: 0.15em 0;
  display: flex;
  gap: 0.12em;
}
.steps li {
  flex: 1;
  min-width: 0;
  text-align: center;
  font-weight: 700;
  border-block-start: 0.22em solid transparent;
}
.steps .middle {
  border-color: var(--light);
}
.ends {
  display: flex;
  justify-content: space-between;
  gap: 1em;
  overflow-wrap: break-word;
}
.ends b {
  flex: 0 1 auto;
  max-width: 60%;
}
.ends b:last-child {
  text-align: end;
}
.own {
  outline: 3px solid var(--light);
  outline-offset: -3px;
}
figcaption {
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 0.9em;
}
figcaption span,
figcaption small {
  display: block;
  color: var(--dim);
}
.mean {
  font-family: var(--display);
  font-size: 2.6em;
  line-height: 1;
}
.double .mean {
  font-size: 1.6em;
}
.difference {
  font-size: 1.6em;
}
p {
  margin: 0;
}
/* Beside a small chart there is no room: then its figures stand below. */
@container (max-width: 26em) {
  .scale {
    grid-template-columns: minmax(0, 1fr);
  }
  figcaption {
    flex-flow: row wrap;
    align-items: end;
    justify-content: space-between;
  }
}
@media (prefers-reduced-motion: reduce) {
  .woven {
    transition: none;
  }
}
</style>
