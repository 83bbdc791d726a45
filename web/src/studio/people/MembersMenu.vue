<script setup lang="ts">
import { MAX_MEMBERS, type Team } from '@distaff/core/show';
import { mdiAccountMultipleOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';

/** Who belongs to a team, by name. */
const { team, name } = defineProps<{ team: Team; name: string }>();
const { t } = useI18n();
const editor = useEditor();
const count = computed(() => team.members?.length ?? 0);
const own = () => editor.show!.teams.find((one) => one.id === team.id)!;
const text = computed({
  get: () => (team.members ?? []).join('\n'),
  set: (typed: string) => {
    const members = typed
      .split('\n')
      .map((one) => one.slice(0, 24))
      .filter((one, i, all) => one.trim() !== '' || i === all.length - 1)
      .slice(0, MAX_MEMBERS);
    own().members = members;
  },
});
/** An empty last line is for typing, not for the list. */
function tidy(): void {
  const members = (team.members ?? []).map((one) => one.trim()).filter(Boolean);
  if (members.length > 0) own().members = members;
  else delete own().members;
}
</script>

<template>
  <v-menu :close-on-content-click="false" @update:model-value="!$event && tidy()">
    <template #activator="{ props }">
      <v-btn
        v-bind="props"
        variant="text"
        size="small"
        :prepend-icon="mdiAccountMultipleOutline"
        :aria-label="t('people.editMembers', { team: name })"
        >{{ count }}</v-btn
      >
    </template>
    <v-card class="card">
      <v-textarea
        v-model="text"
        rows="6"
        :label="t('people.membersOf', { team: name })"
        :hint="t('people.membersHint')"
        persistent-hint
        @blur="tidy"
      />
    </v-card>
  </v-menu>
</template>

<style scoped>
.card {
  width: 320px;
  padding: 16px;
}
</style>
