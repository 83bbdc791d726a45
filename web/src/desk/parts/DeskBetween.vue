<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../../design/rich/RichText.vue';
import { useRules } from '../../design/useRules.ts';
import { deskParts } from '../../formats/desk.ts';
import DeskKey from '../../screens/desk/DeskKey.vue';
import { useDesk } from '../useDesk.ts';

/** The middle of the desk between two questions: what the format shows, what comes, and how it is played. */
const { t } = useI18n();
const { told } = useRules();
const desk = useDesk();
const part = ref<{ focus?: () => void } | null>(null);
const coming = computed(() => desk.view.private.coming);
const rules = computed(() => {
  const { rules: own } = desk.view;
  return own && own.asks !== 'nothing' && !own.chosen ? told(own) : [];
});
defineExpose({ focus: () => part.value?.focus?.() });
</script>

<template>
  <section class="between">
    <component
      :is="deskParts[desk.view.round!.format]"
      ref="part"
      :view="desk.view"
      @choose="desk.ask({ type: 'choose', ref: $event })"
      @act="desk.ask({ type: 'act', act: $event })"
      @ask="desk.askAndTell($event)"
    />
    <section v-if="coming" class="coming">
      <h3>{{ t('desk.coming') }}</h3>
      <RichText class="prompt" :text="coming.prompt" />
      <DeskKey :question="coming" />
    </section>
    <ul v-if="rules.length">
      <li v-for="rule in rules" :key="rule">{{ rule }}</li>
    </ul>
  </section>
</template>

<style scoped>
.between {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
ul {
  margin: 0;
  padding-left: 1.2em;
  color: var(--stone);
}
.coming {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px 16px;
  border: 1px dashed var(--line);
  border-radius: 6px;
}
.prompt {
  font-size: 20px;
  font-weight: 700;
}
</style>
