<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import type { Weave } from '@distaff/core/show';
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';
import WeaveSwatch from '../../design/WeaveSwatch.vue';
import Tape from './frame/Tape.vue';

/** Options as tapes with a letter in an eyelet. At the key the right one is paper, and the wrong ones recede. */
const {
  options,
  keySlots,
  ruledOut,
  picks,
  sequence = null,
  counts = null,
  canChoose = false,
} = defineProps<{
  options: readonly OptionView[];
  keySlots: readonly number[] | null;
  ruledOut: readonly number[];
  /** Slots in the right order, once that is shown: then the bars stand in it, with numbers. */
  sequence?: readonly number[] | null;
  picks: readonly { slot: number; team: { id: string; name: string; weave: Weave } }[];
  /** How many chose each, where they are too many to be named. */
  counts?: readonly { count: number; percent: number }[] | null;
  canChoose?: boolean;
}>();
const emit = defineEmits<{ choose: [slot: number] }>();
const { t } = useI18n();
/** So many who picked it are named on a bar. */
const MOST_CHIPS = 6;
const pickedBy = (slot: number) => picks.filter((one) => one.slot === slot);
const chipsOf = (slot: number) => pickedBy(slot).slice(0, MOST_CHIPS);
const slots = computed(() => sequence ?? options.map((_, slot) => slot));
const pictured = computed(() => options.some((option) => option.picture));
/** Together so long that one below the other would leave no room for the question. */
const LONG = 320;
const long = computed(
  () =>
    !keySlots &&
    !sequence &&
    options.length > 3 &&
    options.reduce((sum, one) => sum + one.text.length, 0) > LONG,
);
/** So short that the end of its tape is bare, where nothing else stands there. */
const SHORT = 24;
const isShort = (slot: number) =>
  !counts && (options[slot]?.text.length ?? 0) <= SHORT && !options[slot]?.picture && picks.length === 0;
const stateOf = (slot: number) => {
  if (sequence) return 'key';
  if (keySlots) return keySlots.includes(slot) ? 'key' : 'gone';
  return ruledOut.includes(slot) ? 'out' : '';
};
</script>

<template>
  <ol class="bars" :class="{ many: options.length > 5, long, pictured }">
    <li v-for="(slot, i) in slots" :key="slot" :class="stateOf(slot)">
      <Tape
        class="tape"
        :class="{ counted: counts?.[slot] && !keySlots }"
        :state="stateOf(slot)"
        :sign="sequence ? i + 1 : letterOf(slot)"
        :bare="isShort(slot)"
        :style="counts?.[slot] ? { '--share': `${counts[slot].percent}%` } : {}"
      >
        <OptionContent class="text" :option="options[slot]" size="large" />
        <span v-if="counts?.[slot]" class="count mono"
          >{{ counts[slot]!.count }} · {{ t('common.percent', { n: counts[slot]!.percent }) }}</span
        >
        <span v-for="pick in chipsOf(slot)" :key="pick.team.id" class="chip">
          <WeaveSwatch :weave="pick.team.weave" /> <span class="clip">{{ pick.team.name }}</span>
        </span>
        <span v-if="pickedBy(slot).length > MOST_CHIPS" class="chip">{{
          t('stage.andMore', { n: pickedBy(slot).length - MOST_CHIPS })
        }}</span>
        <span v-if="!sequence && stateOf(slot) === 'key'" class="told"
          ><v-icon :icon="mdiCheckBold" size="1em" /> {{ t('stage.key') }}</span
        >
        <button
          v-if="canChoose && stateOf(slot) === ''"
          type="button"
          class="touch"
          :aria-label="t('stage.choose', { letter: letterOf(slot), text: options[slot]?.text ?? '' })"
          @click="emit('choose', slot)"
        />
      </Tape>
    </li>
  </ol>
</template>

<style scoped>
.bars {
  --size: calc(3.9 * var(--u) * var(--fit, 1));
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: calc(1.1 * var(--u) * var(--fit, 1));
}
/* Many long ones stand in two columns. */
.bars.long {
  grid-template-columns: 1fr 1fr;
}
li {
  min-width: 0;
  font-size: var(--size);
  line-height: 1.15;
}
.tape {
  height: 100%;
  min-height: calc(2.4 * var(--size));
  box-sizing: border-box;
  padding: calc(0.18 * var(--size)) calc(2 * var(--u)) calc(0.18 * var(--size)) calc(4 * var(--thread));
}
.many li {
  --size: calc(3 * var(--u) * var(--fit, 1));
}
/* Pictures need height: two or more bars beside each other. */
.pictured {
  display: grid;
  grid-template-columns: 1fr 1fr;
  --thumb: calc(20 * var(--u) * var(--fit, 1));
}
.pictured.many {
  grid-template-columns: 1fr 1fr 1fr;
  --thumb: calc(11 * var(--u) * var(--fit, 1));
}
.pictured .tape {
  padding-block: calc(0.8 * var(--u) * var(--fit, 1));
}
/* A bar as long as the share of those who chose it. */
.tape.counted {
  background: linear-gradient(
    to right,
    color-mix(in srgb, var(--panel), var(--accent) 35%) var(--share),
    var(--panel) var(--share)
  );
}
.text {
  flex: 1;
  min-width: min(8em, 60%);
  overflow-wrap: anywhere;
}
/* Wrong ones recede, cut where they are long: the key never stands smaller than they do. */
.gone {
  font-size: max(0.72 * var(--size), min(1.7 * var(--u), var(--size)));
}
.gone .tape {
  min-height: 0;
}
.gone .text {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.gone :deep(.rich),
.gone :deep(.rich p) {
  display: inline;
}
.out .text {
  text-decoration: line-through;
}

.chip {
  flex: none;
  display: inline-flex;
  align-items: center;
  gap: 0.3em;
  max-width: 12em;
  padding: 0.15em 0.5em;
  border-radius: 0.3em;
  background: #101a17;
  color: #f2f5f1;
  font-size: max(0.72em, calc(1.9 * var(--u)));
  font-weight: 400;
}
.touch {
  position: absolute;
  inset: 0;
  cursor: pointer;
}
.count {
  flex: none;
  margin-inline-start: auto;
  font-weight: 700;
}
.told {
  flex: none;
  font-size: 0.8em;
}
</style>
