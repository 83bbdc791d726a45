<script setup lang="ts">
import { hasRight, type Right } from '@distaff/core/library';
import {
  mdiAccountMultipleOutline,
  mdiAccountMultiplePlusOutline,
  mdiArchiveArrowDownOutline,
  mdiArchiveArrowUpOutline,
  mdiCellphoneText,
  mdiChartScatterPlot,
  mdiContentDuplicate,
  mdiDeleteOutline,
  mdiDotsVertical,
  mdiDownload,
  mdiExitToApp,
  mdiPencilOutline,
  mdiPlus,
  mdiPrinterOutline,
  mdiSortVariant,
} from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { savePackage } from '../bring/savePackage.ts';
import { saveWorkbook } from '../bring/saveWorkbook.ts';
import { useAccount } from '../account.ts';
import OfferDialog from '../practice/OfferDialog.vue';
import ShareDialog from '../share/ShareDialog.vue';
import { useBank } from './bank.ts';
import OrderDialog from './OrderDialog.vue';
import SetDialog from './SetDialog.vue';

/** Which set is looked at, by folder; and what can be done with it. */
const { t } = useI18n();
const bank = useBank();
const account = useAccount();
const may = (right: Right) => bank.set !== null && hasRight(bank.set.role, right, bank.set.mayCopy);
const dialog = ref<'new' | 'edit' | null>(null);
const ordering = ref(false);
const offering = ref(false);
const sharing = ref(false);
const gone = ref<{ id: string; title: string } | null>(null);

const items = computed(() => {
  const own = bank.sets
    .filter((set) => !set.archived)
    .map((set) => ({
      value: set.id,
      title: set.title || t('library.untitled'),
      folder: set.role === 'owner' ? set.folder : t('share.by', { name: set.owner }),
      set,
    }));
  const archived = bank.sets
    .filter((set) => set.archived)
    .map((set) => ({ value: set.id, title: set.title, folder: t('library.archive'), set }));
  const all = { value: '', title: t('library.allQuestions'), folder: '', set: null };
  return account.isHost ? [all, ...own, ...archived] : own;
});
async function copy(): Promise<void> {
  const id = await bank.copySet(bank.set!.id, t('studio.copyOf', { title: bank.set!.title }));
  if (id) bank.query.set = id;
}
async function saveXlsx(): Promise<void> {
  const { id, title } = bank.set!;
  try {
    await saveWorkbook(`/api/sets/${id}/questions.json`, `${title || 'questions'}.xlsx`);
  } catch (error) {
    bank.problem = (error as Error).message;
  }
}
/** How far the making of a package is, and what its format had no place for. */
const packing = ref<{ n: number; of: number } | null>(null);
const unsaid = ref<[string, number][]>([]);
async function save(format: '2.1' | '3.0' | 'own'): Promise<void> {
  if (packing.value) return;
  const { id, title } = bank.set!;
  packing.value = { n: 0, of: 0 };
  try {
    unsaid.value = await savePackage(id, title, format, (n, of) => (packing.value = { n, of }));
  } catch (error) {
    bank.problem = (error as Error).message;
  } finally {
    packing.value = null;
  }
}
async function remove(): Promise<void> {
  const { id, title } = bank.set!;
  await bank.deleteSet(id);
  gone.value = { id, title };
}
const left = ref('');
async function leave(): Promise<void> {
  left.value = bank.set!.title;
  await bank.leaveSet(bank.set!.id);
}
async function undo(): Promise<void> {
  const { id } = gone.value!;
  gone.value = null;
  await bank.restoreSet(id);
  bank.query.set = id;
}
</script>

