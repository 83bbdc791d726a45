<script setup lang="ts">
import { computed, ref } from 'vue';
import type { StageView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import { spoken } from '../../live/joinAddress.ts';
import QrCode from '../../design/QrCode.vue';
import { useFit } from '../../design/useFit.ts';
import { usePages } from '../../design/usePages.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** Where and how to join, and who is there. */
const { view, now, address } = defineProps<{ view: StageView; now: number; address: string }>();
const { t } = useI18n();
const link = computed(() => `${address}/join/${view.code}`);
const names = (team: string) => view.lobby?.[team] ?? [];
/** So many teams have room for the names of their players; of more the numbers are told, page by page. */
const ROOMY = 10;
/** Where answers are said nobody joins with anything. */
const phones = computed(() => view.devices.mode !== 'none');
const alone = computed(() => view.devices.score === 'players');
const close = computed(() => alone.value || view.teams.length > ROOMY);
const { shown, from, to, many } = usePages(
  () => (alone.value ? [...view.teams].reverse() : view.teams),
  () => (close.value ? 20 : ROOMY),
  () => now,
);
const box = ref<HTMLElement | null>(null);
useFit(box, () => [view.title, address], [1, 0.85, 0.72, 0.6, 0.5, 0.42]);
</script>

<template>
  <section ref="box" class="lobby">
    <div v-if="phones" class="how">
      <p class="lead">{{ t('stage.join') }}</p>
      <p class="address">{{ spoken(address) }}</p>
      <p class="lead">{{ t('stage.code') }}</p>
      <p class="mono code">{{ view.code }}</p>
      <QrCode v-if="address" class="qr" :text="link" />
    </div>
    <h2 v-else class="title">{{ view.title }}</h2>
    <ul class="teams" :class="{ close }">
      <li v-for="team in shown" :key="team.id">
        <WeaveSwatch :weave="team.weave" class="weave" />
        <b class="clip">{{ team.name }}</b>
        <span v-if="close && !alone" class="mono count">{{ team.players }}</span>
        <span v-else-if="!close" class="names">
          <template v-if="phones && team.players === 0">{{ t('stage.nobodyYet') }}</template>
          {{ names(team.id).join(', ') }}
          <template v-if="team.players > names(team.id).length">{{
            t('stage.more', { n: team.players - names(team.id).length })
          }}</template>
        </span>
      </li>
    </ul>
    <p v-if="phones || many" class="hint">
      <template v-if="phones">{{
        t(alone || view.doors.teams !== 'choose' ? 'stage.lobbyHintAlone' : 'stage.lobbyHint')
      }}</template>
      <span v-if="alone || many">{{
        alone
          ? t('stage.playersIn', view.playing, { named: { n: view.playing } })
          : t('stage.pageOf', { from, to, of: view.playing })
      }}</span>
    </p>
  </section>
</template>

<style scoped>
.lobby {
  height: 100%;
  display: grid;
  grid-template-columns: 5fr 6fr;
  grid-template-rows: 1fr auto;
  gap: calc(2 * var(--u)) calc(5 * var(--u));
  overflow: hidden;
}
p {
  margin: 0;
}
.title {
  align-self: center;
  font-size: calc(9 * var(--u) * var(--fit, 1));
  text-wrap: balance;
  overflow-wrap: anywhere;
}
.how {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.lead {
  color: var(--dim);
  font-size: calc(2.8 * var(--u));
}
.address {
  font-weight: 700;
  font-size: calc(4.4 * var(--u) * var(--fit, 1));
  overflow-wrap: anywhere;
  margin-bottom: calc(1.5 * var(--u));
}
.code {
  font-size: calc(13 * var(--u));
  font-weight: 700;
  line-height: 1.05;
  letter-spacing: 0.1em;
  color: var(--accent);
}
.qr {
  margin-top: calc(2 * var(--u));
  height: calc(38 * var(--u) * max(var(--fit, 1), 0.8));
  width: calc(38 * var(--u) * max(var(--fit, 1), 0.8));
}
.teams {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: calc(1 * var(--u));
  min-height: 0;
}
li {
  flex: 0 1 calc(10 * var(--u));
  min-height: 0;
  display: grid;
  grid-template-columns: calc(7 * var(--u)) minmax(0, 1fr) minmax(0, 2fr);
  align-items: center;
  gap: calc(1.6 * var(--u));
  background: var(--panel);
  border-radius: calc(0.6 * var(--u));
  overflow: hidden;
  padding-right: calc(1.4 * var(--u));
}
li b {
  font-size: calc(3 * var(--u));
}
.teams.close {
  display: grid;
  grid-template: repeat(10, minmax(0, calc(7 * var(--u)))) / repeat(2, minmax(0, 1fr));
  grid-auto-flow: column;
}
.close li {
  grid-template-columns: calc(5 * var(--u)) minmax(0, 1fr) auto;
}
.close li b {
  font-size: calc(2.7 * var(--u));
}
.count {
  color: var(--dim);
  font-size: calc(2.7 * var(--u));
}
.weave {
  width: 100%;
  height: 100%;
  border: none;
  border-radius: 0;
}
.names {
  color: var(--dim);
  font-size: calc(2.3 * var(--u));
}
.hint {
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
  color: var(--dim);
}
</style>
