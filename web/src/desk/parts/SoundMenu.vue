<script setup lang="ts">
import { mdiMusicNoteOutline, mdiStop } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../../live/sitting.ts';
import { useDesk } from '../useDesk.ts';

/** The sounds that the host has at hand: each is heard on the stage at once, over whatever plays. */
const { t } = useI18n();
const desk = useDesk();
const sitting = useSitting();
</script>

<template>
  <v-menu v-if="desk.view.private.sounds" :close-on-content-click="false" location="bottom end">
    <template #activator="{ props }">
      <v-btn
        v-bind="props"
        variant="text"
        size="small"
        :icon="mdiMusicNoteOutline"
        :title="t('desk.sound.title')"
        :aria-label="t('desk.sound.title')"
      />
    </template>
    <v-card class="card">
      <div class="sounds">
        <v-btn
          v-for="{ name, label } in desk.view.private.sounds"
          :key="name"
          variant="outlined"
          @click="sitting.cue(name)"
          ><span class="clip">{{ label || t(`desk.sound.${name}`) }}</span></v-btn
        >
        <v-btn variant="text" :prepend-icon="mdiStop" @click="sitting.cue(null)">{{
          t('desk.sound.stop')
        }}</v-btn>
      </div>
      <p class="muted">{{ t(desk.view.private.muted ? 'desk.sound.silent' : 'desk.sound.where') }}</p>
    </v-card>
  </v-menu>
</template>

<style scoped>
.card {
  padding: 12px;
  max-width: 340px;
}
.sounds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.sounds .v-btn:last-child {
  grid-column: 1 / -1;
}
p {
  margin: 10px 0 0;
  font-size: 14px;
}
</style>
