<script setup lang="ts">
import { mdiRestore } from '@mdi/js';
import { onMounted } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { computed } from 'vue';
import StudioBar from '../StudioBar.vue';
import OfferDialog from './OfferDialog.vue';
import { dayIn } from './dueDate.ts';
import { usePractices } from './practices.ts';

/** Everything that I offer to be taken alone; the newest first. */
const { t, locale } = useI18n();
const practices = usePractices();
const route = useRoute();
const router = useRouter();
/** One that was deleted just now, and can be had again. */
const gone = computed(() => {
  const { gone: id, title } = route.query;
  return typeof id === 'string' ? { id, title: String(title ?? '') } : null;
});
/** A set that is to be offered, named by the page from which one comes. */
const offered = computed(() => {
  const { set, title, group } = route.query;
  return typeof set === 'string' ? { id: set, title: String(title ?? ''), group: String(group ?? '') } : null;
});
const isOffering = computed({
  get: () => offered.value !== null,
  set: (open) => {
    if (!open) void router.replace('/studio/practice');
  },
});
onMounted(() => {
  document.title = `${t('common.appName')} – ${t('practices.title')}`;
  void practices.loadList();
});
async function restore(): Promise<void> {
  if (gone.value && (await practices.restore(gone.value.id))) await router.replace('/studio/practice');
}
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <h1>{{ t('practices.title') }}</h1>
      <p class="muted">{{ t('practices.intro') }}</p>
      <p v-if="practices.problem" class="complaint" role="alert">{{ practices.problem }}</p>
      <p v-if="gone" class="row" role="status">
        {{ t('practices.removed', { title: gone.title }) }}
        <v-btn variant="outlined" :prepend-icon="mdiRestore" @click="restore">{{ t('common.undo') }}</v-btn>
      </p>
      <p v-if="!practices.loaded && !practices.problem" role="status">{{ t('common.loading') }}</p>
      <div v-else-if="practices.list.length === 0" class="empty">
        <h2>{{ t('practices.none') }}</h2>
        <p>{{ t('practices.noneText') }}</p>
        <v-btn color="primary" to="/studio">{{ t('practices.toShows') }}</v-btn>
      </div>
      <ul v-else class="list">
        <li v-for="one in practices.list" :key="one.id">
          <div class="grow">
            <router-link class="title clip" :to="`/studio/practice/${one.id}`">{{ one.title }}</router-link>
            <span class="muted"
              >{{ t('practices.standOf', { ...one }) }} ·
              {{
                one.closedAt !== null
                  ? t('practices.closed', { when: dayIn(Date.parse(one.closedAt), 'UTC', locale) })
                  : one.settings.due
                    ? t('practices.dueAt', {
                        when: dayIn(one.settings.due.at, one.settings.due.zone, locale),
                      })
                    : t('practices.noDue')
              }}</span
            >
          </div>
          <span class="mono">{{ one.code }}</span>
        </li>
      </ul>
      <v-btn v-if="practices.list.length < practices.total" variant="text" @click="practices.more()">{{
        t('studio.moreShows')
      }}</v-btn>
    </main>
    <OfferDialog
      v-if="offered"
      v-model="isOffering"
      :of="{ what: 'set', id: offered.id }"
      :title="offered.title"
      :group="offered.group"
    />
  </div>
</template>

<style scoped src="../lists.css" />
<style scoped>
.page {
  max-width: 960px;
  margin: 0 auto;
  padding: 28px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.empty {
  padding: 48px 24px;
  text-align: center;
  border: 1px dashed var(--stone);
  border-radius: 6px;
}
p {
  margin: 0;
}
</style>
