<script setup lang="ts">
import type { ShowFinding } from '@distaff/core/show';
import { mdiAccountMultipleOutline, mdiAlertOutline, mdiCheck, mdiDoorOpen } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import ChoiceBar from '../design/ChoiceBar.vue';
import { server } from '../api/server.ts';
import { useAccount } from './account.ts';
import { useEditor, type EditorTab } from './editor.ts';
import RehearseDialog from './RehearseDialog.vue';
import SaveState from './SaveState.vue';
import ShareDialog from './share/ShareDialog.vue';
import VersionsDialog from './share/VersionsDialog.vue';
import StudioBar from './StudioBar.vue';
import CheckDialog from './check/CheckDialog.vue';
import { useShowCheck } from './check/showCheck.ts';

/** Title, what is saved, which part is edited, what is unfinished, and the doors. */
const tab = defineModel<EditorTab>('tab', { required: true });
const emit = defineEmits<{ go: [finding: ShowFinding] }>();
const { t } = useI18n();
const router = useRouter();
const editor = useEditor();
const account = useAccount();
const check = useShowCheck();
const sharing = ref(false);
const checking = ref(false);
const opening = ref(false);
const problem = ref('');

const tabWords = {
  order: 'studio.runningOrder',
  board: 'studio.rounds',
  teams: 'studio.teams',
  rules: 'studio.rules',
  look: 'look.title',
} as const satisfies Record<EditorTab, string>;
const tabs = Object.keys(tabWords) as EditorTab[];

const stateText = computed(() => t(`studio.state.${editor.state}`, { why: editor.invalid }));

async function openDoors(): Promise<void> {
  if (opening.value) return;
  opening.value = true;
  problem.value = '';
  try {
    await editor.save();
    if (editor.state !== 'saved') throw new Error(stateText.value);
    const sitting = await server.openDoors(editor.id);
    await router.push(`/desk/${sitting.id}`);
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    opening.value = false;
  }
}
/** With nothing to look at the doors open at once; otherwise it is said first. */
function ask(): void {
  if (check.lookNow() > 0) checking.value = true;
  else void openDoors();
}
function go(finding: ShowFinding): void {
  checking.value = false;
  emit('go', finding);
}
</script>

<template>
  <StudioBar>
    <v-text-field v-model="editor.show!.title" class="title" :label="t('studio.showTitle')" maxlength="120" />
    <SaveState :state="editor.state" :why="editor.invalid" />
    <VersionsDialog />
    <template v-if="editor.access.role === 'owner'">
      <v-btn
        variant="text"
        size="small"
        :icon="mdiAccountMultipleOutline"
        :title="t('share.open')"
        :aria-label="t('share.open')"
        @click="sharing = true"
      />
      <ShareDialog
        v-model="sharing"
        :shared="{ what: 'show', id: editor.id }"
        :title="editor.show!.title || t('studio.untitled')"
      />
    </template>
    <span v-else-if="editor.access.owner && account.isHost" class="muted clip">{{
      t('share.by', { name: editor.access.owner })
    }}</span>
    <template #end>
      <v-btn
        variant="outlined"
        :prepend-icon="check.findings.length ? mdiAlertOutline : mdiCheck"
        @click="checking = true"
      >
        {{ t('check.unfinishedCount', check.findings.length, { named: { n: check.findings.length } }) }}
      </v-btn>
      <template v-if="account.isHost">
        <RehearseDialog />
        <v-btn color="primary" :prepend-icon="mdiDoorOpen" :loading="opening" @click="ask">{{
          t('studio.openDoors')
        }}</v-btn>
      </template>
    </template>
  </StudioBar>
  <h1 class="hide">{{ editor.show!.title || t('studio.untitled') }}</h1>
  <div class="second">
    <ChoiceBar
      v-model="tab"
      size="default"
      :label="t('studio.parts')"
      :items="tabs.map((value) => ({ value, title: t(tabWords[value]) }))"
    />
    <slot />
  </div>
  <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
  <CheckDialog v-model="checking" :opening="opening" @go="go" @open="openDoors" />
</template>

<style scoped>
.title {
  flex: 1 1 200px;
  max-width: 420px;
  min-width: 160px;
}
.second {
  flex: none;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 6px 16px;
  background: var(--paper);
  border-bottom: 1px solid var(--line);
}
</style>
