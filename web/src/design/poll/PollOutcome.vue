<script setup lang="ts">
import type { Control, OptionView, Outcome } from '@distaff/core/question';
import type { EarlierRun } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../useFormat.ts';
import PollRanked from './PollRanked.vue';
import PollScale from './PollScale.vue';
import PollShares from './PollShares.vue';
import PollWords from './PollWords.vue';

/** What many answered together, drawn for its kind; sizes follow the type size around it. */
const {
  outcome,
  options,
  control,
  before = null,
  own = [],
} = defineProps<{
  outcome: Outcome;
  options: readonly OptionView[];
  control: Control | null;
  before?: EarlierRun | null;
  /** The places that this phone chose. */
  own?: readonly number[];
}>();
const { t } = useI18n();
const { date } = useFormat();
const ends = computed(() =>
  control?.type === 'scale' ? { low: control.low, high: control.high } : { low: '', high: '' },
);
/** An earlier run can stand beside it only where it was asked in the same way. */
const earlier = computed(() => (before?.outcome.type === outcome.type ? before.outcome : null));
const earlierName = computed(() =>
  before?.at == null
    ? (before?.round ?? '') || t('common.poll.before')
    : date(new Date(before.at).toISOString()),
);
</script>

<template>
  <div class="outcome">
    <p v-if="earlier && outcome.type !== 'words' && outcome.type !== 'scale'" class="runs">
      {{ t('common.poll.thinner', { name: earlierName }) }}
    </p>
    <PollShares
      v-if="outcome.type === 'shares'"
      :outcome="outcome"
      :options="options"
      :before="earlier?.type === 'shares' ? earlier : null"
      :own="own"
    />
    <PollScale
      v-else-if="outcome.type === 'scale'"
      class="scale"
      :outcome="outcome"
      :before="earlier?.type === 'scale' ? earlier : null"
      :before-name="earlierName"
      :now-name="t('common.poll.now')"
      :own="own[0] ?? null"
      v-bind="ends"
    />
    <PollRanked
      v-else-if="outcome.type === 'ranked'"
      :outcome="outcome"
      :options="options"
      :before="earlier?.type === 'ranked' ? earlier : null"
    />
    <PollWords v-else :outcome="outcome" />
  </div>
</template>

<style scoped>
.outcome {
  container-type: inline-size;
  display: flex;
  flex-direction: column;
  gap: 0.6em;
}
.scale {
  flex: 1;
}
.runs {
  margin: 0;
  color: var(--dim);
}
</style>
