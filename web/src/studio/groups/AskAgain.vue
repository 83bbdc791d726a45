<script setup lang="ts">
import { mdiBookshelf, mdiPencilBoxOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import RichText from '../../design/rich/RichText.vue';
import { useGroups } from './groups.ts';

/** What a group missed: what is due now, what comes back when; a set or homework of it in two clicks. */
const { t } = useI18n();
const router = useRouter();
const groups = useGroups();
const DAY = 24 * 3_600_000;
const missed = computed(() => groups.page!.term.missed);
const now = computed(() => groups.page!.now);
const chosen = ref<string[]>(groups.due.map(({ id }) => id));
const dueIn = (due: number) => Math.ceil((due - now.value) / DAY);
const dueSays = (due: number | null) =>
  due === null
    ? t('groups.again.done')
    : due <= now.value
      ? t('groups.again.due')
      : t('groups.again.dueIn', dueIn(due), { named: { n: dueIn(due) } });
const choices = computed(() => ({
  dueOnes: groups.due.map(({ id }) => id),
  twice: missed.value.filter((one) => one.missed > 1).map(({ id }) => id),
  clear: [] as string[],
}));

const asSet = () =>
  groups.makeSet(
    missed.value.map(({ id }) => id).filter((id) => chosen.value.includes(id)),
    t('groups.again.setTitle', { name: groups.page!.name }),
    t('groups.again.setAbout', { name: groups.page!.name }),
  );
async function toLibrary(): Promise<void> {
  const set = await asSet();
  if (set) await router.push(`/studio/questions?set=${set.id}`);
}
async function toPractice(): Promise<void> {
  const { name } = groups.page!;
  const set = await asSet();
  if (set)
    await router.push({ path: '/studio/practice', query: { set: set.id, title: set.title, group: name } });
}
</script>

<template>
  <section class="card stack">
    <p v-if="missed.length === 0">{{ t('groups.again.none') }}</p>
    <template v-else>
      <div>
        <h2>{{ t('groups.again.title') }}</h2>
        <p class="muted">
          {{ t('groups.again.how') }} {{ t('groups.again.rule', { name: groups.page!.name }) }}
        </p>
      </div>
      <div class="row tools">
        <b class="grow" role="status">{{
          t('groups.again.chosen', chosen.length, { named: { n: chosen.length } })
        }}</b>
        <v-btn
          v-for="(ids, name) in choices"
          :key="name"
          variant="text"
          size="small"
          :disabled="name !== 'clear' && ids.length === 0"
          @click="chosen = ids"
          >{{ t(`groups.again.${name}`) }}</v-btn
        >
        <v-btn
          variant="outlined"
          :prepend-icon="mdiBookshelf"
          :disabled="chosen.length === 0 || groups.isBusy"
          @click="toLibrary"
          >{{ t('groups.again.makeSet') }}</v-btn
        >
        <v-btn
          color="primary"
          :prepend-icon="mdiPencilBoxOutline"
          :disabled="chosen.length === 0 || groups.isBusy"
          @click="toPractice"
          >{{ t('groups.again.homework') }}</v-btn
        >
      </div>
      <ul>
        <li v-for="one in missed" :key="one.id">
          <v-checkbox
            v-model="chosen"
            hide-details
            :value="one.id"
            :aria-label="t('groups.again.choose', { prompt: one.prompt })"
          />
          <RichText class="grow prompt" inline :text="one.prompt" />
          <span class="muted about"
            >{{ t('groups.again.missed', one.missed, { named: { n: one.missed } }) }} ·
            {{ t('groups.again.last', { n: Math.round(one.share * 100) }) }}</span
          >
          <b :class="{ due: one.due !== null && one.due <= now }">{{ dueSays(one.due) }}</b>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.stack {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
h2,
p {
  margin: 0;
}
.tools {
  flex-wrap: wrap;
  position: sticky;
  top: 0;
  z-index: 1;
  padding: 8px 0;
  background: var(--paper);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) minmax(0, auto) 130px;
  gap: 12px;
  align-items: center;
  border-top: 1px solid var(--line);
}
.prompt {
  overflow-wrap: anywhere;
}
li b {
  text-align: end;
}
.due {
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-underline-offset: 4px;
  text-decoration-color: var(--weld);
}
@media (max-width: 700px) {
  .tools > .grow {
    flex: 1 0 100%;
  }
  li {
    grid-template-columns: auto minmax(0, 1fr) auto;
  }
  .about {
    grid-column: 2;
    grid-row: 2;
    padding-bottom: 8px;
  }
}
</style>
