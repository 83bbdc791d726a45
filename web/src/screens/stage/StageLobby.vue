<script setup lang="ts">
import { computed } from 'vue';
import type { StageView } from '@distaff/core';
import { useI18n } from 'vue-i18n';
import { spoken } from '../../live/joinAddress.ts';
import QrCode from '../../design/QrCode.vue';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** Where and how to join, and who is there. */
const SHOWN = 8;
const { view, address } = defineProps<{ view: StageView; address: string }>();
const { t } = useI18n();
const link = computed(() => `${address}/join/${view.code}`);
const names = (team: string) => view.lobby?.[team] ?? [];
</script>

<template>
  <section class="lobby">
    <div class="how">
      <p class="lead">{{ t('stage.join') }}</p>
      <p class="address">{{ spoken(address) }}</p>
      <p class="lead">{{ t('stage.code') }}</p>
      <p class="mono code">{{ view.code }}</p>
      <QrCode v-if="address" class="qr" :text="link" />
    </div>
    <ul class="teams">
      <li v-for="team in view.teams" :key="team.id">
        <WeaveSwatch :weave="team.weave" class="weave" />
        <b class="clip">{{ team.name }}</b>
        <span class="names">
          <template v-if="names(team.id).length === 0">{{ t('stage.nobodyYet') }}</template>
          {{ names(team.id).slice(0, SHOWN).join(', ') }}
          <template v-if="names(team.id).length > SHOWN">{{
            t('stage.more', { n: names(team.id).length - SHOWN })
          }}</template>
        </span>
      </li>
    </ul>
    <p class="hint">{{ t('stage.lobbyHint') }}</p>
  </section>
</template>

<style scoped>
.lobby {
  height: 100%;
  display: grid;
  grid-template-columns: 5fr 6fr;
  grid-template-rows: 1fr auto;
  gap: calc(2 * var(--u)) calc(5 * var(--u));
}
p {
  margin: 0;
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
  font-size: calc(4.4 * var(--u));
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
  height: calc(38 * var(--u));
  width: calc(38 * var(--u));
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
  color: var(--dim);
}
</style>
