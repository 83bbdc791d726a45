<script setup lang="ts">
import BareThreads from '../../../design/weave/BareThreads.vue';

/** A tape with an eyelet at its left end: one of several that can be chosen, touched, or on paper be right. */
const {
  state = '',
  sign,
  bare = false,
} = defineProps<{
  /** Right on paper; wrong once that is told; taken away. */
  state?: '' | 'key' | 'gone' | 'out';
  /** What stands in the eyelet. */
  sign: string | number;
  /** Its text is short: the rest of it is bare thread. */
  bare?: boolean;
}>();
</script>

<template>
  <div class="tape" :class="state">
    <BareThreads v-if="bare && state === ''" class="free" lying fades />
    <span class="eyelet">{{ sign }}</span>
    <slot />
  </div>
</template>

<style scoped>
.tape {
  position: relative;
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 0.2em calc(1.6 * var(--u));
  background: var(--panel);
}
.free {
  position: absolute;
  inset: 0 0 0 55%;
}
.eyelet {
  flex: none;
  width: 1.5em;
  height: 1.5em;
  display: grid;
  place-content: center;
  border: max(2px, calc(0.4 * var(--thread))) solid currentcolor;
  border-radius: 50%;
  background: var(--ground);
  color: var(--light);
  font-weight: 700;
  font-size: 0.8em;
}
.key {
  --light: #ede6d4;
  --ground: #14211d;
  background: var(--flax, #ede6d4);
  color: #14211d;
  font-weight: 700;
}
.key .eyelet {
  border-color: transparent;
}
.gone {
  color: var(--dim);
  background: none;
  box-shadow: inset 0 0 0 1px var(--edge);
}
.gone .eyelet {
  background: none;
  border-color: currentcolor;
  color: inherit;
  font-size: 1em;
}
.out {
  color: var(--dim);
  background: repeating-linear-gradient(135deg, var(--edge) 0 2px, transparent 2px 12px);
}
</style>
