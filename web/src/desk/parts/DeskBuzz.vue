<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useDesk } from '../useDesk.ts';

/** Who buzzed, and how sure it is who was first. */
const { t } = useI18n();
const desk = useDesk();
const name = (team: string) => desk.view.teams.find((one) => one.id === team)?.name ?? '';
const own = computed(() => desk.view.private.question!);
const presses = computed(() => [...own.value.presses].sort((a, b) => a.pressed - b.pressed));
const first = computed(() => presses.value[0]?.pressed ?? 0);
const distrusted = computed(() => presses.value.filter((one) => one.distrusted).map((one) => name(one.team)));
const said = computed(() => {
  const buzz = desk.question?.buzz;
  if (!buzz) return t(desk.question?.step === 'open' ? 'desk.buzzOpen' : 'desk.buzzKeys');
  const words = { team: name(buzz.team), ms: Math.round(buzz.ahead ?? 0), doubt: Math.round(buzz.doubt) };
  if (buzz.drawn) return t('desk.buzzDrawn', words);
  return buzz.ahead === null ? t('desk.buzzAlone', words) : t('desk.buzzBy', words);
});
</script>

<template>
  <section class="buzz" role="status">
    <p>
      <b>{{ said }}</b>
    </p>
    <p v-if="distrusted.length" class="muted">
      {{ t('desk.buzzDistrusted', { teams: distrusted.join(', ') }) }}
    </p>
    <ol v-if="presses.length > 1">
      <li v-for="press in presses" :key="press.team">
        {{ name(press.team) }}
        <span class="mono">{{ t('desk.buzzAfter', { ms: Math.round(press.pressed - first) }) }}</span>
      </li>
    </ol>
    <p v-if="own.early.length" class="muted">
      {{ t('desk.buzzEarly', { teams: own.early.map(name).join(', ') }) }}
    </p>
  </section>
</template>

<style scoped>
.buzz {
  padding: 8px 12px;
  border-left: 4px solid var(--weld);
  background: #fbf1d2;
}
p,
ol {
  margin: 0;
}
</style>
