<script setup lang="ts">
import { computed } from 'vue';
import {
  mdiFastForward5,
  mdiKeyOutline,
  mdiLockOutline,
  mdiPause,
  mdiPlay,
  mdiRewind5,
  mdiTimerOffOutline,
} from '@mdi/js';
import type { DeskResponse } from '@distaff/core';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import { letterOf } from '../../design/letters.ts';
import { useFormat } from '../../design/useFormat.ts';
import RichText from '../../design/rich/RichText.vue';
import { useVerdict, verdictIcon } from '../../design/verdict.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import { useServerNow } from '../../live/useServerNow.ts';
import { useDesk } from '../useDesk.ts';
import DeskKey from '../../screens/desk/DeskKey.vue';

/** The question in play as only the host sees it: key, notes, clock, answers as they come. */
const { t } = useI18n();
const { points } = useFormat();
const desk = useDesk();
const { told } = useVerdict();
const now = useServerNow();

const open = computed(() => desk.question!);
const own = computed(() => desk.view.private.question!);
const teamOf = (id: string) => desk.view.teams.find((team) => team.id === id)!;
const held = computed(() => open.value.clock !== null && !('deadline' in open.value.clock));
const locked = computed(() => open.value.step === 'locked' || open.value.step === 'answers');
const verdictOf = ({ verdict, share, by }: DeskResponse) => {
  if (verdict === null) return open.value.keyed ? t('desk.unmarked') : '';
  return `${told(verdict, share)} – ${t(by === 'key' ? 'desk.ruledByKey' : 'desk.ruledByHost')}`;
};
/** The signs of what was picked; an order or pairs are told by their text. */
const signsOf = ({ answer }: DeskResponse) =>
  own.value.control.type === 'one' || own.value.control.type === 'many'
    ? (answer?.slots ?? []).map(letterOf).join(', ')
    : '';
const shareHalf = 0.5;
</script>

<template>
  <article class="question">
    <p class="topic">
      <span class="grow clip">{{ open.label }}</span>
      <b v-if="open.keyed" class="mono">{{ points(open.points) }}</b>
    </p>
    <RichText class="prompt" :text="own.prompt" />
    <QuestionMedia v-if="own.picture || own.sound || own.video" class="media" :media="own" size="small" />

    <div v-if="open.step === 'open'" class="clock">
      <ClockThread v-if="open.clock" class="grow" :clock="open.clock" :limit="open.limit" :now="now" />
      <span v-else class="grow muted">{{ t('desk.noClockNow') }}</span>
      <template v-if="open.clock">
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
        size="small"
        variant="outlined"
        :prepend-icon="mdiLockOutline"
        @click="desk.ask({ type: 'lock' })"
        >{{ t('desk.lockNow') }}</v-btn
      >
    </div>

    <DeskKey :question="own" />

    <h3>{{ t('desk.answers') }}</h3>
    <p v-if="own.responses.length === 0" class="muted">{{ t('desk.noAnswers') }}</p>
    <ul class="answers">
      <li v-for="response in own.responses" :key="response.team">
        <WeaveSwatch :weave="teamOf(response.team).weave" />
        <div class="grow">
          <p class="who">
            <b>{{ teamOf(response.team).name }}</b>
            <span>{{ response.player ?? t('desk.aloud') }}</span>
            <span v-if="response.after !== null" class="mono">{{
              t('desk.after', { n: (response.after / 1000).toFixed(1) })
            }}</span>
          </p>
          <p class="given">
            <b v-if="signsOf(response)">{{ signsOf(response) }}</b>
            {{ response.answer?.text }}
            <span :class="response.verdict">
              <v-icon v-if="response.verdict" :icon="verdictIcon[response.verdict]" size="16" />
              {{ verdictOf(response) }}
            </span>
          </p>
        </div>
        <template v-if="desk.canRule && !open.tries.find((one) => one.team === response.team)?.verdict">
          <v-btn
            size="small"
            variant="outlined"
            :disabled="response.verdict === 'right'"
            @click="desk.award(response.team)"
            >{{ t('desk.ruleRight') }}</v-btn
          >
          <v-btn
            size="small"
            variant="outlined"
            :disabled="response.verdict === 'part' && response.share === shareHalf"
            @click="desk.ask({ type: 'rule', team: response.team, verdict: 'part', share: shareHalf })"
            >{{ t('desk.rulePart') }}</v-btn
          >
          <v-btn
            size="small"
            variant="outlined"
            :disabled="response.verdict === 'wrong'"
            @click="desk.takeAway(response.team)"
            >{{ t('desk.ruleWrong') }}</v-btn
          >
        </template>
      </li>
    </ul>
    <p v-if="locked || open.step === 'settled'" class="row acts">
      <v-btn v-if="locked && own.handOnTo" variant="outlined" @click="desk.handOn()">{{
        t('desk.handOnTo', { team: teamOf(own.handOnTo).name })
      }}</v-btn>
      <v-btn
        v-if="!open.key && (own.key.texts.length || own.explanation)"
        variant="outlined"
        :prepend-icon="mdiKeyOutline"
        @click="desk.ask({ type: 'showKey' })"
        >{{ t('desk.showKey') }}</v-btn
      >
      <v-btn v-if="locked" variant="outlined" @click="desk.ask({ type: 'settle' })">{{
        t('desk.settleNow')
      }}</v-btn>
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
.answers {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.answers li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.who {
  display: flex;
  gap: 10px;
}
.who span {
  color: var(--stone);
}
.given {
  font-size: 18px;
}
.right,
.part {
  color: var(--moss);
  font-weight: 700;
}
.wrong {
  color: var(--madder);
  font-weight: 700;
}
.acts {
  flex-wrap: wrap;
}
</style>
