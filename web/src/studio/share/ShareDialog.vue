<script setup lang="ts">
import { watch } from 'vue';
import { useI18n } from 'vue-i18n';
import DialogFrame from '../../design/DialogFrame.vue';
import type { SharedRef } from '../../api/server.ts';
import LinkField from './LinkField.vue';
import MemberList from './MemberList.vue';
import { useSharing } from './sharing.ts';
import WriteLink from './WriteLink.vue';

/** With whom a set or a show is shared, and how. Everything counts at once. */
const { shared } = defineProps<{ shared: SharedRef; title: string }>();
const open = defineModel<boolean>({ required: true });
const { t } = useI18n();
const sharing = useSharing();

watch(
  open,
  (now) => {
    if (now) void sharing.load(shared);
  },
  { immediate: true },
);
const readLink = (on: boolean | null) => (on ? sharing.openLink('read') : sharing.closeLink('read'));
</script>

<template>
  <DialogFrame v-model="open" :title="t('share.title', { title })" :width="720">
    <p v-if="sharing.problem" class="complaint" role="alert">{{ sharing.problem }}</p>
    <p v-if="!sharing.sharing && !sharing.problem" role="status">{{ t('common.loading') }}</p>
    <div v-if="sharing.sharing" class="parts">
      <MemberList :what="shared.what" />
      <section v-if="shared.what === 'set'">
        <v-switch
          :label="t('share.read')"
          :model-value="sharing.sharing.readLink !== null"
          :disabled="sharing.busy"
          @update:model-value="readLink"
        />
        <p class="muted">{{ t('share.readText') }}</p>
        <LinkField v-if="sharing.sharing.readLink" :token="sharing.sharing.readLink" />
      </section>
      <WriteLink :what="shared.what" />
      <section v-if="shared.what === 'set'">
        <v-switch
          :label="t('share.copies')"
          :model-value="sharing.sharing.mayCopy"
          :disabled="sharing.busy"
          @update:model-value="sharing.allowCopies($event ?? false)"
        />
        <p class="muted">{{ t('share.copiesText') }}</p>
      </section>
    </div>

    <template #actions>
      <v-btn color="primary" @click="open = false">{{ t('common.close') }}</v-btn>
    </template>
  </DialogFrame>
</template>

<style scoped>
.parts {
  display: flex;
  flex-direction: column;
  gap: 20px;
}
.parts p {
  margin: 2px 0 8px;
}
</style>
