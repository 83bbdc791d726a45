<script setup lang="ts">
import type { ShowFinding } from '@distaff/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useEditor } from '../editor.ts';
import { useLacks } from '../useLacks.ts';

/** What would go wrong, before the doors open: the must-mend first, each with a way to go there. */
const shown = defineModel<boolean>({ required: true });
defineProps<{ opening: boolean }>();
const emit = defineEmits<{ go: [finding: ShowFinding]; open: [] }>();
const { t } = useI18n();
const { points, change } = useFormat();
const { lackWords } = useLacks();
const editor = useEditor();

const blocked = computed(() => editor.findings.some((finding) => finding.mustMend));
function told({ code, params, round }: ShowFinding): string {
  const words = { ...params };
  if (typeof words.points === 'number') words.points = points(words.points);
  if (typeof words.lacks === 'string') words.lacks = lackWords(words.lacks.split(',') as never);
  if (code === 'cellUnfinished' && words.category === '') words.category = '…';
  if (code === 'coversNotBalanced') words.sum = change(Number(words.sum));
  // Which round is meant is said where there are several.
  const at = editor.show!.rounds.find((one) => one.id === round);
  if (at && editor.show!.rounds.length > 1)
    return `${at.title || t(`common.formats.${at.format}`)}: ${t(`studio.finding.${code}`, words)}`;
  return t(`studio.finding.${code}`, words);
}
</script>

<template>
  <v-dialog v-model="shown" :aria-label="t('studio.check')" max-width="620" scrollable>
    <v-card class="card">
      <h2>{{ t('studio.check') }}</h2>
      <p v-if="editor.findings.length === 0">{{ t('studio.checkFine') }}</p>
      <ul>
        <li v-for="(finding, i) in editor.findings" :key="i" :class="{ must: finding.mustMend }">
          <span class="grow">
            <b v-if="finding.mustMend">{{ t('studio.mustMend') }}: </b>{{ told(finding) }}
          </span>
          <v-btn
            v-if="finding.code !== 'turnsUneven' && finding.code !== 'noPlayableCell'"
            size="small"
            variant="outlined"
            @click="emit('go', finding)"
          >
            {{ t('studio.goThere') }}
          </v-btn>
        </li>
      </ul>
      <div class="row end">
        <v-btn variant="text" @click="shown = false">{{ t('studio.back') }}</v-btn>
        <v-btn color="primary" :disabled="blocked" :loading="opening" @click="emit('open')">{{
          t('studio.openAnyway')
        }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  padding: 20px;
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
.end {
  justify-content: flex-end;
}
</style>
