<script setup lang="ts">
import { hasRight } from '@distaff/core/library';
import { situations, type Situation } from '@distaff/core/show';
import {
  mdiAccountMultipleOutline,
  mdiCellphoneText,
  mdiContentDuplicate,
  mdiDeleteOutline,
  mdiDotsVertical,
  mdiDownload,
  mdiLocationExit,
  mdiPlus,
  mdiRestore,
} from '@mdi/js';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import type { ShowSummary } from '../api/server.ts';
import { useFormat } from '../design/useFormat.ts';
import { useLibrary } from './library.ts';
import ShareDialog from './share/ShareDialog.vue';
import OfferDialog from './practice/OfferDialog.vue';
import ShowFileDialog from './share/ShowFileDialog.vue';
import SittingList from './SittingList.vue';
import StudioBar from './StudioBar.vue';

/** The library of my shows, and the sittings that were played. */
const { t } = useI18n();
const { day } = useFormat();
const router = useRouter();
const library = useLibrary();
const deleted = ref<ShowSummary | null>(null);
const creating = ref(false);
/** The show that is saved as a file, "in" where one is brought in, null while neither. */
const file = ref<string | null>(null);
const teamName = (n: number) => t('building.teamName', { n });
onMounted(() => {
  document.title = `${t('common.appName')} – ${t('studio.library')}`;
  void library.load(false);
});

async function create(situation: Situation | null): Promise<void> {
  if (creating.value) return;
  creating.value = true;
  try {
    await router.push(`/studio/shows/${await library.create(t('studio.untitled'), situation, teamName)}`);
  } catch (error) {
    library.problem = (error as Error).message;
  } finally {
    creating.value = false;
  }
}
async function remove(show: ShowSummary): Promise<void> {
  await library.remove(show.id);
  deleted.value = show;
}
const offering = ref<ShowSummary | null>(null);
const sharing = ref<ShowSummary | null>(null);
function endSharing(): void {
  sharing.value = null;
  void library.load();
}
const left = ref('');
async function leave(show: ShowSummary): Promise<void> {
  await library.leave(show.id);
  left.value = show.title || t('studio.untitled');
}
async function undo(): Promise<void> {
  if (deleted.value) await library.restore(deleted.value.id);
  deleted.value = null;
}
</script>

