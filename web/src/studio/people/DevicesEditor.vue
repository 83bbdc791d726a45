<script setup lang="ts">
import { combinations } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';

/** What people answer with, and for whom it counts. */
const { t } = useI18n();
const editor = useEditor();
const devices = computed(() => editor.show!.devices);
</script>

<template>
  <section class="devices">
    <h2>{{ t('studio.devices') }}</h2>
    <v-radio-group v-model="devices.mode">
      <v-radio
        v-for="mode in ['none', 'team', 'each']"
        :key="mode"
        :value="mode"
        :label="t(`studio.deviceModes.${mode}`)"
      />
    </v-radio-group>
    <template v-if="devices.mode === 'each'">
      <v-radio-group v-model="devices.score" :label="t('studio.scoreFor')">
        <v-radio value="teams" :label="t('studio.scoreTeams')" />
        <v-radio value="players" :label="t('studio.scorePlayers')" />
      </v-radio-group>
      <v-radio-group v-if="devices.score === 'teams'" v-model="devices.combine" :label="t('studio.combine')">
        <v-radio
          v-for="one in combinations"
          :key="one"
          :value="one"
          :label="t(`studio.combinations.${one}`)"
        />
      </v-radio-group>
    </template>
  </section>
</template>

<style scoped>
.devices {
  display: flex;
  flex-direction: column;
  gap: 16px;
  margin-bottom: 28px;
}
</style>
