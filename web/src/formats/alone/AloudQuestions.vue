<script setup lang="ts">
import type { DeskView } from '@distaff/core/sitting';
import { mdiCheck, mdiClose } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import RichText from '../../design/rich/RichText.vue';
import DeskKey from '../../screens/desk/DeskKey.vue';

/** Without phones: what each team is asked, for the host to read out and to judge. */
const { view } = defineProps<{ view: DeskView }>();
const emit = defineEmits<{ ask: [command: object] }>();
const { t } = useI18n();
const nameOf = (team: string) => view.teams.find((one) => one.id === team)?.name ?? '';
</script>

<template>
  <section v-for="one in view.private.alone?.aloud ?? []" :key="one.play" class="aloud">
    <h3>{{ nameOf(one.team) }}</h3>
    <RichText class="prompt" :text="one.question.prompt" />
    <DeskKey :question="one.question" />
    <div class="row">
      <v-btn
        color="primary"
        :prepend-icon="mdiCheck"
        @click="emit('ask', { type: 'rule', team: one.team, verdict: 'right', play: one.play })"
        >{{ t('desk.alone.right') }}</v-btn
      >
      <v-btn
        variant="outlined"
        :prepend-icon="mdiClose"
        @click="emit('ask', { type: 'rule', team: one.team, verdict: 'wrong', play: one.play })"
        >{{ t('desk.alone.wrong') }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
.aloud {
  padding: 12px 16px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.prompt {
  font-size: 18px;
  font-weight: 700;
}
</style>
