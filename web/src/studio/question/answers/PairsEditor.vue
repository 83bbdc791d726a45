<script setup lang="ts">
import { MAX_OPTIONS, MIN_OPTIONS, type ContentOf, type Pair } from '@distaff/core/question';
import type { Picture } from '@distaff/core/media';
import { mdiClose, mdiDragVertical, mdiPlus } from '@mdi/js';
import { nanoid } from 'nanoid';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import MediaSlot from '../../media/MediaSlot.vue';

/** Pairs, left and right as they belong together, and right ones that belong to nobody. */
const content = defineModel<ContentOf<'match'>>({ required: true });
const { t } = useI18n();
const root = ref<HTMLElement | null>(null);
const pairs = computed({
  get: () => content.value.pairs,
  set: (list: Pair[]) => (content.value.pairs = list),
});
const full = computed(() => pairs.value.length + content.value.extras.length >= MAX_OPTIONS);

const focusOn = (i: number) => root.value?.querySelectorAll<HTMLInputElement>('.left')[i]?.focus();
async function next(i: number): Promise<void> {
  if (i + 1 === pairs.value.length && !full.value) pairs.value.push({ id: nanoid(10), left: '', right: '' });
  await nextTick();
  focusOn(i + 1);
}
</script>

<template>
  <fieldset ref="root">
    <legend>
      {{ t('form.pairs') }} <span class="muted">{{ t('form.pairsHint') }}</span>
    </legend>
    <VueDraggable v-model="pairs" class="list" handle=".handle" :animation="150">
      <div v-for="(pair, i) in pairs" :key="pair.id" class="line" :data-place="i">
        <span class="handle" aria-hidden="true"><v-icon :icon="mdiDragVertical" size="18" /></span>
        <MediaSlot
          :model-value="pair.picture ?? null"
          kind="picture"
          small
          :label="t('media.pairPicture', { n: i + 1 })"
          @update:model-value="pair.picture = $event as Picture | null"
        />
        <input
          v-model="pair.left"
          class="left"
          maxlength="120"
          :aria-label="t('form.left', { n: i + 1 })"
          :placeholder="t('form.left', { n: i + 1 })"
        />
        <span aria-hidden="true">–</span>
        <input
          v-model="pair.right"
          maxlength="120"
          :aria-label="t('form.right', { n: i + 1 })"
          :placeholder="t('form.right', { n: i + 1 })"
          @keydown.enter.exact.prevent="next(i)"
        />
        <button
          v-if="pairs.length > MIN_OPTIONS"
          type="button"
          class="drop"
          :aria-label="t('form.removePair', { n: i + 1 })"
          @click="pairs.splice(i, 1)"
        >
          <v-icon :icon="mdiClose" size="16" />
        </button>
      </div>
    </VueDraggable>
    <div v-for="(extra, i) in content.extras" :key="extra.id" class="line">
      <span class="nobody">{{ t('form.nobodys') }}</span>
      <span aria-hidden="true">–</span>
      <input v-model="extra.text" maxlength="200" :aria-label="t('form.extra', { n: i + 1 })" />
      <button
        type="button"
        class="drop"
        :aria-label="t('form.removeExtra', { n: i + 1 })"
        @click="content.extras.splice(i, 1)"
      >
        <v-icon :icon="mdiClose" size="16" />
      </button>
    </div>
    <div class="foot">
      <v-btn
        v-if="!full"
        variant="text"
        size="small"
        :prepend-icon="mdiPlus"
        @click="next(pairs.length - 1)"
        >{{ t('form.addPair') }}</v-btn
      >
      <v-btn
        v-if="!full"
        variant="text"
        size="small"
        :prepend-icon="mdiPlus"
        @click="content.extras.push({ id: nanoid(10), text: '' })"
        >{{ t('form.addExtra') }}</v-btn
      >
      <v-select
        v-model="content.marking"
        class="marking"
        density="compact"
        hide-details
        :label="t('form.marking')"
        :items="[
          { value: 'all', title: t('form.markAll') },
          { value: 'pairs', title: t('form.markPairs') },
        ]"
      />
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
legend {
  margin-bottom: 6px;
  font-weight: 700;
}
legend .muted {
  font-weight: 400;
  font-size: 14px;
}
.list {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.line {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 0 6px 0 2px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.line input,
.nobody {
  flex: 1;
  min-width: 0;
  min-height: 38px;
}
.nobody {
  display: grid;
  align-content: center;
  padding-left: 28px;
  color: var(--stone);
}
.handle {
  color: var(--stone);
  cursor: grab;
}
.drop {
  min-width: 28px;
  min-height: 28px;
  cursor: pointer;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  margin-top: 6px;
}
.marking {
  max-width: 280px;
}
</style>
