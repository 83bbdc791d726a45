<script setup lang="ts">
import type { PublicView } from '@distaff/core/sitting';
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { keyInWords } from './keyInWords.ts';
import PictureFrame from '../design/media/PictureFrame.vue';
import RichText from '../design/rich/RichText.vue';
import { verdictIcon } from '../design/verdict.ts';
import SewnLabel from '../design/weave/SewnLabel.vue';
import { weaveBackground } from '../design/weave/tile.ts';

/** How a question ended for whoever was asked it alone: right or not, what that brought, what was right, and why. */
const { question, verdict, weave } = defineProps<{
  question: NonNullable<PublicView['question']>;
  verdict: keyof typeof verdictIcon;
  /** The verdict in words. */
  word: string;
  /** What it brought, as it is read; empty for nothing to say. */
  brought: string;
  weave: Parameters<typeof weaveBackground>[0] | null;
  /** What is said for it, or against it; may be empty. */
  said: string;
  keyLabel: string;
}>();
const good = computed(() => verdict === 'right' || verdict === 'part');
const key = computed(() => keyInWords(question));
</script>

<template>
  <div class="cloth" :class="{ bare: !good }" :style="good && weave ? weaveBackground(weave, 2) : {}">
    <SewnLabel class="label" role="status">
      <p><v-icon :icon="verdictIcon[verdict]" /> {{ word }}</p>
      <b v-if="brought">{{ brought }}</b>
    </SewnLabel>
  </div>
  <p v-if="said">{{ said }}</p>
  <div v-if="key" class="key">
    <small>{{ keyLabel }}</small>
    <p><v-icon :icon="mdiCheckBold" /> <RichText inline :text="key" /></p>
  </div>
  <PictureFrame v-if="question.key?.picture" :picture="question.key.picture" size="small" />
  <RichText v-if="question.key?.explanation" :text="question.key.explanation" />
</template>

<style scoped>
p {
  margin: 0;
}
.cloth {
  flex: 1 0 180px;
  margin: -8px -16px 0;
  display: grid;
  place-content: center;
}
/* What was not won is bare threads. */
.bare {
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 20%, transparent) 0 1px,
    transparent 1px 8px
  );
}
.label {
  align-items: center;
  font-size: 20px;
  font-weight: 700;
}
.label b {
  font-size: 56px;
}
.key small {
  color: var(--dim);
  font-size: 15px;
}
.key p {
  font-size: 22px;
  font-weight: 700;
}
</style>