<template>
  <div class="row">
    <v-select
      v-model="bank.query.set"
      class="grow"
      :label="t('library.set')"
      :items="items"
      :menu-props="{ maxHeight: 480 }"
    >
      <template #item="{ props, item }">
        <v-list-item v-bind="props" :subtitle="item.folder">
          <template v-if="item.set" #append>
            <v-icon
              v-if="item.set.shared"
              class="shared"
              :icon="mdiAccountMultipleOutline"
              size="18"
              :aria-label="t('share.shared')"
            />
            <span class="mono muted">{{ item.set.questions }}</span>
          </template>
        </v-list-item>
      </template>
    </v-select>
    <v-menu v-if="bank.set">
      <template #activator="{ props }">
        <v-btn
          v-bind="props"
          variant="text"
          size="small"
          :icon="mdiDotsVertical"
          :aria-label="t('studio.actions', { title: bank.set.title })"
        />
      </template>
      <v-list>
        <v-list-item
          v-if="may('own')"
          :prepend-icon="mdiAccountMultiplePlusOutline"
          :title="t('share.open')"
          @click="sharing = true"
        />
        <v-list-item
          v-if="may('edit')"
          :prepend-icon="mdiPencilOutline"
          :title="t('library.editSet')"
          @click="dialog = 'edit'"
        />
        <v-list-item
          v-if="may('copy') && account.isHost"
          :prepend-icon="mdiContentDuplicate"
          :title="t('library.copySet')"
          @click="copy"
        />
        <v-list-item
          v-if="may('copy') && account.isHost"
          :prepend-icon="mdiCellphoneText"
          :title="t('practices.offer')"
          @click="offering = true"
        />
        <v-list-item
          v-if="may('own')"
          :prepend-icon="bank.set.archived ? mdiArchiveArrowUpOutline : mdiArchiveArrowDownOutline"
          :title="t(bank.set.archived ? 'library.unarchive' : 'library.toArchive')"
          @click="bank.archiveSet(bank.set.id, !bank.set.archived)"
        />
        <v-list-item
          v-if="may('edit')"
          :prepend-icon="mdiSortVariant"
          :title="t('library.order')"
          @click="ordering = true"
        />
        <v-list-item
          :prepend-icon="mdiChartScatterPlot"
          :title="t('learnt.open')"
          :to="`/studio/questions/map/${bank.set.id}`"
        />
        <v-list-item
          :prepend-icon="mdiPrinterOutline"
          :title="t('print.open')"
          :to="{ path: '/studio/questions/print', query: { set: bank.set.id } }"
        />
        <template v-if="may('copy')">
          <v-list-item
            :prepend-icon="mdiDownload"
            :title="t('library.asCsv')"
            :href="`/api/sets/${bank.set.id}/questions.csv`"
          />
          <v-list-item :prepend-icon="mdiDownload" :title="t('library.asXlsx')" @click="saveXlsx" />
          <v-list-item
            :prepend-icon="mdiDownload"
            :title="t('library.asJson')"
            :href="`/api/sets/${bank.set.id}/questions.json`"
          />
          <v-list-item :prepend-icon="mdiDownload" :title="t('library.asZip')" @click="save('own')" />
          <v-list-item :prepend-icon="mdiDownload" :title="t('library.asQti3')" @click="save('3.0')" />
          <v-list-item :prepend-icon="mdiDownload" :title="t('library.asQti2')" @click="save('2.1')" />
        </template>
        <v-list-item
          v-if="may('own')"
          :prepend-icon="mdiDeleteOutline"
          :title="t('library.deleteSet')"
          @click="remove"
        />
        <v-list-item
          v-else-if="account.isHost"
          :prepend-icon="mdiExitToApp"
          :title="t('share.leave')"
          @click="leave"
        />
      </v-list>
    </v-menu>
    <v-btn
      v-if="account.isHost"
      variant="outlined"
      size="small"
      class="new"
      :icon="mdiPlus"
      :aria-label="t('library.newSet')"
      :title="t('library.newSet')"
      @click="dialog = 'new'"
    />
    <OrderDialog v-model="ordering" />
    <SetDialog v-model="dialog" />
    <OfferDialog
      v-if="offering && bank.set"
      v-model="offering"
      :of="{ what: 'set', id: bank.set.id }"
      :title="bank.set.title || t('library.untitled')"
    />
    <!-- The list says which sets are shared. -->
    <ShareDialog
      v-if="bank.set"
      v-model="sharing"
      :shared="{ what: 'set', id: bank.set.id }"
      :title="bank.set.title || t('library.untitled')"
      @update:model-value="$event || bank.loadSets()"
    />
    <v-snackbar :model-value="left !== ''" @update:model-value="left = ''">{{
      t('share.left', { title: left })
    }}</v-snackbar>
    <v-snackbar :model-value="packing !== null" :timeout="-1">{{
      t('library.packing', packing ?? { n: 0, of: 0 })
    }}</v-snackbar>
    <v-dialog
      :aria-label="t('library.unsaidTitle')"
      :model-value="unsaid.length > 0"
      max-width="520"
      @update:model-value="unsaid = []"
    >
      <v-card class="unsaid">
        <h2>{{ t('library.unsaidTitle') }}</h2>
        <p>{{ t('library.unsaidText') }}</p>
        <ul>
          <li v-for="[what, n] in unsaid" :key="what">
            {{ t(`library.unsaid.${what}`) }} – {{ t('library.count', n, { named: { n } }) }}
          </li>
        </ul>
        <div class="row end">
          <v-btn color="primary" @click="unsaid = []">{{ t('common.close') }}</v-btn>
        </div>
      </v-card>
    </v-dialog>
    <v-snackbar :model-value="gone !== null" @update:model-value="gone = null">
      {{ t('studio.deleted', { title: gone?.title ?? '' }) }}
      <template #actions
        ><v-btn variant="text" @click="undo">{{ t('common.undo') }}</v-btn></template
      >
    </v-snackbar>
  </div>
</template>

<style scoped>
.row {
  gap: 4px;
}
.unsaid {
  padding: 20px;
}
.end {
  justify-content: flex-end;
}
.new {
  flex: none;
}
.shared {
  margin-right: 6px;
}
</style>
