<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import QrCode from '../../design/QrCode.vue';
import StandingBars from '../../design/StandingBars.vue';
import { spoken, useJoinAddress } from '../../live/joinAddress.ts';
import { useDesk } from '../useDesk.ts';
import DeskBetween from './DeskBetween.vue';
import DeskQuestion from './DeskQuestion.vue';
import DeskSpinner from './DeskSpinner.vue';
import RoundTime from './RoundTime.vue';

/** The middle of the desk: what is on just now. */
const { t } = useI18n();
const desk = useDesk();
const between = ref<InstanceType<typeof DeskBetween> | null>(null);
const address = useJoinAddress();
const phones = computed(() => desk.view.devices.mode !== 'none');
const alone = computed(() => desk.view.devices.score === 'players');
const LEADERS = 50;
const leaders = computed(() => [...desk.view.teams].sort((a, b) => a.place - b.place).slice(0, LEADERS));
defineExpose({ focusBoard: () => between.value?.focus() });
</script>

<template>
  <main class="now" :aria-label="t('desk.now')">
    <div v-if="desk.view.phase === 'lobby'" class="lobby">
      <div>
        <h2>{{ t('desk.lobby') }}</h2>
        <p class="muted">
          {{ t(phones ? (alone ? 'desk.lobbyHintAlone' : 'desk.lobbyHint') : 'desk.lobbyHintNone') }}
        </p>
        <template v-if="phones">
          <p class="address">{{ spoken(address) }}</p>
          <p class="mono code">{{ desk.view.code }}</p>
        </template>
      </div>
      <QrCode v-if="phones" class="qr" :text="`${address}/join/${desk.view.code}`" />
    </div>
    <template v-else-if="desk.view.phase === 'closed'">
      <h2>{{ t('desk.closed') }}</h2>
      <p class="muted">{{ t('desk.closedText') }}</p>
      <StandingBars class="final" :teams="leaders" :of="desk.view.teams" />
      <p v-if="leaders.length < desk.view.teams.length" class="muted">
        {{ t('desk.allInResults', { n: desk.view.teams.length }) }}
      </p>
    </template>
    <template v-else>
      <RoundTime />
      <DeskSpinner v-if="desk.view.spinner" :spinner="desk.view.spinner" />
      <DeskQuestion v-else-if="desk.question" />
      <DeskBetween v-else-if="desk.view.round" ref="between" />
    </template>
  </main>
</template>

<style scoped>
.now {
  padding: 16px 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
p {
  margin: 0;
}
.lobby {
  display: flex;
  flex-wrap: wrap;
  gap: 32px;
  justify-content: space-between;
}
.lobby > div {
  flex: 1 1 280px;
}
.address {
  margin-top: 32px;
  font-size: 26px;
  font-weight: 700;
  overflow-wrap: anywhere;
}
.code {
  font-size: 64px;
  font-weight: 700;
  letter-spacing: 0.1em;
  line-height: 1.2;
}
.qr {
  width: 260px;
  height: 260px;
  border: 1px solid var(--line);
}
.final {
  margin-top: 16px;
}
</style>
