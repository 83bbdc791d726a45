<script setup lang="ts">
import { mdiContentCopy, mdiLogout } from '@mdi/js';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { copyText } from '../../design/copyText.ts';
import { useAccount } from '../account.ts';
import { useEditor } from '../editor.ts';
import { useSharedLink } from './sharedLink.ts';

/**
 * Whose the show is, where that is not plain: nobody's, with its link to come back and the way into
 * an account; or somebody's in which a guest writes.
 */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const account = useAccount();
const editor = useEditor();
const link = useSharedLink(() => editor.access.link ?? '');
const said = ref('');
const problem = ref('');
const busy = ref(false);
const guest = computed(() => (account.isHost ? null : (account.account?.name ?? '')));

async function copy(): Promise<void> {
  said.value = (await copyText(link.value)) ? 'share.copied' : 'share.copyByHand';
}
/** Signs up or in, and then takes the show: what was written is saved on the way out. */
const withAccount = () =>
  router.push({ path: '/studio/sign-in', query: { new: '1', to: `${route.path}?take=1` } });
async function take(): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  problem.value = '';
  try {
    await editor.take();
    said.value = 'share.taken';
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
async function leave(): Promise<void> {
  await editor.save();
  await account.signOut();
  await router.push('/studio/sign-in');
}
// Coming back from signing up or in.
onMounted(async () => {
  if (route.query.take !== '1') return;
  await router.replace({ query: {} });
  if (account.isHost && editor.access.unowned) await take();
});
</script>

<template>
  <section v-if="editor.access.unowned || guest !== null || said || problem" class="note">
    <div class="grow">
      <template v-if="editor.access.unowned">
        <b>{{ t('share.unownedTitle') }}</b>
        <p>{{ t(guest === null ? 'share.unownedHost' : 'share.unownedText') }}</p>
      </template>
      <p v-else-if="guest !== null">
        {{ t('share.guestIn', { name: editor.access.owner ?? '', guest }) }}
      </p>
      <p v-if="said" role="status">{{ t(said) }}</p>
      <p v-if="problem" role="alert">{{ problem }}</p>
    </div>
    <template v-if="editor.access.unowned">
      <v-text-field
        v-if="editor.access.link"
        class="link"
        readonly
        :label="t('share.link')"
        :model-value="link"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <v-btn v-if="editor.access.link" variant="outlined" :prepend-icon="mdiContentCopy" @click="copy">{{
        t('share.copyLink')
      }}</v-btn>
      <v-btn v-if="guest === null" color="primary" :loading="busy" @click="take">{{
        t('share.takeIntoMine')
      }}</v-btn>
      <v-btn v-else color="primary" @click="withAccount">{{ t('share.takeWithAccount') }}</v-btn>
    </template>
    <v-btn v-if="guest !== null" variant="text" :prepend-icon="mdiLogout" @click="leave">{{
      t('share.leaveGuest')
    }}</v-btn>
    <v-btn v-else-if="said && !editor.access.unowned" variant="text" @click="said = ''">{{
      t('common.close')
    }}</v-btn>
  </section>
</template>

<style scoped>
.note {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 8px 20px;
  background: #fbf3dc;
  border-bottom: 1px solid var(--line);
}
.grow {
  flex: 1 1 320px;
}
p {
  margin: 0;
}
.link {
  flex: 0 1 280px;
}
.link :deep(input) {
  font-family: var(--mono);
}
</style>
