<script setup lang="ts">
import { explainRound, hasList, questionsIn, type Round } from '@distaff/core/show';
import { formatOf } from '@distaff/core/formats';
import { plainText } from '@distaff/core/text';
import {
  mdiAlertOutline,
  mdiChevronDown,
  mdiChevronUp,
  mdiContentDuplicate,
  mdiDeleteOutline,
  mdiDragVertical,
  mdiPencilOutline,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useHowTo } from '../../design/useHowTo.ts';
import { useShowCheck } from '../check/showCheck.ts';
import { useEditor } from '../editor.ts';
import { formatIcons } from '../../formats/icons.ts';
import { useLength } from './useLength.ts';
import { useRoundName } from './useRoundName.ts';
import { isBehind } from './isBehind.ts';
import { useRuleWords } from './useRuleWords.ts';

/** A part of the running order: what it is, how long it takes, what is wrong with it; unfolded, how it goes. */
const { round, number } = defineProps<{ round: Round; number: number }>();
const open = defineModel<boolean>('open', { required: true });
const emit = defineEmits<{ edit: []; move: [by: number] }>();
const { t } = useI18n();
const editor = useEditor();
const check = useShowCheck();
const { told, spanOf } = useLength();
const { sentences } = useHowTo();
const nameOf = useRoundName();
const { ruleWords } = useRuleWords();
/** So many questions are listed when it is unfolded. */
const LISTED = 8;

const title = computed(() => nameOf(round));
const questions = computed(() => questionsIn(round));
const findings = computed(() => check.findings.filter((finding) => finding.round === round.id).length);
const span = computed(() => spanOf(round.id));
const facts = computed(() => {
  const sort = formatOf(round.format).sort(round.content);
  const kind = t(`formats.${round.format}.name`);
  const count = t('building.questions', questions.value.length, { named: { n: questions.value.length } });
  const parts = sort === null ? [kind, count] : [t(`formats.interlude.sort.${sort}`)];
  if (hasList(round) && round.content.rule)
    parts.push(t('building.byRule', { rule: ruleWords(round.content.rule) }));
  if (hasList(round) && isBehind(round.content)) parts.push(t('building.ruleBehind'));
  return parts.join(' · ');
});
const readIn = computed(() => {
  const read = formatOf(round.format).reads(round.content);
  return typeof read === 'string' ? read : '';
});
const prompts = computed(() =>
  questions.value.slice(0, LISTED).map((id) => ({
    id,
    text: plainText(editor.show!.questions[id]?.prompt ?? '') || t('library.noPrompt'),
  })),
);
function toggle(): void {
  const own = editor.show!.rounds.find((one) => one.id === round.id)!;
  if (own.off) delete own.off;
  else own.off = true;
}
</script>

<template>
  <div class="line" :class="{ off: round.off }">
    <div class="row head">
      <button
        type="button"
        class="handle"
        :data-handle="round.id"
        :aria-label="t('building.move', { title })"
        :title="t('building.move', { title })"
        @keydown.up.prevent="emit('move', -1)"
        @keydown.down.prevent="emit('move', 1)"
      >
        <v-icon :icon="mdiDragVertical" size="20" />
      </button>
      <b class="mono number">{{ number }}</b>
      <v-icon :icon="formatIcons[round.format]" size="22" />
      <div class="grow words">
        <button type="button" class="title clip" @click="emit('edit')">{{ title }}</button>
        <span class="muted facts">{{ facts }}</span>
      </div>
      <span
        v-if="findings"
        class="findings"
        :title="t('check.unfinishedCount', findings, { named: { n: findings } })"
      >
        <v-icon :icon="mdiAlertOutline" size="18" /> {{ findings }}
      </span>
      <span class="mono length">{{ round.off ? t('building.off') : span ? told(span.likely) : '' }}</span>
      <v-switch
        class="switch"
        :model-value="!round.off"
        :aria-label="t('building.on', { title })"
        @update:model-value="toggle"
      />
      <v-btn
        variant="text"
        size="small"
        :icon="mdiPencilOutline"
        :aria-label="t('building.edit', { title })"
        :title="t('building.edit', { title })"
        @click="emit('edit')"
      />
      <v-btn
        variant="text"
        size="small"
        :icon="mdiContentDuplicate"
        :aria-label="t('building.duplicate', { title })"
        :title="t('building.duplicate', { title })"
        @click="editor.copyRound(round.id, t('building.copyOf', { title }).slice(0, 80))"
      />
      <v-btn
        v-if="editor.show!.rounds.length > 1"
        variant="text"
        size="small"
        :icon="mdiDeleteOutline"
        :aria-label="t('building.remove', { title })"
        :title="t('building.remove', { title })"
        @click="editor.remove('studio.removedRound', () => editor.dropRound(round.id))"
      />
      <v-btn
        variant="text"
        size="small"
        :icon="open ? mdiChevronUp : mdiChevronDown"
        :aria-label="t('building.fold', { title })"
        :aria-expanded="open"
        @click="open = !open"
      />
    </div>
    <div v-if="open" class="more">
      <ul v-if="formatOf(round.format).asks">
        <li v-for="one in sentences(explainRound(round))" :key="one">{{ one }}</li>
      </ul>
      <p v-else-if="readIn" class="text">{{ plainText(readIn) }}</p>
      <ol v-if="prompts.length">
        <li v-for="one in prompts" :key="one.id" class="clip">{{ one.text }}</li>
      </ol>
      <p v-if="questions.length > LISTED" class="muted">
        {{ t('building.more', { n: questions.length - LISTED }) }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.line {
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.head {
  flex-wrap: wrap;
  padding: 6px 10px;
  gap: 6px 10px;
}
.handle {
  min-width: 32px;
  min-height: 32px;
  cursor: grab;
  color: var(--stone);
}
.number {
  width: 2ch;
  text-align: right;
}
.words {
  min-width: 180px;
  display: flex;
  flex-direction: column;
}
.title {
  text-align: left;
  font-weight: 700;
  font-size: 17px;
  min-height: 26px;
  cursor: pointer;
}
.facts {
  font-size: 14px;
}
.findings {
  display: flex;
  align-items: center;
  gap: 4px;
  color: #8a6400;
}
.length {
  min-width: 84px;
  text-align: right;
}
.switch {
  flex: none;
}
.off .title,
.off .length {
  color: var(--stone);
}
.off .title {
  text-decoration: line-through;
}
.more {
  padding: 4px 20px 14px 96px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.more ul,
.more ol {
  margin: 0;
  padding-left: 1.4em;
}
p {
  margin: 0;
}
@media (max-width: 700px) {
  .head {
    gap: 4px 2px;
  }
  .words {
    flex-basis: calc(100% - 110px);
  }
  .length {
    flex: 1 1 90px;
    min-width: 90px;
    padding-left: 8px;
    text-align: left;
    white-space: nowrap;
  }
  .more {
    padding-left: 20px;
  }
}
</style>
