<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { marks } from '../design/marks.ts';
import { usePractice } from './practice.ts';
import Strip from './Strip.vue';

/** Whoever chose a name under which something was done before says whether that was them. */
const practice = usePractice();
const { t } = useI18n();
const me = computed(() => practice.me!);
const on = computed(() => practice.runOn);
const done = computed(() => on.value?.summary.lengths.length ?? 0);
const outOf = computed(() => practice.head!.outOf);
function goOn(): void {
  const { runs } = me.value;
  practice.me = { ...me.value, elsewhere: false };
  const run = on.value ?? runs.at(-1);
  if (run) void practice.goOnWith(run.id);
}
</script>

<template>
  <section class="pick">
    <Strip
      :lengths="on?.summary.lengths ?? []"
      :of="practice.head!.of"
      :weave="me.weave"
      :now="on !== null"
    />
    <div class="body">
      <p class="name clip">{{ me.name }}</p>
      <p class="topic">{{ practice.head!.title }}</p>
      <h1 v-if="on">{{ t('practice.pickUp', { n: done + 1, of: practice.head!.of }) }}</h1>
      <h1 v-else>{{ t('practice.pickUpOver', { points: marks(me.points ?? 0), outOf }) }}</h1>
      <p v-if="on && done > 0" class="dim">{{ t('practice.answered', done, { named: { n: done } }) }}</p>
      <div class="ways">
        <v-btn color="primary" size="x-large" block @click="goOn">{{
          on ? t('practice.goOnWith', { n: done + 1 }) : t('practice.goOnAs', { name: me.name })
        }}</v-btn>
        <v-btn variant="outlined" size="x-large" block @click="practice.leave()">{{
          t('practice.notMe', { name: me.name })
        }}</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped>
.pick,
.body {
  flex: 1;
  display: flex;
  flex-direction: column;
}
.body {
  gap: 12px;
  padding: 16px;
}
p {
  margin: 0;
}
.name {
  margin-bottom: auto;
  font-weight: 700;
}
.topic {
  color: var(--accent);
  font-weight: 700;
}
.dim {
  color: var(--dim);
}
h1 {
  font-size: 28px;
}
.ways {
  display: flex;
  flex-direction: column;
  gap: 12px;
  margin-top: auto;
}
</style>
