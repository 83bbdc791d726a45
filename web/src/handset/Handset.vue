<script setup lang="ts">
import type { AnswerView } from '@distaff/core/question';
import type { SeatCommand, SeatView } from '@distaff/core/sitting';
import { readJoinCode } from '@distaff/core/text';
import { useEventListener } from '@vueuse/core';
import { nanoid } from 'nanoid';
import { computed, defineAsyncComponent, getCurrentInstance, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { joining as codes } from '../api/joining.ts';
import { useSitting } from '../live/sitting.ts';
import { told } from '../words/told.ts';
import { useServerNow } from '../live/useServerNow.ts';
import BigButton from './BigButton.vue';
import CodeForm from './CodeForm.vue';
import JoinForm from './JoinForm.vue';
import { keepOwn, ownAnswer, viewOf } from './ownAnswers.ts';
import { forgetToken, keepToken, readToken } from './seatToken.ts';

/** The player's page: find a show by its code, take a seat, play. What only playing needs comes while one joins. */
const { t } = useI18n();
const sitting = useSitting();
const now = useServerNow();

const code = ref(codeOfAddress());
const seatAsked = ref(false);
const joining = ref(false);
const sending = ref(false);
const notice = ref('');

function codeOfAddress(): string | null {
  const [, page, typed] = location.pathname.split('/');
  return page === 'join' && typed ? (readJoinCode(decodeURIComponent(typed)) ?? typed) : null;
}
/** Back must not lead out of a show that is on: whoever presses it by mistake stays in their seat. */
useEventListener(window, 'popstate', () => {
  if (sitting.seat && sitting.view?.phase !== 'closed') {
    history.pushState(null, '', `/join/${code.value}`);
    notice.value = t('handset.stay');
  } else code.value = codeOfAddress();
});
watch(
  () => sitting.seat !== null,
  (seated) => {
    if (seated) history.pushState(null, '', `/join/${code.value}`);
  },
);
watch(
  () => sitting.view?.title,
  (title) => (document.title = title ? `${title} – ${t('common.appName')}` : t('common.appName')),
);

function find(found: string): void {
  history.pushState(null, '', `/join/${found}`);
  code.value = found;
}

watch(
  code,
  (wanted) => {
    sitting.leave();
    seatAsked.value = false;
    if (wanted === null) return;
    sitting.onSeat(() => (seatAsked.value = true));
    sitting.connect(() => {
      const token = readToken(wanted);
      return token ? { as: 'handset', code: wanted, token } : { as: 'handset', code: wanted };
    });
  },
  { immediate: true },
);

/** A code may lead to a practice as well, which is taken on a page of its own. */
watch(
  () => sitting.turnedAway,
  async (away) => {
    if (!away || code.value === null) return;
    const found = await codes.find(code.value).catch(() => null);
    if (found?.practice) location.replace(`/practice/${found.code}`);
  },
);

async function join(name: string, team: string): Promise<void> {
  const token = nanoid(32);
  joining.value = true;
  notice.value = '';
  const answer = await sitting.join(token, name, team);
  joining.value = false;
  if ('refused' in answer) notice.value = told(answer);
  else keepToken(code.value!, token);
}

const claim = ref<'none' | 'asked' | 'refused'>('none');
let claimed = '';
/** Asks for a seat that was taken on another phone: the host knows whose it is. */
async function askForSeat(by: { code: string } | { name: string }): Promise<void> {
  claimed = nanoid(32);
  notice.value = '';
  sitting.onClaimed((yes) => {
    claim.value = yes ? 'none' : 'refused';
    if (yes) keepToken(code.value!, claimed);
  });
  const answer = await sitting.claimSeat(claimed, by);
  if ('refused' in answer) notice.value = told(answer);
  else if ('name' in by) claim.value = 'asked';
}

/** What this seat has before it: a question of its own, or the common one. */
const inPlay = () => sitting.seat?.asked ?? sitting.view?.question ?? null;

async function answer(wire: object): Promise<void> {
  const question = inPlay();
  if (!question || sending.value) return;
  sending.value = true;
  const result = await sitting.send({ type: 'answer', play: question.play, answer: wire });
  sending.value = false;
  const nameless = question.poll?.anonymous === true;
  // Answered before, and forgotten since: nobody can tell this phone what it was.
  if (nameless && 'refused' in result && result.refused === 'already') remember(question.play, NOT_KNOWN);
  if (nameless && !('refused' in result)) remember(question.play, viewOf(question, wire));
  if ('refused' in result) notice.value = told(result);
}

/** What this phone answered where no names are kept: the server cannot tell. */
const NOT_KNOWN: AnswerView = { slots: [], text: '' };
const kept = ref(0);
function remember(play: number, own: AnswerView): void {
  keepOwn(code.value!, play, own);
  kept.value++;
}
const seat = computed<SeatView | null>(() => {
  const [question, known] = [sitting.view?.question, sitting.seat];
  if (!known || !question?.poll?.anonymous || known.asked || kept.value < 0) return known;
  const own = ownAnswer(code.value!, question.play);
  if (!own) return known;
  const final = question.step !== 'open' || !sitting.view?.rules?.change || own.text === '';
  return { ...known, given: { answer: own, by: '', mine: true, final } };
});

/** On to the next question of one's own. */
async function goOn(): Promise<void> {
  const question = sitting.seat?.asked;
  if (!question || question.step !== 'settled' || sending.value) return;
  sending.value = true;
  const result = await sitting.send({ type: 'goOn', play: question.play });
  sending.value = false;
  if ('refused' in result && result.refused !== 'already') notice.value = told(result);
}

/** The moment of the press, on the server's clock: the way to the server must not count. */
async function buzz(): Promise<void> {
  const question = sitting.view?.question;
  if (!question) return;
  const pressed = sitting.serverNow();
  const result = await sitting.send({ type: 'buzz', play: question.play, pressed });
  if ('refused' in result && result.refused !== 'already') notice.value = told(result);
}
const act = (what: object) => tell({ type: 'act', act: what });
const choose = (ref: string) => tell({ type: 'choose', ref });
async function tell(command: SeatCommand): Promise<void> {
  const result = await sitting.send(command);
  if ('refused' in result && result.refused !== 'already') notice.value = told(result);
}

function rejoin(): void {
  forgetToken(code.value!);
  location.reload();
}

const { app } = getCurrentInstance()!.appContext;
const loadPlay = () => import('./playing.ts').then(({ makeReady }) => makeReady(app));
const AGAIN_AFTER = 1000;
const Play = defineAsyncComponent({
  loader: loadPlay,
  delay: 0,
  // On a poor network it is asked for until it comes.
  onError: (_error, retry) => setTimeout(retry, AGAIN_AFTER),
});

watch(
  () => sitting.view !== null,
  (found) => found && void loadPlay().catch(() => {}),
);

/** Where one's own answers can be looked at once the game is over: the token that held the seat leads there. */
const mine = computed(() => {
  const token = sitting.view?.phase === 'closed' && code.value !== null ? readToken(code.value) : null;
  return token === null ? '' : `/mine#${token}`;
});
const part = computed(() => {
  if (code.value === null || sitting.turnedAway) return 'code';
  if (!sitting.view || !seatAsked.value) return 'loading';
  if (!sitting.seat) return sitting.view.phase === 'closed' ? 'over' : 'join';
  return sitting.seat.removed ? 'removed' : 'play';
});
</script>

<template>
  <Play
    v-if="part === 'play'"
    :view="sitting.view!"
    :seat="seat!"
    :now="now"
    :connected="sitting.connected"
    :sending="sending"
    :notice="notice"
    :mine="mine"
    @answer="answer"
    @buzz="buzz"
    @act="act"
    @choose="choose"
    @react="sitting.react($event)"
    @spin="tell({ type: 'spin', strength: $event })"
    @use-boost="(boost, on) => tell({ type: 'useBoost', boost: boost as never, ...(on ? { on } : {}) })"
    @buy-boost="tell({ type: 'buyBoost', boost: $event as never })"
    @go-on="goOn"
    @noticed="notice = ''"
  />
  <main v-else class="main">
    <CodeForm v-if="part === 'code'" :problem="sitting.turnedAway?.sentence ?? ''" @found="find" />
    <p v-else-if="part === 'loading'" class="centre" role="status">
      {{ t(sitting.connected ? 'common.loading' : 'common.noConnection') }}
    </p>
    <JoinForm
      v-else-if="part === 'join'"
      :view="sitting.view!"
      :busy="joining"
      :problem="notice"
      :connected="sitting.connected"
      :claim="claim"
      @join="join"
      @claim="askForSeat"
    />
    <div v-else-if="part === 'over'" class="centre">
      <h1>{{ t('handset.over') }}</h1>
      <a href="/">{{ t('handset.otherShow') }}</a>
    </div>
    <div v-else class="centre">
      <p>{{ t(sitting.seat?.banned ? 'handset.banned' : 'handset.removed') }}</p>
      <BigButton v-if="!sitting.seat?.banned" class="rejoin" type="button" @click="rejoin">{{
        t('handset.rejoin')
      }}</BigButton>
    </div>
  </main>
</template>

<style scoped>
.main {
  --focus: #f2f5f1;
  /* One typeface is enough to join with: the one for headings would make a slow phone wait. */
  --display: var(--text);
  min-height: 100dvh;
  background: #101a17;
  color: #f2f5f1;
}
.centre {
  min-height: 100dvh;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 20px;
  padding: 24px;
  text-align: center;
  font-size: 18px;
}
.centre a {
  color: inherit;
}
.rejoin {
  max-width: 320px;
}
</style>
