<script setup lang="ts">
import { computed } from 'vue';
import {
  mdiFastForward5,
  mdiKeyOutline,
  mdiLockOutline,
  mdiPause,
  mdiPencilOutline,
  mdiPlay,
  mdiRewind5,
  mdiTimerOffOutline,
} from '@mdi/js';
import type { DeskResponse } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import { useFormat } from '../../design/useFormat.ts';
import { usePlace } from '../../design/usePlace.ts';
import { deskHelps } from '../../formats/desk.ts';
import { letterOf } from '../../design/letters.ts';
import RichText from '../../design/rich/RichText.vue';
import { useServerNow } from '../../live/useServerNow.ts';
import { useDesk } from '../useDesk.ts';
import DeskKey from '../../screens/desk/DeskKey.vue';
import DeskAnswers from './DeskAnswers.vue';
import DeskBuzz from './DeskBuzz.vue';

/** The question in play as only the host sees it: key, notes, clock, answers as they come. */
const { t } = useI18n();
const { list, points } = useFormat();
const desk = useDesk();
const now = useServerNow();

const open = computed(() => desk.question!);
const help = computed(() => deskHelps[desk.view.round!.format]);
const own = computed(() => desk.view.private.question!);
const teamOf = (id: string) => desk.view.teams.find((team) => team.id === id);
const held = computed(() => own.value.clock !== null && !('deadline' in own.value.clock));
const locked = computed(() => open.value.step === 'locked' || open.value.step === 'answers');
/** What was handed past is ruled for good, while the question is in play. */
const mayRule = ({ team }: DeskResponse) => desk.canRule && !open.value.tried.includes(team);
/** How many are in while it is open, and who is not. */
const counted = computed(() => {
  const { answered, of } = own.value.awaited;
  const told = open.value.step !== 'picked' && open.value.step !== 'posed' && of > 0;
  return told && own.value.control.type !== 'none' ? t('desk.answered', { n: answered, of }) : '';
});
/** So many of those who are missing are named beside the count. */
const NAMED = 12;
const missing = computed(() => {
  const { answered, of, missing: ids } = own.value.awaited;
  const left = of - answered;
  // Where nobody has a name it is not known who is missing.
  if (open.value.step !== 'open' || left === 0 || answered === 0 || ids.length === 0) return '';
  const seats = new Map(desk.view.private.seats.map((seat) => [seat.id, seat.name]));
  const names = ids.slice(0, NAMED).map((id) => seats.get(id) ?? teamOf(id)?.name ?? '');
  const words = { list: list(names), n: left - names.length };
  return t(left > names.length ? 'desk.missingMore' : 'desk.missing', words);
});
const placeOf = usePlace();
const label = computed(() => placeOf(open.value));
/** While others are asked for advice the clock waits, and nothing can be locked. */
const advising = computed(() => open.value.advice.some((one) => !one.over));
</script>

