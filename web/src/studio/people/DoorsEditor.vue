<script setup lang="ts">
import { intoTeams } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useAccount } from '../account.ts';
import { useEditor } from '../editor.ts';
import RosterBar from './RosterBar.vue';
import WordsEditor from './WordsEditor.vue';

/** Who may come in, and how people come into teams. */
const { t } = useI18n();
const account = useAccount();
const editor = useEditor();
const doors = computed(() => editor.show!.doors);
const roster = computed({
  get: () => doors.value.roster.join('\n'),
  set: (text: string) =>
    (doors.value.roster = text
      .split('\n')
      .map((name) => name.slice(0, 24))
      .filter((name, i, all) => name.trim() !== '' || i === all.length - 1)
      .slice(0, 1000)),
});
/** An empty last line is for typing, not for the list. */
const tidy = () => (doors.value.roster = doors.value.roster.map((name) => name.trim()).filter(Boolean));
</script>

<template>
  <section class="doors">
    <h2>{{ t('studio.doors') }}</h2>
    <v-switch v-model="doors.late" :label="t('studio.late')" />
    <template v-if="editor.show!.devices.score === 'teams'">
      <v-radio-group v-model="doors.teams" :label="t('studio.intoTeams')">
        <v-radio v-for="one in intoTeams" :key="one" :value="one" :label="t(`studio.intoTeam.${one}`)" />
      </v-radio-group>
      <v-text-field
        v-if="doors.teams === 'drawn'"
        v-model="doors.seed"
        class="short"
        maxlength="40"
        :label="t('editors.counterweight.seed')"
        :hint="t('editors.counterweight.seedHint')"
        persistent-hint
      />
    </template>
    <v-switch
      :model-value="doors.madeNames ?? false"
      :label="t('people.madeNames')"
      @update:model-value="doors.madeNames = $event === true"
    />
    <WordsEditor />
    <RosterBar v-if="account.isHost" />
    <v-textarea
      v-model="roster"
      rows="2"
      auto-grow
      max-rows="12"
      :label="t('studio.roster')"
      :hint="t('studio.rosterHint')"
      persistent-hint
      @blur="tidy"
    />
  </section>
</template>

<style scoped>
.doors {
  display: flex;
  flex-direction: column;
  gap: 16px;
  margin-bottom: 28px;
}
.short {
  max-width: 320px;
}
</style>
