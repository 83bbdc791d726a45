<script setup lang="ts">
import type { OptionView, QuestionForHost } from '@distaff/core/question';
import { computed } from 'vue';
import { mdiCheckBold } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';
import PictureFrame from '../../design/media/PictureFrame.vue';
import RichText from '../../design/rich/RichText.vue';

/** Options and key of a question, whatever its kind, and what the author wrote for the host. */
const { t } = useI18n();
const { question: own } = defineProps<{ question: QuestionForHost }>();

interface Row {
  /** What it belongs to, where pairs are matched. */
  left?: OptionView;
  sign: string;
  option: OptionView | undefined;
  key: boolean;
}
const rows = computed<Row[]>(() => {
  const { control, options, key } = own;
  if (control.type === 'order')
    return key.slots.map((slot, i) => ({ sign: `${i + 1}`, option: options[slot], key: true }));
  if (control.type === 'match')
    return control.left.map((left, i) => {
      const slot = key.slots[i]!;
      return { left, sign: letterOf(slot), option: options[slot], key: true };
    });
  return options.map((option, slot) => ({ sign: letterOf(slot), option, key: key.slots.includes(slot) }));
});
const facts = computed(() =>
  (['notes', 'onRight', 'onWrong', 'explanation'] as const).filter((name) => own[name]),
);
</script>

<template>
  <ol v-if="rows.length" class="options">
    <li v-for="(row, i) in rows" :key="i" :class="{ key: row.key }">
      <OptionContent v-if="row.left" class="grow" :option="row.left" />
      <b class="letter">{{ row.sign }}</b> <OptionContent class="grow" :option="row.option" />
      <span v-if="row.key" class="tag"><v-icon :icon="mdiCheckBold" size="16" /> {{ t('desk.key') }}</span>
    </li>
  </ol>
  <dl class="facts">
    <template v-if="!rows.length && own.key.texts.length">
      <dt>{{ t('desk.key') }}</dt>
      <dd class="keyText"><RichText inline :text="own.key.texts[0]!" /></dd>
      <template v-if="own.key.texts.length > 1">
        <dt>{{ t('desk.alsoAccepted') }}</dt>
        <dd>{{ own.key.texts.slice(1).join(' · ') }}</dd>
      </template>
    </template>
    <template v-if="own.answerPicture">
      <dt>{{ t('desk.keyPicture') }}</dt>
      <dd class="keyPicture"><PictureFrame :picture="own.answerPicture" size="small" /></dd>
    </template>
    <template v-if="!own.keyed">
      <dt>{{ t('desk.noKey') }}</dt>
      <dd>{{ t(own.kind === 'card' ? 'desk.cardText' : 'desk.noKeyText') }}</dd>
    </template>
    <template v-for="name in facts" :key="name">
      <dt>{{ t(`desk.${name}`) }}</dt>
      <dd><RichText :text="own[name]" /></dd>
    </template>
  </dl>
</template>

<style scoped>
.options {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.key {
  border: 2px solid var(--moss);
  padding: 7px 11px;
  font-weight: 700;
}
.tag {
  color: var(--moss);
}
.facts {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 6px 16px;
  margin: 0;
}
dt {
  color: var(--stone);
}
dd {
  margin: 0;
}
.keyPicture {
  height: 90px;
}
.keyText {
  font-weight: 700;
  font-size: 20px;
  color: var(--moss);
}
</style>
