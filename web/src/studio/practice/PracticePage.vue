<script setup lang="ts">
import type { PracticeSettings } from '@distaff/core/practice';
import { mdiCalendarClock, mdiDotsVertical, mdiDownload, mdiLinkVariant } from '@mdi/js';
import { useIntervalFn } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { joining } from '../../api/joining.ts';
import { copyText } from '../../design/copyText.ts';
import DialogFrame from '../../design/DialogFrame.vue';
import StudioBar from '../StudioBar.vue';
import { dayIn } from './dueDate.ts';
import PeopleCloth from './PeopleCloth.vue';
import PeopleTable from './PeopleTable.vue';
import PracticeForm from './PracticeForm.vue';
import PracticeSide from './PracticeSide.vue';
import { usePractices } from './practices.ts';

/** How a practice stands: who has finished, who is on the way, who has not begun; and what was missed most. */
const { t, locale } = useI18n();
const route = useRoute();
const router = useRouter();
const practices = usePractices();
const id = String(route.params.practice);
const page = computed(() => (practices.page?.practice.id === id ? practices.page : null));
const practice = computed(() => page.value!.practice);
const settings = computed(() => practice.value.settings);
/** While people take it the page follows (ms). */
const AGAIN = 10_000;
useIntervalFn(() => document.visibilityState === 'visible' && void practices.load(id), AGAIN);
onMounted(async () => {
  await practices.load(id);
  document.title = page.value ? `${practice.value.title} – ${t('practices.title')}` : t('practices.title');
});

const base = ref(location.origin);
void joining.address().then(
  ({ players }) => (base.value = players ?? location.origin),
  () => undefined,
);
const link = computed(() => `${base.value}/practice/${practice.value.code}`);
const told = ref('');
async function copy(text: string): Promise<void> {
  told.value = (await copyText(text)) ? t('practices.copied') : t('practices.notCopied', { link: text });
}

const due = computed(() => {
  const { closedAt } = practice.value;
  if (closedAt !== null)
    return t('practices.closed', {
      when: dayIn(Date.parse(closedAt), Intl.DateTimeFormat().resolvedOptions().timeZone, locale.value),
    });
  const own = settings.value.due;
  return own ? t('practices.dueAt', { when: dayIn(own.at, own.zone, locale.value) }) : t('practices.noDue');
});
const attempts = computed(() => {
  const { attempts: n, counts } = settings.value;
  return n === null
    ? t(`practices.attemptsFree.${counts}`)
    : t(`practices.attemptsOf.${counts}`, n, { named: { n } });
});
const changing = ref(false);
const draft = ref<PracticeSettings | null>(null);
const valid = ref(true);
function startChange(): void {
  draft.value = JSON.parse(JSON.stringify(settings.value)) as PracticeSettings;
  changing.value = true;
}
async function save(): Promise<void> {
  if (draft.value && valid.value && (await practices.change(draft.value))) changing.value = false;
}
async function remove(): Promise<void> {
  const { title } = practice.value;
  if (await practices.remove(id)) await router.push({ path: '/studio/practice', query: { gone: id, title } });
}
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <p v-if="practices.problem" class="complaint" role="alert">{{ practices.problem }}</p>
      <template v-if="page">
        <div class="row head">
          <h1 class="grow">{{ practice.title }}</h1>
          <v-btn variant="outlined" :prepend-icon="mdiLinkVariant" @click="copy(link)">{{
            t('practices.copyLink')
          }}</v-btn>
          <v-btn variant="outlined" :prepend-icon="mdiCalendarClock" @click="startChange">{{
            t('practices.change')
          }}</v-btn>
          <v-btn
            color="primary"
            :prepend-icon="mdiDownload"
            :href="`/api/practices/${id}/grades.csv`"
            download
            >{{ t('practices.grades') }}</v-btn
          >
          <v-menu>
            <template #activator="{ props }">
              <v-btn
                v-bind="props"
                variant="text"
                size="small"
                :icon="mdiDotsVertical"
                :aria-label="t('practices.more')"
              />
            </template>
            <v-list>
              <v-list-item
                :title="t(practice.closedAt === null ? 'practices.close' : 'practices.reopen')"
                @click="practices.close(practice.closedAt === null)"
              />
              <v-list-item :title="t('practices.remove')" @click="remove" />
            </v-list>
          </v-menu>
        </div>
        <ul class="facts">
          <li>{{ due }}</li>
          <li>{{ attempts }}</li>
          <li>{{ t(`practices.namesShort.${settings.names}`) }}</li>
          <li class="mono">{{ t('practices.code', { code: practice.code }) }}</li>
        </ul>
        <template v-if="page.people.length > 0">
          <PeopleCloth :people="page.people" />
          <div class="columns">
            <PeopleTable :people="page.people" :practice="practice" @clear="practices.clear($event)" />
            <PracticeSide :page="page" :link="link" @copy="copy" />
          </div>
        </template>
        <div v-else class="empty">
          <p>{{ t('practices.nobody') }}</p>
          <p class="mono">{{ link }}</p>
          <v-btn color="primary" :prepend-icon="mdiLinkVariant" @click="copy(link)">{{
            t('practices.copyLink')
          }}</v-btn>
        </div>
      </template>
      <div v-else-if="practices.problem">
        <h1>{{ t('practices.notFound') }}</h1>
        <v-btn color="primary" to="/studio/practice">{{ t('practices.toList') }}</v-btn>
      </div>
      <p v-else role="status">{{ t('common.loading') }}</p>
    </main>
    <DialogFrame v-model="changing" :title="t('practices.changeTitle')" :width="620" form @submit="save">
      <PracticeForm v-if="draft" v-model="draft" v-model:valid="valid" offered />
      <template #actions>
        <v-btn variant="text" @click="changing = false">{{ t('common.cancel') }}</v-btn>
        <v-btn color="primary" type="submit" :disabled="!valid">{{ t('practices.save') }}</v-btn>
      </template>
    </DialogFrame>
    <v-snackbar :model-value="told !== ''" @update:model-value="told = ''">{{ told }}</v-snackbar>
  </div>
</template>

<style scoped>
.page {
  max-width: 1280px;
  margin: 0 auto;
  padding: 20px 32px 60px;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.head {
  flex-wrap: wrap;
}
h1 {
  overflow-wrap: anywhere;
}
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  list-style: none;
  margin: 0;
  padding: 0;
}
.facts li {
  padding: 4px 10px;
  background: #e6ede8;
  border-radius: 4px;
  font-weight: 700;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(260px, 344px);
  gap: 24px;
  align-items: start;
}
.empty {
  padding: 48px 24px;
  text-align: center;
  border: 1px dashed var(--stone);
  border-radius: 6px;
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .page {
    padding: 16px 16px 60px;
  }
}
</style>