<template>
  <div>
    <StudioBar />
    <main class="page">
      <p v-if="library.problem" class="complaint" role="alert">{{ library.problem }}</p>
      <section>
        <div class="row head">
          <h1 class="grow">{{ t(library.deletedOnes ? 'studio.bin' : 'studio.library') }}</h1>
          <v-btn variant="text" @click="library.load(!library.deletedOnes)">
            {{ t(library.deletedOnes ? 'studio.backToShows' : 'studio.bin') }}
          </v-btn>
          <v-menu v-if="!library.deletedOnes">
            <template #activator="{ props }">
              <v-btn v-bind="props" color="primary" :prepend-icon="mdiPlus" :loading="creating">{{
                t('studio.newShow')
              }}</v-btn>
            </template>
            <v-list>
              <v-list-item
                :title="t('building.empty')"
                :subtitle="t('building.emptyHint')"
                lines="two"
                @click="create(null)"
              />
              <v-list-item
                :title="t('showFile.bringIn')"
                :subtitle="t('showFile.bringInShort')"
                lines="two"
                @click="file = 'in'"
              />
              <v-list-subheader>{{ t('building.startFrom') }}</v-list-subheader>
              <v-list-item
                v-for="one in situations"
                :key="one"
                :title="t(`building.situations.${one}`)"
                :subtitle="t(`building.situationHints.${one}`)"
                lines="two"
                @click="create(one)"
              />
            </v-list>
          </v-menu>
        </div>
        <p v-if="!library.loaded && !library.problem" role="status">{{ t('common.loading') }}</p>
        <div v-else-if="library.shows.length === 0" class="empty">
          <h2>{{ t(library.deletedOnes ? 'studio.binEmpty' : 'studio.emptyLibrary') }}</h2>
          <template v-if="!library.deletedOnes">
            <p>{{ t('studio.emptyLibraryText') }}</p>
            <div class="ways">
              <button type="button" class="way" @click="create(null)">
                <b>{{ t('building.empty') }}</b>
                <span>{{ t('building.emptyHint') }}</span>
              </button>
              <button v-for="one in situations" :key="one" type="button" class="way" @click="create(one)">
                <b>{{ t(`building.situations.${one}`) }}</b>
                <span>{{ t(`building.situationHints.${one}`) }}</span>
              </button>
            </div>
          </template>
        </div>
        <ul v-else class="list">
          <li v-for="show in library.shows" :key="show.id">
            <div class="grow">
              <component
                :is="library.deletedOnes ? 'span' : 'router-link'"
                :to="`/studio/shows/${show.id}`"
                class="title clip"
                >{{ show.title || t('studio.untitled') }}</component
              >
              <span class="muted"
                >{{ t('studio.facts', { questions: show.questions, teams: show.teams }) }} ·
                {{ t('studio.changed', { when: day(show.updatedAt) }) }}</span
              >
              <span v-if="show.owner !== null" class="muted">
                · {{ t('share.by', { name: show.owner }) }}</span
              >
              <span v-else-if="show.shared" class="muted"> · {{ t('share.shared') }}</span>
            </div>
            <v-btn
              v-if="library.deletedOnes"
              variant="outlined"
              :prepend-icon="mdiRestore"
              @click="library.restore(show.id)"
              >{{ t('studio.restore') }}</v-btn
            >
            <template v-else>
              <v-btn variant="outlined" :to="`/studio/shows/${show.id}`">{{
                t(hasRight(show.role, 'edit') ? 'studio.edit' : 'share.openShow')
              }}</v-btn>
              <v-menu>
                <template #activator="{ props }">
                  <v-btn
                    v-bind="props"
                    variant="text"
                    size="small"
                    :icon="mdiDotsVertical"
                    :aria-label="t('studio.actions', { title: show.title })"
                  />
                </template>
                <v-list>
                  <v-list-item
                    v-if="show.owner === null"
                    :prepend-icon="mdiAccountMultipleOutline"
                    :title="t('share.open')"
                    @click="sharing = show"
                  />
                  <v-list-item
                    v-if="hasRight(show.role, 'host')"
                    :prepend-icon="mdiCellphoneText"
                    :title="t('practices.offer')"
                    @click="offering = show"
                  />
                  <v-list-item
                    :prepend-icon="mdiContentDuplicate"
                    :title="t('studio.duplicate')"
                    @click="library.duplicate(show.id, t('studio.copyOf', { title: show.title }))"
                  />
                  <v-list-item
                    :prepend-icon="mdiDownload"
                    :title="t('showFile.save')"
                    @click="file = show.id"
                  />
                  <v-list-item
                    v-if="show.owner === null"
                    :prepend-icon="mdiDeleteOutline"
                    :title="t('studio.delete')"
                    @click="remove(show)"
                  />
                  <v-list-item
                    v-else
                    :prepend-icon="mdiLocationExit"
                    :title="t('share.leave')"
                    @click="leave(show)"
                  />
                </v-list>
              </v-menu>
            </template>
          </li>
        </ul>
        <v-btn v-if="library.shows.length < library.totalShows" variant="text" @click="library.moreShows()">{{
          t('studio.moreShows')
        }}</v-btn>
      </section>

      <SittingList v-if="library.loaded" />
    </main>
    <ShowFileDialog
      v-if="file !== null"
      :model-value="true"
      :saves="file === 'in' ? null : file"
      @update:model-value="file = null"
    />
    <OfferDialog
      v-if="offering"
      :model-value="true"
      :of="{ what: 'show', id: offering.id }"
      :title="offering.title || t('studio.untitled')"
      @update:model-value="offering = null"
    />
    <!-- The list says which shows are shared. -->
    <ShareDialog
      v-if="sharing"
      :model-value="true"
      :shared="{ what: 'show', id: sharing.id }"
      :title="sharing.title || t('studio.untitled')"
      @update:model-value="endSharing"
    />
    <v-snackbar :model-value="left !== ''" @update:model-value="left = ''">{{
      t('share.left', { title: left })
    }}</v-snackbar>
    <v-snackbar :model-value="deleted !== null" @update:model-value="deleted = null">
      {{ t('studio.deleted', { title: deleted?.title ?? '' }) }}
      <template #actions
        ><v-btn variant="text" @click="undo">{{ t('common.undo') }}</v-btn></template
      >
    </v-snackbar>
  </div>
</template>

<style scoped src="./lists.css" />
<style scoped>
.page {
  max-width: 960px;
  margin: 0 auto;
  padding: 28px 20px 60px;
  display: flex;
  flex-direction: column;
  gap: 36px;
}
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 250px), 1fr));
  gap: 12px;
  margin-top: 20px;
}
.way {
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding: 14px 16px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
  text-align: start;
  cursor: pointer;
}
.way:hover {
  border-color: var(--moss);
}
.way span {
  color: var(--stone);
}
.empty {
  padding: 48px 24px;
  text-align: center;
  border: 1px dashed var(--stone);
  border-radius: 6px;
}
</style>
