<script setup lang="ts">
import { patterns, weaveAt, type Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { weaveBackground } from '../../design/weave/tile.ts';

/** Chooses a pattern and two colours. */
const weave = defineModel<Weave>({ required: true });
defineProps<{ name: string }>();
const { t } = useI18n();

/** The pairs that the weaves of new teams have: every one tells its two threads apart. */
const pairs = Array.from({ length: 7 }, (_, n) => weaveAt(n)).map(({ warp, weft }) => ({ warp, weft }));
const pairWord = (pair: { warp: Weave['warp']; weft: Weave['weft'] }) =>
  t('studio.pair', { warp: t(`studio.dyes.${pair.warp}`), weft: t(`studio.dyes.${pair.weft}`) });
const label = computed(() => `${t(`studio.patterns.${weave.value.pattern}`)}, ${pairWord(weave.value)}`);
</script>

<template>
  <v-menu :close-on-content-click="false">
    <template #activator="{ props }">
      <button
        v-bind="props"
        type="button"
        class="swatch"
        :style="weaveBackground(weave, 1.2)"
        :aria-label="`${t('studio.weaveOf', { name })}: ${label}`"
        :title="label"
      />
    </template>
    <v-card class="card">
      <h3>{{ t('studio.pattern') }}</h3>
      <div class="grid" role="radiogroup" :aria-label="t('studio.pattern')">
        <button
          v-for="pattern in patterns"
          :key="pattern"
          type="button"
          role="radio"
          class="choice"
          :aria-checked="weave.pattern === pattern"
          :aria-label="t(`studio.patterns.${pattern}`)"
          :title="t(`studio.patterns.${pattern}`)"
          :style="weaveBackground({ ...weave, pattern }, 1.2)"
          @click="weave = { ...weave, pattern }"
        />
      </div>
      <h3>{{ t('studio.colours') }}</h3>
      <div class="grid" role="radiogroup" :aria-label="t('studio.colours')">
        <button
          v-for="pair in pairs"
          :key="pair.warp"
          type="button"
          role="radio"
          class="choice"
          :aria-checked="weave.warp === pair.warp"
          :aria-label="pairWord(pair)"
          :title="pairWord(pair)"
          :style="weaveBackground({ ...weave, ...pair }, 1.2)"
          @click="weave = { ...weave, ...pair }"
        />
      </div>
    </v-card>
  </v-menu>
</template>

<style scoped>
.swatch,
.choice {
  width: 52px;
  height: 40px;
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
}
.card {
  padding: 14px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(6, 52px);
  gap: 8px;
  margin: 8px 0 14px;
}
.choice[aria-checked='true'] {
  outline: 3px solid var(--moss);
  outline-offset: 2px;
}
</style>