<template>
  <article class="question">
    <p class="topic">
      <span class="grow clip">{{ label }}</span>
      <b v-if="open.keyed && open.points !== 0" class="mono">{{ points(open.points) }}</b>
    </p>
    <RichText class="prompt" :text="own.prompt" />
    <QuestionMedia v-if="own.picture || own.sound || own.video" class="media" :media="own" size="small" />

    <div v-if="open.step === 'open'" class="clock">
      <ClockThread v-if="own.clock" class="grow" :clock="own.clock" :limit="own.limit" :now="now" />
      <span v-else class="grow muted">{{ t('desk.noClockNow') }}</span>
      <template v-if="own.clock && !advising">
        <v-btn
          size="small"
          variant="outlined"
          :icon="mdiRewind5"
          :aria-label="t('desk.less')"
          :title="t('desk.less')"
          @click="desk.ask({ type: 'addTime', seconds: -5 })"
        />
        <v-btn
          size="small"
          variant="outlined"
          :prepend-icon="held ? mdiPlay : mdiPause"
          @click="desk.toggleClock()"
          >{{ t(held ? 'desk.run' : 'desk.hold') }}</v-btn
        >
        <v-btn
          size="small"
          variant="outlined"
          :icon="mdiFastForward5"
          :aria-label="t('desk.moreTime')"
          :title="t('desk.moreTime')"
          @click="desk.ask({ type: 'addTime', seconds: 5 })"
        />
        <v-btn
          size="small"
          variant="outlined"
          :icon="mdiTimerOffOutline"
          :aria-label="t('desk.noClock')"
          :title="t('desk.noClock')"
          @click="desk.ask({ type: 'clock', act: 'drop' })"
        />
      </template>
      <v-btn
        v-if="!advising"
        size="small"
        variant="outlined"
        :prepend-icon="mdiLockOutline"
        @click="desk.ask({ type: 'lock' })"
        >{{ t('desk.lockNow') }}</v-btn
      >
    </div>

    <component
      :is="help"
      v-if="help"
      :view="desk.view"
      @act="desk.ask({ type: 'act', act: $event })"
      @ask="desk.ask($event)"
    />
    <DeskBuzz v-if="open.mode === 'buzz'" />
    <DeskKey :question="own" />

    <div class="row">
      <h3 class="grow">
        {{ t('desk.answers') }}
        <span v-if="counted" class="mono counted" role="status">{{ counted }}</span>
      </h3>
      <v-btn
        v-if="desk.mayEnter"
        size="small"
        variant="outlined"
        :prepend-icon="mdiPencilOutline"
        @click="desk.dialog = 'enter'"
        >{{ t('desk.enter') }}</v-btn
      >
    </div>
    <p v-if="missing" class="muted missing">{{ missing }}</p>
    <ol v-if="open.picks" class="votes">
      <li v-for="(pick, slot) in open.picks" :key="slot" :style="{ '--share': `${pick.percent}%` }">
        <b>{{ letterOf(slot) }}</b>
        <RichText inline class="grow clip" :text="open.options?.[slot]?.text ?? ''" />
        <span class="mono">{{ pick.count }} · {{ t('common.percent', { n: pick.percent }) }}</span>
      </li>
    </ol>
    <p v-if="own.responses.length === 0 && !open.poll?.anonymous" class="muted">{{ t('desk.noAnswers') }}</p>
    <DeskAnswers
      :responses="own.responses"
      :control="own.control.type"
      :play="null"
      :keyed="open.keyed"
      :can-rule="mayRule"
      :on-stage="open.step === 'open' || open.step === 'posed' ? undefined : own.onStage"
    />
    <p v-if="locked || open.step === 'settled'" class="row acts">
      <v-btn v-if="locked && own.handOnTo" variant="outlined" @click="desk.handOn()">{{
        own.handOnTo === 'buzz'
          ? t('desk.handOnByBuzz')
          : t('desk.handOnTo', { team: teamOf(own.handOnTo.team)?.name ?? '' })
      }}</v-btn>
      <v-btn
        v-if="!open.key && (own.key.texts.length || own.explanation)"
        variant="outlined"
        :prepend-icon="mdiKeyOutline"
        @click="desk.ask({ type: 'showKey' })"
        >{{ t('desk.showKey') }}</v-btn
      >
      <v-btn v-if="locked && open.keyed" variant="outlined" @click="desk.ask({ type: 'settle' })">{{
        t('desk.settleNow')
      }}</v-btn>
      <!-- Where the next step brings the next question as well, this one can be left by itself. -->
      <v-btn
        v-if="open.step === 'settled' && desk.view.private.next.code !== 'leave'"
        variant="outlined"
        @click="desk.ask({ type: 'leave' })"
        >{{ t('desk.leaveNow') }}</v-btn
      >
    </p>
  </article>
</template>

<style scoped>
/* Key and answers must stay in sight. */
.media {
  align-self: flex-start;
}
.media :deep(img),
.media :deep(video) {
  max-height: 140px;
  width: auto;
}
.question {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
p {
  margin: 0;
}
.topic {
  display: flex;
  gap: 12px;
  color: var(--stone);
  font-size: 18px;
}
.topic b {
  color: var(--ink);
}
.prompt {
  font-size: 24px;
  font-weight: 700;
  line-height: 1.25;
}
.clock {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  font-size: 20px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.counted {
  margin-left: 0.6em;
  color: var(--moss);
}
.votes {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.votes li {
  display: flex;
  gap: 10px;
  padding: 4px 10px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: linear-gradient(to right, #dfe9e2 var(--share), var(--paper) var(--share));
}
.acts {
  flex-wrap: wrap;
}
</style>
