<script setup lang="ts">
import { mdiDeleteOutline } from '@mdi/js';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { server, type StoredRoster } from '../../api/server.ts';
import { useEditor } from '../editor.ts';

/** Rosters that are kept for many shows: one is taken over, or the names of this show are kept. */
const { t } = useI18n();
const editor = useEditor();
const rosters = ref<StoredRoster[]>([]);
const chosen = ref<string | null>(null);
const title = ref(editor.show!.group ?? '');
const said = ref('');
const names = computed(() => editor.show!.doors.roster.map((one) => one.trim()).filter(Boolean));

async function guarded(work: () => Promise<{ rosters: StoredRoster[] }>): Promise<boolean> {
  try {
    rosters.value = (await work()).rosters;
    return true;
  } catch (error) {
    said.value = (error as Error).message;
    return false;
  }
}
onMounted(() => void guarded(server.rosters));
function take(id: string | null): void {
  const roster = rosters.value.find((one) => one.id === id);
  if (!roster) return;
  editor.show!.doors.roster = [...roster.names];
  editor.show!.group = roster.name;
  title.value = roster.name;
  said.value = t('people.rosterTaken', { name: roster.name, n: roster.names.length });
}
async function keep(): Promise<void> {
  const name = title.value.trim();
  if (await guarded(() => server.keepRoster({ name, names: names.value })))
    said.value = t('people.kept', { name, n: names.value.length });
}
async function drop(id: string): Promise<void> {
  chosen.value = null;
  await guarded(() => server.dropRoster(id));
}
</script>

<template>
  <section class="rosters" :aria-label="t('people.rosters')">
    <div class="row">
      <v-select
        v-model="chosen"
        :label="t('people.takeRoster')"
        :no-data-text="t('people.rosterNone')"
        :items="rosters.map((one) => ({ value: one.id, title: `${one.name} (${one.names.length})` }))"
        @update:model-value="take"
      />
      <v-btn
        v-if="chosen"
        variant="text"
        size="small"
        :icon="mdiDeleteOutline"
        :aria-label="t('people.drop', { name: rosters.find((one) => one.id === chosen)?.name ?? '' })"
        :title="t('people.drop', { name: rosters.find((one) => one.id === chosen)?.name ?? '' })"
        @click="drop(chosen)"
      />
      <v-text-field v-model="title" maxlength="40" :label="t('people.keepAs')" />
      <v-btn variant="outlined" :disabled="title.trim() === '' || names.length === 0" @click="keep">{{
        t('people.keep')
      }}</v-btn>
    </div>
    <p v-if="said" role="status">{{ said }}</p>
  </section>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
}
.row > :first-child,
.row > .v-text-field {
  flex: 1 1 200px;
}
p {
  margin: 8px 0 0;
}
</style>
