<script setup lang="ts">
import { MAX_OPTIONS, MIN_OPTIONS, picks, type ContentOf, type Option } from '@distaff/core/question';
import type { Picture } from '@distaff/core/media';
import { mdiClose, mdiDragVertical, mdiPlus } from '@mdi/js';
import { nanoid } from 'nanoid';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import MediaSlot from '../../media/MediaSlot.vue';
import { letterOf } from '../../../design/letters.ts';

/**
 * Two to eight options: with one key, with several, in the right order, or without any. Enter leads
 * to the next one, Ctrl+Enter marks the key, Alt with an arrow moves one.
 */
type Content = ContentOf<'choice'> | ContentOf<'many'> | ContentOf<'order'> | ContentOf<'opinion'>;
const content = defineModel<Content>({ required: true });
const { t } = useI18n();
const root = ref<HTMLElement | null>(null);
const options = computed({
  get: () => content.value.options,
  set: (list: Option[]) => (content.value.options = list),
});
/** How many of them people choose, where nothing is right or wrong. */
const pick = computed({
  get: () => (content.value.kind === 'opinion' ? (content.value.pick ?? 'one') : 'one'),
  set: (value) => content.value.kind === 'opinion' && (content.value.pick = value),
});
const ordered = computed(() => content.value.kind === 'order');
const hint = computed(
  () =>
    ({
      choice: 'form.keyHint',
      many: 'form.keysHint',
      order: 'form.orderHint',
      opinion: 'form.opinionHint',
    })[content.value.kind],
);
const signOf = (i: number) => (ordered.value ? `${i + 1}` : letterOf(i));

function isKey(id: string): boolean {
  const own = content.value;
  return own.kind === 'choice' ? own.key === id : own.kind === 'many' ? own.keys.includes(id) : false;
}
function toggleKey(id: string): void {
  const own = content.value;
  if (own.kind === 'choice') own.key = own.key === id ? null : id;
  else if (own.kind === 'many')
    own.keys = own.keys.includes(id) ? own.keys.filter((one) => one !== id) : [...own.keys, id];
}

const focusOn = (i: number) => root.value?.querySelectorAll<HTMLInputElement>('.text')[i]?.focus();
async function add(): Promise<void> {
  if (options.value.length >= MAX_OPTIONS) return;
  options.value.push({ id: nanoid(10), text: '' });
  await nextTick();
  focusOn(options.value.length - 1);
}
function next(i: number): void {
  if (i + 1 < options.value.length) focusOn(i + 1);
  else void add();
}
function remove(i: number): void {
  const [gone] = options.value.splice(i, 1);
  // The key never slides to a neighbour: it goes with its option.
  if (gone && isKey(gone.id)) toggleKey(gone.id);
}
async function move(i: number, by: number): Promise<void> {
  const to = i + by;
  if (to < 0 || to >= options.value.length) return;
  const list = [...options.value];
  list.splice(to, 0, ...list.splice(i, 1));
  options.value = list;
  await nextTick();
  focusOn(to);
}
</script>

<template>
  <fieldset ref="root" class="options">
    <legend>
      {{ t(ordered ? 'form.things' : 'form.options') }} <span class="muted">{{ t(hint) }}</span>
    </legend>
    <VueDraggable v-model="options" class="list" handle=".handle" :animation="150">
      <div
        v-for="(option, i) in options"
        :key="option.id"
        class="option"
        :class="{ key: isKey(option.id) }"
        :data-place="i"
      >
        <span class="handle" :title="t('form.moveOption')" aria-hidden="true"
          ><v-icon :icon="mdiDragVertical" size="18"
        /></span>
        <input
          v-if="content.kind === 'choice' || content.kind === 'many'"
          :type="content.kind === 'many' ? 'checkbox' : 'radio'"
          class="mark"
          :name="`key-${options[0]!.id}`"
          :checked="isKey(option.id)"
          :aria-label="t('form.isKey', { letter: letterOf(i) })"
          :title="t('form.isKey', { letter: letterOf(i) })"
          @change="isKey(option.id) || toggleKey(option.id)"
          @click="content.kind === 'many' && isKey(option.id) && toggleKey(option.id)"
        />
        <b class="mono">{{ signOf(i) }}</b>
        <input
          v-model="option.text"
          class="text"
          maxlength="200"
          :aria-label="t(ordered ? 'form.thing' : 'form.option', { letter: signOf(i) })"
          @keydown.enter.exact.prevent="next(i)"
          @keydown.ctrl.enter.exact.prevent="toggleKey(option.id)"
          @keydown.meta.enter.exact.prevent="toggleKey(option.id)"
          @keydown.alt.up.prevent="move(i, -1)"
          @keydown.alt.down.prevent="move(i, 1)"
        />
        <MediaSlot
          :model-value="option.picture ?? null"
          kind="picture"
          small
          :label="t('media.optionPicture', { letter: signOf(i) })"
          @update:model-value="option.picture = $event as Picture | null"
        />
        <button
          v-if="options.length > MIN_OPTIONS"
          type="button"
          class="drop"
          :aria-label="t('form.removeOption', { letter: signOf(i) })"
          :title="t('form.removeOption', { letter: signOf(i) })"
          @click="remove(i)"
        >
          <v-icon :icon="mdiClose" size="16" />
        </button>
      </div>
    </VueDraggable>
    <div class="foot">
      <v-btn
        v-if="options.length < MAX_OPTIONS"
        variant="text"
        size="small"
        :prepend-icon="mdiPlus"
        @click="add"
        >{{ t('form.addOption') }}</v-btn
      >
      <v-select
        v-if="content.kind === 'many'"
        v-model="content.marking"
        class="marking"
        density="compact"
        hide-details
        :label="t('form.marking')"
        :items="[
          { value: 'all', title: t('form.markAll') },
          { value: 'minus', title: t('form.markMinus') },
        ]"
      />
      <v-select
        v-if="content.kind === 'opinion'"
        v-model="pick"
        class="marking"
        density="compact"
        hide-details
        :label="t('form.pick')"
        :items="picks.map((value) => ({ value, title: t(`form.picks.${value}`) }))"
      />
      <v-select
        v-if="content.kind === 'order'"
        v-model="content.marking"
        class="marking"
        density="compact"
        hide-details
        :label="t('form.marking')"
        :items="[
          { value: 'all', title: t('form.markAll') },
          { value: 'pairs', title: t('form.markOrderPairs') },
        ]"
      />
    </div>
  </fieldset>
</template>

<style scoped>
.options {
  border: 0;
  padding: 0;
  margin: 0;
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
.option {
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 0 6px 0 2px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.option.key {
  border: 2px solid var(--moss);
  padding: 0 5px 0 1px;
  background: #f2f6f3;
}
.handle {
  color: var(--stone);
  cursor: grab;
}
.mark {
  flex: none;
  width: 20px;
  height: 20px;
  accent-color: var(--moss);
  cursor: pointer;
  appearance: auto;
}
.text {
  flex: 1;
  min-width: 0;
  min-height: 38px;
}
.key .text {
  font-weight: 700;
}
.drop {
  min-width: 28px;
  min-height: 28px;
  color: var(--stone);
  cursor: pointer;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  margin-top: 10px;
}
.marking {
  max-width: 280px;
}
</style>
