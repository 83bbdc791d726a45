<script setup lang="ts">
import { wordsOfOption, type OptionView } from '@distaff/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../../design/letters.ts';
import OptionContent from '../../../design/media/OptionContent.vue';

/** Match pairs: the left one that is marked takes the right one that is touched; then the next is marked. */
const { left, options, disabled } = defineProps<{
  left: readonly OptionView[];
  options: readonly OptionView[];
  disabled: boolean;
}>();
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const chosen = ref<(number | null)[]>(left.map(() => null));
const active = ref(0);
const activeWords = computed(() => {
  const one = left[active.value];
  return one ? wordsOfOption(one) : '';
});
const done = computed(() => chosen.value.filter((slot) => slot !== null).length);

function take(slot: number): void {
  const next = chosen.value.map((one) => (one === slot ? null : one));
  next[active.value] = slot;
  chosen.value = next;
  const free = [...left.keys()].map((i) => (active.value + 1 + i) % left.length);
  active.value = free.find((i) => next[i] === null) ?? active.value;
}
watch(
  chosen,
  () => {
    wire.value = done.value === left.length ? { slots: chosen.value } : null;
    word.value =
      done.value === left.length
        ? t('handset.sendPairs')
        : t('handset.pairsLeft', { n: left.length - done.value });
  },
  { immediate: true },
);
</script>

<template>
  <div class="match">
    <div role="radiogroup" :aria-label="t('handset.matchLeft')" class="bars">
      <button
        v-for="(one, i) in left"
        :key="i"
        type="button"
        role="radio"
        class="bar"
        :aria-checked="active === i"
        :disabled="disabled"
        @click="active = i"
      >
        <OptionContent class="grow" :option="one" />
        <span class="partner">
          <template v-if="chosen[i] !== null"
            ><b>{{ letterOf(chosen[i]!) }}</b> <OptionContent :option="options[chosen[i]!]"
          /></template>
          <template v-else>…</template>
        </span>
      </button>
    </div>
    <p>{{ t('handset.matchWith', { left: activeWords }) }}</p>
    <div role="group" :aria-label="t('handset.matchRight')" class="bars chips">
      <button
        v-for="(option, i) in options"
        :key="i"
        type="button"
        class="bar"
        :aria-pressed="chosen[active] === i"
        :class="{ taken: chosen.includes(i) }"
        :disabled="disabled"
        @click="take(i)"
      >
        <span class="eyelet">{{ letterOf(i) }}</span> <OptionContent class="grow" :option="option" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.match {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
p {
  margin: 0;
}
.partner {
  color: var(--accent);
  text-align: right;
}
.match .chips {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.taken {
  border-style: dashed;
  color: var(--dim);
}
</style>
