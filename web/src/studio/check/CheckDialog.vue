<script setup lang="ts">
import { leftOutFor, type ShowFinding } from '@distaff/core/show';
import { plainText } from '@distaff/core/text';
import { mdiAlertOctagonOutline, mdiAlertOutline, mdiInformationOutline } from '@mdi/js';
import { nextTick, ref, toRaw, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOwnKey } from '../../design/useOwnKey.ts';
import { useFormat } from '../../design/useFormat.ts';
import { useJoinAddress } from '../../live/joinAddress.ts';
import { useEditor } from '../editor.ts';
import { useRoundName } from '../order/useRoundName.ts';
import { useRemark } from '../review/useRemark.ts';
import StageMeasure from '../review/StageMeasure.vue';
import { useLacks } from '../useLacks.ts';
import HandsetMeasure from './HandsetMeasure.vue';
import { useShowCheck } from './showCheck.ts';

/** What would go wrong, before the doors open: the most harmful first, each with a way to go and mend it. */
const shown = defineModel<boolean>({ required: true });
defineProps<{ opening: boolean }>();
const emit = defineEmits<{ go: [finding: ShowFinding]; open: [] }>();
const { t } = useI18n();
const ownKey = useOwnKey();
const { points, change, list } = useFormat();
const { lackWords } = useLacks();
const { told: remarkTold } = useRemark();
const nameOf = useRoundName();
const editor = useEditor();
const check = useShowCheck();
const address = useJoinAddress();
const stage = ref<InstanceType<typeof StageMeasure> | null>(null);
const handset = ref<InstanceType<typeof HandsetMeasure> | null>(null);

/** An address of this computer for itself: no phone can come there. */
const ofItself = (url: string) => /^https?:\/\/(localhost|127\.|\[::1\])/.test(url);
watch(shown, async (on) => {
  if (!on) return check.stop();
  // What was mended just now must not stand there still, and move the others when it goes.
  check.lookNow();
  await nextTick();
  await check.ask(!ofItself(address.value), async (question) => ({
    stage: (await stage.value?.measure(question)) ?? null,
    handset: (await handset.value?.measure(question)) ?? false,
  }));
});

function told({ code, params, remark, round }: ShowFinding): string {
  if (remark) return remarkTold(remark);
  const words = { ...params };
  for (const name of ['points', 'rest'] as const)
    if (typeof words[name] === 'number') words[name] = points(words[name]);
  if (typeof words.lacks === 'string') words.lacks = lackWords(words.lacks.split(',') as never);
  if (words.category === '') words.category = '…';
  if (typeof words.sum === 'number') words.sum = change(words.sum);
  if (code === 'contrast')
    words.what = list(
      String(words.what)
        .split(',')
        .map((one) => t(`look.pairs.${one}`)),
    );
  const format = editor.show!.rounds.find((one) => one.id === round)?.format;
  return t(ownKey(`editors.${format}.finding.${code}`, `check.finding.${code}`), words);
}
/** Which round and question are meant. */
function where({ round, question }: ShowFinding): string {
  const at = editor.show!.rounds.find((one) => one.id === round);
  const prompt = question === null ? '' : plainText(editor.show!.questions[question]?.prompt ?? '');
  const title = at && editor.show!.rounds.length > 1 ? nameOf(at) : '';
  return [title, prompt].filter(Boolean).join(' · ');
}
/** A round that is not ready may stay behind, where another can be played. */
function leaveOut(finding: ShowFinding): void {
  const out = leftOutFor(editor.show!, finding);
  editor.remove('check.leftOut', () => {
    for (const round of editor.show!.rounds) if (out.includes(round.id)) round.off = true;
  });
  check.lookNow();
}
const keyOf = ({ code, round, question, ref: place, params, remark }: ShowFinding) =>
  [code, round, question, place, remark?.code, JSON.stringify(params)].join(' ');
const iconOf = (finding: ShowFinding) =>
  finding.mustMend
    ? mdiAlertOctagonOutline
    : finding.code === 'newer'
      ? mdiInformationOutline
      : mdiAlertOutline;
/** Nothing in the show mends these: the sentence says what to do. */
const outside = new Set<ShowFinding['code']>(['loopback', 'noSound']);
</script>

<template>
  <v-dialog v-model="shown" :aria-label="t('check.check')" max-width="720" scrollable>
    <v-card class="card">
      <h2>{{ t('check.check') }}</h2>
      <p v-if="check.findings.length === 0 && !check.measuring">{{ t('check.checkFine') }}</p>
      <p v-if="check.measuring" class="muted" role="status">{{ t('check.measuring', check.measuring) }}</p>
      <ul>
        <li v-for="finding in check.findings" :key="keyOf(finding)" :class="{ must: finding.mustMend }">
          <v-icon :icon="iconOf(finding)" size="20" />
          <span class="grow">
            <b v-if="finding.mustMend">{{ t('check.mustMend') }}: </b>{{ told(finding) }}
            <small v-if="where(finding)" class="muted where" dir="auto">{{ where(finding) }}</small>
          </span>
          <v-btn
            v-if="leftOutFor(toRaw(editor.show!), finding).length"
            size="small"
            variant="outlined"
            @click="leaveOut(finding)"
          >
            {{ t('check.leaveOut') }}
          </v-btn>
          <v-btn
            v-if="!outside.has(finding.code)"
            size="small"
            variant="outlined"
            @click="emit('go', finding)"
          >
            {{ t('check.goThere') }}
          </v-btn>
        </li>
      </ul>
      <div class="row end">
        <v-btn variant="text" @click="shown = false">{{ t('check.back') }}</v-btn>
        <v-btn color="primary" :disabled="check.blocked" :loading="opening" @click="emit('open')">{{
          t('check.openAnyway')
        }}</v-btn>
      </div>
      <StageMeasure ref="stage" />
      <HandsetMeasure ref="handset" />
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px;
}
p {
  margin: 8px 0 0;
}
ul {
  list-style: none;
  margin: 16px 0;
  padding: 0;
  overflow-y: auto;
}
li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 10px 12px;
  border-left: 4px solid var(--weld);
  background: var(--chalk);
  margin-bottom: 6px;
}
.must {
  border-left-color: var(--madder);
}
.where {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  overflow: hidden;
  overflow-wrap: anywhere;
}
.end {
  justify-content: flex-end;
}
</style>
