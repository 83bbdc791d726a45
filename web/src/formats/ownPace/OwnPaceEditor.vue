<script setup lang="ts">
import { goals, nexts, rankings } from '@distaff/core/formats';
import type { RoundOf } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../../studio/editor.ts';
import NumberField from '../../studio/question/NumberField.vue';
import ListEditor from '../list/ListEditor.vue';

/** A list that everybody goes through alone: what an answer brings and costs, and what it is played for. */
const place = defineModel<string | null>('place', { required: true });
const { t } = useI18n();
const editor = useEditor();
const content = computed(() => (editor.list as RoundOf<'ownPace'>).content);
const MOST = 1_000_000;
const streak = computed({
  get: () => content.value.streak !== null,
  set: (on: boolean) => (content.value.streak = on ? { length: 3, points: 25 } : null),
});
</script>

<template>
  <ListEditor v-model:place="place" :points-label="t('editors.ownPace.points')" :in-order="false">
    <template #settings>
      <NumberField v-model="content.loss" :min="0" :max="MOST" :label="t('editors.ownPace.loss')" />
      <NumberField v-model="content.start" :min="-MOST" :max="MOST" :label="t('editors.ownPace.start')" />
    </template>
    <template #more>
      <v-radio-group v-model="content.goal" :label="t('editors.ownPace.goal')">
        <v-radio v-for="one in goals" :key="one" :value="one" :label="t(`editors.ownPace.goals.${one}`)" />
      </v-radio-group>
      <NumberField
        v-if="content.goal !== 'most'"
        v-model="content.amount"
        class="short"
        :min="1"
        :max="MOST"
        :label="t('editors.ownPace.amount')"
      />
      <v-radio-group
        v-if="content.goal !== 'together'"
        v-model="content.ranking"
        :label="t('editors.ownPace.ranking')"
      >
        <v-radio
          v-for="one in rankings"
          :key="one"
          :value="one"
          :label="t(`editors.ownPace.rankings.${one}`)"
        />
      </v-radio-group>
      <v-radio-group v-model="content.next" :label="t('editors.ownPace.next')">
        <v-radio v-for="one in nexts" :key="one" :value="one" :label="t(`editors.ownPace.nexts.${one}`)" />
      </v-radio-group>
      <v-switch v-model="content.once" :label="t('editors.ownPace.once')" />
      <v-switch v-model="content.key" :label="t('editors.ownPace.key')" />
      <v-switch v-model="streak" :label="t('editors.ownPace.streak')" />
      <div v-if="content.streak" class="row">
        <NumberField
          v-model="content.streak.length"
          :min="2"
          :max="20"
          :label="t('editors.ownPace.streakLength')"
        />
        <NumberField
          v-model="content.streak.points"
          :min="1"
          :max="100000"
          :label="t('editors.ownPace.streakPoints')"
        />
      </div>
    </template>
  </ListEditor>
</template>

<style scoped>
.short {
  max-width: 260px;
}
</style>
