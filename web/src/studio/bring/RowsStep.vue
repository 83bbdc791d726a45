<script setup lang="ts">
import { lacksOf, type Question } from '@distaff/core/question';
import { plainText } from '@distaff/core/text';
import { mdiAlertOutline, mdiCheck } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { kindIcons } from '../question/kindIcons.ts';
import QuestionForm from '../question/QuestionForm.vue';
import { useBank } from '../questions/bank.ts';
import { useAccount } from '../account.ts';
import { useBring } from './bring.ts';
import { copy } from '../copy.ts';

/** What was understood, row by row; every problem at its row, to be mended there. */
const { t } = useI18n();
const bring = useBring();
const bank = useBank();
const account = useAccount();
const index = ref(bring.shown[0] ?? 0);
const newTitle = ref(bring.look?.kind === 'set' ? bring.look.set.title : bring.name.replace(/\.\w+$/, ''));
const NEW = 'new';
/** So many parts that could not be read are named. */
const NAMED = 6;
/** Into the set that one came from, else into a new one: what others sent is not mixed into what is there. */
const set = ref(
  (bring.look?.kind !== 'set' && bank.mayEdit(bank.query.set) && bank.query.set) ||
    (account.isHost ? NEW : (bank.writable[0]?.id ?? '')),
);

const row = computed(() => bring.rows[index.value] ?? null);
/** A copy that may be typed in; what is typed goes back into its row. */
const question = ref<Question | null>(null);
watch(
  row,
  (now) => {
    if (JSON.stringify(now?.question) !== JSON.stringify(question.value))
      question.value = now ? copy(now.question) : null;
  },
  { immediate: true },
);
watch(
  question,
  (own) => {
    if (own && row.value && JSON.stringify(own) !== JSON.stringify(row.value.question))
      bring.write(index.value, copy(own));
  },
  { deep: true },
);
const mendable = computed(() =>
  bring.rows.reduce((sum, one) => sum + one.problems.filter((problem) => problem.mend !== null).length, 0),
);
const countOf = (i: number) => bring.rows[i]!.problems.length + lacksOf(bring.rows[i]!.question).length;

async function bringIn(): Promise<void> {
  let id: string | undefined = set.value;
  const title = newTitle.value.trim() || t('library.firstSet');
  // A set of ours brings its own words along, from the file that it comes from.
  if (id === NEW) id = await bank.createSet({ ...(bring.look?.kind === 'set' ? bring.look.set : {}), title });
  if (!id || (await bring.bringIn(id))) return;
  // Nothing came in: the set that was made for it goes as well.
  if (set.value === NEW) await bank.deleteSet(id);
}
</script>

<template>
  <section class="rows">
    <div class="row tools">
      <span role="status">{{ t('bring.understood', { ...bring.counts }) }}</span>
      <v-switch v-model="bring.onlyTrouble" :label="t('bring.onlyTrouble')" />
      <v-btn v-if="mendable" variant="outlined" size="small" @click="bring.mendAll()">{{
        t('bring.mendAll', mendable, { named: { n: mendable } })
      }}</v-btn>
      <span class="grow" />
      <v-select
        v-model="set"
        class="set"
        :label="t('bring.intoSet')"
        :items="[
          ...(account.isHost ? [{ value: NEW, title: t('library.newSet') }] : []),
          ...bank.writable.map((one) => ({ value: one.id, title: one.title })),
        ]"
      />
      <v-text-field
        v-if="set === NEW"
        v-model="newTitle"
        class="set"
        :label="t('library.setTitle')"
        maxlength="120"
      />
      <v-btn color="primary" :loading="bring.saving" :disabled="bring.counts.chosen === 0" @click="bringIn">{{
        t('bring.bringIn', bring.counts.chosen, { named: { n: bring.counts.chosen } })
      }}</v-btn>
    </div>
    <p v-if="bring.look?.kind === 'set' && bring.look.broken.length" class="complaint" role="alert">
      {{
        t('bring.broken', bring.look.broken.length, {
          named: { n: bring.look.broken.length, files: bring.look.broken.slice(0, NAMED).join(', ') },
        })
      }}
    </p>
    <div class="two">
      <v-virtual-scroll :items="bring.shown" :item-height="56" class="list" role="list">
        <template #default="{ item: i }">
          <div class="line" role="listitem" :class="{ on: i === index, out: bring.left.has(i) }">
            <input
              type="checkbox"
              class="tick"
              :checked="!bring.left.has(i)"
              :aria-label="t('bring.takeRow', { n: bring.rows[i]!.line })"
              @change="bring.leaveOut(i, !($event.target as HTMLInputElement).checked)"
            />
            <button type="button" class="open" :aria-current="i === index" @click="index = i">
              <span class="mono muted">{{ bring.rows[i]!.line }}</span>
              <v-icon :icon="kindIcons[bring.rows[i]!.question.answer.kind]" size="18" />
              <span class="grow clip">{{
                plainText(bring.rows[i]!.question.prompt) || t('library.noPrompt')
              }}</span>
              <span v-if="countOf(i)" class="count"
                ><v-icon :icon="mdiAlertOutline" size="16" /> {{ countOf(i) }}</span
              >
              <v-icon v-else :icon="mdiCheck" size="16" class="fine" />
            </button>
          </div>
        </template>
      </v-virtual-scroll>
      <div v-if="row && question" class="editing">
        <h2>{{ t('bring.row', { n: row.line }) }}</h2>
        <ul v-if="row.problems.length" class="problems">
          <li v-for="(one, p) in row.problems" :key="p">
            <span class="grow">{{
              t(`bring.problems.${one.code}`, {
                field: one.field && t(`bring.fields.${one.field}`),
                found: one.found.slice(0, 120),
                mend: one.mend ?? '',
              })
            }}</span>
            <v-btn size="x-small" variant="outlined" @click="bring.mend(index, one)">{{
              one.code === 'twice'
                ? t('bring.leaveOut')
                : one.mend === null
                  ? t('bring.seen')
                  : t('bring.mend', { mend: one.code === 'keysTooMany' ? t('common.kinds.many') : one.mend })
            }}</v-btn>
          </li>
        </ul>
        <QuestionForm :key="index" v-model="question" :tags="bank.tags" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.rows {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.tools {
  flex-wrap: wrap;
}
.set {
  flex: 0 1 190px;
}
.two {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(300px, 1fr) minmax(340px, 1.1fr);
  gap: 16px;
}
.list {
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
.line {
  height: 56px;
  display: flex;
  align-items: center;
  border-bottom: 1px solid var(--line);
}
.on {
  box-shadow: inset 4px 0 var(--moss);
  background: #eef3ef;
}
.out .open {
  text-decoration: line-through;
  color: var(--stone);
}
.tick {
  flex: none;
  width: 20px;
  height: 20px;
  margin-left: 14px;
  accent-color: var(--moss);
  appearance: auto;
}
.open {
  flex: 1;
  min-width: 0;
  height: 100%;
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 12px;
  text-align: left;
  cursor: pointer;
}
.count {
  color: #8a6400;
  font-weight: 700;
}
.fine {
  color: var(--moss);
}
.editing {
  overflow: auto;
  padding: 16px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
h2 {
  margin-bottom: 12px;
}
.problems {
  list-style: none;
  margin: 0 0 14px;
  padding: 8px 12px;
  border-left: 4px solid var(--weld);
  background: #fbf1d2;
  border-radius: 0 6px 6px 0;
}
.problems li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 4px 0;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .list {
    height: 50dvh;
  }
}
</style>
