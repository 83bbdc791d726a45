<script setup lang="ts">
import { explainRound, type Round } from '@distaff/core/show';
import { formatOf } from '@distaff/core/formats';
import { mdiContentDuplicate, mdiDoorOpen } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { server } from '../api/server.ts';
import { useFormat } from '../design/useFormat.ts';
import { useHowTo } from '../design/useHowTo.ts';
import { useEditor } from './editor.ts';
import { formatIcons } from '../formats/icons.ts';
import { useRoundName } from './order/useRoundName.ts';
import RehearseDialog from './RehearseDialog.vue';
import QuestionRead from './share/QuestionRead.vue';
import StudioBar from './StudioBar.vue';

/** A show of somebody else that one may read, and perhaps host, but not change. */
const { t } = useI18n();
const { points } = useFormat();
const router = useRouter();
const editor = useEditor();
const { sentences } = useHowTo();
const nameOf = useRoundName();
const hosts = computed(() => editor.access.role === 'cohost');
const problem = ref('');
const busy = ref(false);

/** The questions of a round with where they stand: a category and a value, or a number. */
function questionsOf({ format, content }: Round): { place: string; id: string }[] {
  return formatOf(format)
    .places(content)
    .flatMap(({ label, question, points: value }, i) =>
      question === null
        ? []
        : [{ place: label ? `${label} · ${points(value)}` : String(i + 1), id: question }],
    );
}
async function go(work: () => Promise<string>): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  problem.value = '';
  try {
    await router.push(await work());
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
const open = () => go(async () => `/desk/${(await server.openDoors(editor.id)).id}`);
const duplicate = () =>
  go(async () => {
    const title = t('studio.copyOf', { title: editor.show!.title }).slice(0, 120);
    return `/studio/shows/${(await server.duplicateShow(editor.id, title)).id}`;
  });
</script>

<template>
  <div>
    <StudioBar>
      <template #end>
        <v-btn variant="outlined" :prepend-icon="mdiContentDuplicate" :disabled="busy" @click="duplicate">{{
          t('studio.duplicate')
        }}</v-btn>
        <template v-if="hosts">
          <RehearseDialog />
          <v-btn color="primary" :prepend-icon="mdiDoorOpen" :disabled="busy" @click="open">{{
            t('studio.openDoors')
          }}</v-btn>
        </template>
      </template>
    </StudioBar>
    <main class="page">
      <h1>{{ editor.show!.title || t('studio.untitled') }}</h1>
      <p class="muted">
        {{ t('share.by', { name: editor.access.owner ?? '' }) }} ·
        {{ t(hosts ? 'share.mayHostShow' : 'share.mayReadShow') }}
      </p>
      <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
      <section v-for="(round, i) in editor.show!.rounds" :key="round.id" class="round">
        <h2>
          <span class="mono">{{ i + 1 }}</span> <v-icon :icon="formatIcons[round.format]" size="22" />
          {{ nameOf(round) }} <span v-if="round.off" class="muted">{{ t('building.off') }}</span>
        </h2>
        <ul v-if="formatOf(round.format).asks" class="muted">
          <li v-for="one in sentences(explainRound(round))" :key="one">{{ one }}</li>
        </ul>
        <div v-for="{ place, id } in questionsOf(round)" :key="id" class="question">
          <p class="place muted">{{ place }}</p>
          <QuestionRead v-if="editor.show!.questions[id]" :question="editor.show!.questions[id]!" />
        </div>
      </section>
    </main>
  </div>
</template>

<style scoped>
.page {
  max-width: 820px;
  margin: 0 auto;
  padding: 24px 20px 60px;
}
h2 {
  display: flex;
  align-items: center;
  gap: 10px;
  margin: 32px 0 8px;
}
ul {
  margin: 0 0 12px;
  padding-left: 1.4em;
}
.question {
  margin-bottom: 14px;
  padding: 12px 16px 16px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  /* Long shows: what is out of sight is not drawn. */
  content-visibility: auto;
  contain-intrinsic-size: auto 260px;
}
.place {
  margin: 0 0 6px;
  font-weight: 700;
}
</style>
