<script setup lang="ts">
import { computed } from 'vue';
import type { PublicView, SeatView } from '@distaff/core';
import { useI18n } from 'vue-i18n';
import ClockThread from '../../design/ClockThread.vue';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import QuestionMedia from '../../design/media/QuestionMedia.vue';
import ReadAloud from '../../design/media/ReadAloud.vue';
import RichText from '../../design/rich/RichText.vue';
import HandsetAnswer from './HandsetAnswer.vue';
import HandsetQuestion from './HandsetQuestion.vue';

/** The handset as a picture of what its seat may see: one thing at a time, a line below says what goes on. */
const { view, seat, now, connected, sending } = defineProps<{
  view: PublicView;
  seat: SeatView;
  now: number;
  connected: boolean;
  sending: boolean;
}>();
const emit = defineEmits<{ answer: [answer: object] }>();
const { t } = useI18n();
const { points, place } = useFormat();

const own = computed(() => view.teams.find((team) => team.id === seat.team)!);
const question = computed(() => view.question);
const teamName = (id: string) => view.teams.find((team) => team.id === id)?.name ?? '';
const mayAnswer = computed(
  () => question.value?.step === 'open' && question.value.floor === seat.team && seat.given === null,
);
const ownTurn = computed(() => view.turn === seat.team);
const byPlace = computed(() => [...view.teams].sort((a, b) => a.place - b.place));

const line = computed(() => {
  if (!connected) return t('handset.line.offline');
  if (view.phase !== 'round') return t(`handset.line.${view.phase}`);
  if (view.standings) return t('handset.line.standings');
  const q = question.value;
  if (!q)
    return ownTurn.value
      ? t('handset.line.ownBoard')
      : t('handset.line.board', { team: teamName(view.turn) });
  if (q.step === 'open')
    return q.floor === seat.team
      ? t('handset.line.own')
      : t('handset.line.other', { team: teamName(q.floor) });
  if (q.step === 'picked' || q.step === 'posed') return t('handset.line.posed');
  if (q.step === 'settled') return t('handset.line.settled');
  return q.step === 'key' ? t('handset.line.key') : t('handset.line.locked');
});
</script>

<template>
  <div class="handset">
    <div class="edge" :style="weaveBackground(own.weave)" />
    <header>
      <span class="clip">{{ t('handset.you', { name: seat.name, team: own.name }) }}</span>
      <b class="mono">{{ points(own.score) }}</b>
    </header>

    <!-- Long ones scroll: then the keyboard must reach them, too. -->
    <main :tabindex="mayAnswer ? undefined : 0">
      <template v-if="view.phase === 'lobby'">
        <h1>{{ t('handset.waitTitle') }}</h1>
        <p>{{ t('handset.wait') }}</p>
      </template>

      <template v-else-if="view.phase === 'closed' || (view.standings && !question) || !question">
        <h1 v-if="view.phase === 'closed'">{{ t('handset.finalPlace', { place: place(own.place) }) }}</h1>
        <template v-else>
          <h1>
            {{ ownTurn ? t('handset.turnOwn') : t('handset.turnOther', { team: teamName(view.turn) }) }}
          </h1>
          <p v-if="ownTurn">{{ t('handset.lookUp') }}</p>
        </template>
        <ol class="standings">
          <li v-for="team in byPlace" :key="team.id" :class="{ own: team.id === seat.team }">
            <i :style="weaveBackground(team.weave)" />
            <span>{{ place(team.place) }}</span>
            <span class="clip">{{ team.name }}</span>
            <b class="mono">{{ points(team.score) }}</b>
          </li>
        </ol>
      </template>

      <template v-else>
        <p class="topic">
          {{
            question.keyed
              ? t('handset.comesUp', { category: question.label, points: points(question.points) })
              : question.label
          }}
        </p>
        <RichText v-if="question.prompt" class="prompt" :text="question.prompt" />
        <ReadAloud :question="question" />
        <QuestionMedia
          v-if="question.picture || question.sound || question.video"
          class="media"
          :media="question"
          size="small"
        />
        <HandsetAnswer
          v-if="mayAnswer && question.control && question.control.type !== 'none'"
          :key="question.ref + question.tries.length"
          :question="question"
          :sending="sending"
          @answer="emit('answer', $event)"
        />
        <HandsetQuestion v-else :question="question" :seat="seat" :teams="view.teams" />
      </template>
    </main>

    <footer :class="{ offline: !connected }">
      <ClockThread
        v-if="question?.step === 'open'"
        class="clock"
        :clock="question.clock"
        :limit="question.limit"
        :now="now"
      />
      <p role="status">{{ line }}</p>
    </footer>
  </div>
</template>

<style scoped>
.handset {
  --panel: #1b2925;
  --light: #f2f5f1;
  --dim: #b4c0ba;
  --accent: #d9a400;
  --clock-short: #e8b923;
  --clock-last: #ff8a7a;
  height: 100%;
  display: flex;
  flex-direction: column;
  background: #101a17;
  color: var(--light);
  font-size: 17px;
}
.edge {
  height: 16px;
  flex: none;
}
header {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 10px 16px;
  color: var(--dim);
}
header b {
  color: var(--light);
  font-size: 19px;
}
main {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 8px 16px 16px;
  min-height: 0;
  overflow-y: auto;
}
h1 {
  font-size: 30px;
  margin-top: 12px;
}
p {
  margin: 0;
}
.topic {
  color: var(--accent);
  font-weight: 700;
}
.media {
  flex: none;
}
.media :deep(img) {
  max-height: 26vh;
  width: auto;
}
.media :deep(video) {
  max-height: 32vh;
}
.prompt {
  font-size: 22px;
  font-weight: 700;
  line-height: 1.22;
}
.standings {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
.standings li {
  display: grid;
  grid-template-columns: 28px 2.6em 1fr auto;
  align-items: center;
  gap: 10px;
  padding: 8px 10px;
  border-bottom: 1px solid #33453f;
}
.standings i {
  width: 28px;
  height: 22px;
  border-radius: 3px;
}
.standings .own {
  background: var(--panel);
  font-weight: 700;
}
footer {
  flex: none;
  padding: 10px 16px calc(10px + env(safe-area-inset-bottom));
  background: var(--panel);
  color: var(--dim);
}
.offline {
  color: #14211d;
  background: var(--accent);
}
.clock {
  color: var(--light);
  font-size: 18px;
}
</style>
