<script setup lang="ts">
import type { PublicView } from '@distaff/core/sitting';
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import { letterOf } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';
import PollOutcome from '../../design/poll/PollOutcome.vue';
import PictureFrame from '../../design/media/PictureFrame.vue';
import { lookStyle } from '../../design/lookStyle.ts';
import RichText from '../../design/rich/RichText.vue';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import OverlaySpinner from './OverlaySpinner.vue';
import { spoken } from '../../live/joinAddress.ts';

export type Place = 'bottom' | 'top' | 'side';

/** What lies over the picture of a stream: only what viewers need, within safe margins, the rest see-through. */
const { view, place, address } = defineProps<{
  view: PublicView;
  now: number;
  place: Place;
  address: string;
}>();
const { t } = useI18n();
const { points } = useFormat();
/** So many fit beside each other. */
const MOST = 6;

const question = computed(() => (view.standings ? null : view.question));
const asked = computed(() => question.value?.prompt ?? null);
const outcome = computed(() => question.value?.poll?.outcome ?? null);
const spinner = computed(() => (view.phase === 'round' && !view.standings ? view.spinner : null));
const options = computed(() => {
  const one = question.value;
  if (!one?.options) return [];
  const told = one.key !== null && one.key.slots.length > 0;
  const inOrder = one.control?.type === 'order' && told ? one.key!.slots : one.options.map((_, i) => i);
  return inOrder.map((slot, i) => ({
    sign: one.control?.type === 'order' && told ? `${i + 1}` : letterOf(slot),
    option: one.options![slot],
    key: told && one.control?.type !== 'match' && one.key!.slots.includes(slot),
    gone: told && one.control?.type !== 'match' && !one.key!.slots.includes(slot),
    percent: one.picks?.[slot]?.percent ?? null,
  }));
});
const keyText = computed(() => {
  const one = question.value;
  return one?.key && options.value.length === 0 ? (one.key.texts[0] ?? '') : '';
});
const boostsOf = (team: string) => view.running.filter((one) => one.team === team);
const rows = computed(() => [...view.teams].sort((a, b) => a.place - b.place).slice(0, MOST));
/** Panels let a little of the picture through. */
const colours = computed(() => ({ ...lookStyle(view.look), '--panel': `${view.look.palette.ground}eb` }));
const joining = computed(() => view.phase !== 'closed' && address !== '');
</script>

<template>
  <div class="overlay" :class="place" :data-seq="view.seq" :style="colours">
    <div class="safe">
      <p v-if="joining" class="join">
        {{ t('stage.join') }} <b>{{ spoken(address) }}</b> <span class="mono">{{ view.code }}</span>
      </p>
      <OverlaySpinner v-if="spinner" class="panel" :view="view" :spinner="spinner" :now="now" />
      <section v-else-if="asked !== null" class="panel" :aria-label="t('overlay.question')">
        <div class="ask">
          <RichText class="prompt" :text="asked" />
          <PictureFrame
            v-if="question!.key?.picture ?? question!.picture"
            class="picture"
            :picture="(question!.key?.picture ?? question!.picture)!"
          />
        </div>
        <PollOutcome
          v-if="outcome"
          class="outcome"
          :outcome="outcome"
          :options="question!.options ?? []"
          :control="question!.control"
        />
        <ol v-else-if="options.length" class="options">
          <li v-for="(one, i) in options" :key="i" :class="{ key: one.key, gone: one.gone }">
            <span class="eyelet">{{ one.sign }}</span> <OptionContent class="grow" :option="one.option" />
            <span v-if="one.percent !== null" class="mono">{{
              t('common.percent', { n: one.percent })
            }}</span>
            <v-icon v-if="one.key" :icon="mdiCheckBold" size="1em" :aria-label="t('stage.key')" />
          </li>
        </ol>
        <p v-if="keyText" class="keyText"><v-icon :icon="mdiCheckBold" size="1em" /> {{ keyText }}</p>
        <ClockThread
          v-if="question!.step === 'open'"
          class="clock"
          :clock="question!.clock"
          :limit="question!.limit"
          :now="now"
        />
      </section>
      <ol v-if="view.phase !== 'lobby'" class="teams" :aria-label="t('stage.standings')">
        <li v-for="team in rows" :key="team.id" :class="{ on: question?.floor === team.id }">
          <WeaveSwatch :weave="team.weave" /> <span class="clip">{{ team.name }}</span>
          <span v-for="one in boostsOf(team.id)" :key="one.boost" class="slip clip">{{
            t(`extras.boosts.name.${one.boost}`)
          }}</span>
          <b class="mono">{{ points(team.score) }}</b>
        </li>
      </ol>
    </div>
  </div>
</template>

<style scoped>
.overlay {
  container-type: size;
  width: 100%;
  height: 100%;
  color: var(--light);
  overflow: hidden;
}
/* A twentieth on every side: what lies outside may be cut off by a screen. */
.safe {
  --u: min(1cqh, 0.5625cqw);
  box-sizing: border-box;
  height: 100%;
  padding: 5cqh 5cqw;
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
  align-items: stretch;
  gap: calc(1.2 * var(--u));
  font-size: calc(2.6 * var(--u));
}
.top .safe {
  flex-direction: column-reverse;
}
.side .safe {
  align-items: flex-end;
  justify-content: center;
}
.side .safe > * {
  width: 36cqw;
}
.join {
  margin: 0;
  align-self: flex-end;
  padding: 0.2em 0.8em;
  border-radius: 0.4em;
  background: var(--panel);
  color: var(--dim);
}
.join b,
.join .mono {
  color: var(--light);
}
.panel {
  padding: 0.8em 1em;
  border-radius: 0.5em;
  background: var(--panel);
  display: flex;
  flex-direction: column;
  gap: 0.6em;
}
.ask {
  display: flex;
  gap: 1em;
  align-items: flex-start;
}
.prompt {
  flex: 1;
  font-size: 1.5em;
  font-weight: 700;
  line-height: 1.15;
}
.picture {
  flex: none;
  height: calc(16 * var(--u));
  width: auto;
  max-width: 30%;
  border-radius: 0.3em;
}
.options {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.4em;
  --thumb: calc(7 * var(--u));
}
.side .options {
  grid-template-columns: 1fr;
}
.options li {
  display: flex;
  align-items: center;
  gap: 0.5em;
  padding: 0.25em 0.6em;
  border: 2px solid var(--edge);
  border-radius: 0.35em;
}
.options .key {
  background: var(--light);
  border-color: var(--light);
  color: var(--ground);
  font-weight: 700;
}
.options .gone {
  border-style: dashed;
  color: var(--dim);
}
.eyelet {
  flex: none;
  width: 1.5em;
  height: 1.5em;
  display: grid;
  place-content: center;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font-weight: 700;
  font-size: 0.8em;
}
.keyText {
  margin: 0;
  font-size: 1.4em;
  font-weight: 700;
}
.teams {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4em;
}
.teams li {
  flex: 1 1 20%;
  display: flex;
  align-items: center;
  gap: 0.5em;
  min-width: 0;
  padding: 0.25em 0.6em;
  border-radius: 0.35em;
  border-bottom: 0.2em solid transparent;
  background: var(--panel);
}
.teams .on {
  border-bottom-color: var(--accent);
}
.teams .clip {
  flex: 1;
}
.teams .slip {
  flex: 0 1 auto;
  padding: 0 0.4em;
  background: var(--light);
  color: var(--ground);
  font-size: 0.75em;
}
.outcome {
  font-size: 0.9em;
}
</style>
