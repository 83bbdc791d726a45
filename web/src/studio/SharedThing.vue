<script setup lang="ts">
import { mdiContentDuplicate } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { server, type SharedThing } from '../api/server.ts';
import PlainBar from '../design/PlainBar.vue';
import { useAccount } from './account.ts';
import EnterShared from './share/EnterShared.vue';
import { placeOf } from './share/placeOf.ts';
import QuestionRead from './share/QuestionRead.vue';
import StudioBar from './StudioBar.vue';

/** Where a link to what is shared leads: the questions to read, or the passphrase to be said. */
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const account = useAccount();
const token = computed(() => route.hash.slice(1));
const shared = ref<SharedThing | null>(null);
const problem = ref('');
const busy = ref(false);

watch(
  token,
  async (own) => {
    shared.value = null;
    problem.value = '';
    try {
      await account.known();
      const found = await server.shared(own);
      if (own !== token.value) return;
      shared.value = found;
      document.title = `${t('common.appName')} – ${found.title}`;
      // Who can write in it already need not say the passphrase again.
      const { what, id } = found;
      if (found.kind === 'edit' && id) await router.replace(placeOf({ what, id }));
    } catch (error) {
      if (own === token.value) problem.value = (error as Error).message;
    }
  },
  { immediate: true },
);
async function copy(): Promise<void> {
  if (busy.value) return;
  busy.value = true;
  try {
    const { id } = await server.copyShared(token.value, shared.value!.title || t('library.untitled'));
    await router.push({ path: '/studio/questions', query: { set: id } });
  } catch (error) {
    problem.value = (error as Error).message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div>
    <StudioBar v-if="account.account" />
    <PlainBar v-else />
    <main class="page">
      <div v-if="problem && !shared" class="wrong" role="alert">
        <h1>{{ t('share.wrongLink') }}</h1>
        <p>{{ problem }}</p>
      </div>
      <p v-else-if="!shared" role="status">{{ t('common.loading') }}</p>
      <EnterShared
        v-else-if="shared.kind === 'edit'"
        :token="token"
        :what="shared.what"
        :title="shared.title"
        :owner="shared.owner"
      />
      <template v-else>
        <div class="head">
          <div class="grow">
            <h1>{{ shared.title || t('library.untitled') }}</h1>
            <p class="muted">
              {{ t('share.by', { name: shared.owner ?? '' }) }} ·
              {{ t('library.count', shared.questions.length, { named: { n: shared.questions.length } }) }}
            </p>
            <p v-if="shared.description">{{ shared.description }}</p>
            <p v-if="shared.credit" class="muted">{{ t('share.credit', { text: shared.credit }) }}</p>
          </div>
          <v-btn
            v-if="shared.id && account.isHost"
            variant="outlined"
            :to="placeOf({ what: 'set', id: shared.id })"
            >{{ t('share.toMine') }}</v-btn
          >
          <p v-if="!shared.mayCopy" class="muted">{{ t('share.noCopies') }}</p>
          <v-btn
            v-else-if="account.isHost"
            color="primary"
            :prepend-icon="mdiContentDuplicate"
            :loading="busy"
            @click="copy"
            >{{ t('share.copyToMine') }}</v-btn
          >
          <v-btn v-else variant="outlined" :to="{ path: '/studio/sign-in', query: { to: route.fullPath } }">{{
            t('share.signInToCopy')
          }}</v-btn>
        </div>
        <p v-if="problem" class="complaint" role="alert">{{ problem }}</p>
        <ol class="questions">
          <li v-for="question in shared.questions" :key="question.id">
            <QuestionRead :question="question" />
          </li>
        </ol>
        <p v-if="shared.questions.length === 0">{{ t('review.empty') }}</p>
      </template>
    </main>
  </div>
</template>

<style scoped>
.page {
  max-width: 820px;
  margin: 0 auto;
  padding: 20px 20px 60px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-start;
  gap: 10px 16px;
}
.head > .grow {
  flex: 1 1 320px;
}
.head p {
  margin: 4px 0 0;
}
.wrong {
  padding-top: 8vh;
  text-align: center;
}
.questions {
  list-style: none;
  margin: 20px 0 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.questions > li {
  padding: 16px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  /* Long sets: what is out of sight is not drawn. */
  content-visibility: auto;
  contain-intrinsic-size: auto 260px;
}
</style>
