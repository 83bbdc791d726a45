<script setup lang="ts">
import {
  askingSpaces,
  FEWEST_SPACES,
  MOST_PAGES,
  MOST_PER_SPACE,
  MOST_SPACES,
  specials,
  trailGoals,
} from '@distaff/core/formats';
import type { Picture } from '@distaff/core/media';
import type { RoundOf } from '@distaff/core/show';
import { mdiClose, mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../../studio/editor.ts';
import MediaSlot from '../../studio/media/MediaSlot.vue';
import NumberField from '../../studio/question/NumberField.vue';
import ListEditor from '../list/ListEditor.vue';

/** How long the loop is, what is special on it, what it is played for; and pages to learn from. */
const place = defineModel<string | null>('place', { required: true });
const { t } = useI18n();
const editor = useEditor();
const content = computed(() => (editor.list as RoundOf<'trail'>).content);
const MOST = 1_000_000;
const asking = computed(() => askingSpaces(content.value).length);
const kinds = computed(() => [
  { value: '', title: t('editors.trail.question') },
  ...specials.map((one) => ({ value: one as string, title: t(`editors.trail.specials.${one}`) })),
]);
function setSpaces(count: number): void {
  content.value.spaces = count;
  for (const space of Object.keys(content.value.specials))
    if (Number(space) >= count) delete content.value.specials[space];
}
function setSpecial(space: number, kind: string): void {
  if (kind === '') delete content.value.specials[space];
  else content.value.specials[space] = kind as (typeof specials)[number];
}
const addPage = () => content.value.pages.push({ id: editor.newId(), title: '', text: '', picture: null });
function dropPage(id: string): void {
  editor.remove('editors.trail.pageRemoved', () => {
    content.value.pages = content.value.pages.filter((one) => one.id !== id);
  });
}
</script>

<template>
  <ListEditor v-model:place="place" :points-label="t('editors.trail.points')">
    <template #settings>
      <NumberField
        :model-value="content.spaces"
        :min="FEWEST_SPACES"
        :max="MOST_SPACES"
        :label="t('editors.trail.spaces')"
        @update:model-value="setSpaces($event ?? FEWEST_SPACES)"
      />
      <NumberField
        v-model="content.perSpace"
        :min="1"
        :max="MOST_PER_SPACE"
        :label="t('editors.trail.perSpace')"
      />
      <NumberField v-model="content.pass" :min="0" :max="100000" :label="t('editors.trail.pass')" />
    </template>
    <template #more>
      <v-radio-group v-model="content.goal" :label="t('editors.trail.goal')">
        <v-radio v-for="one in trailGoals" :key="one" :value="one" :label="t(`editors.trail.goals.${one}`)" />
      </v-radio-group>
      <NumberField
        v-if="content.goal === 'first'"
        v-model="content.target"
        class="short"
        :min="1"
        :max="MOST"
        :label="t('editors.trail.target')"
      />
      <p class="muted">
        {{
          t('editors.trail.used', {
            n: Math.min(content.items.length, asking * content.perSpace),
            of: content.items.length,
            spaces: asking,
          })
        }}
      </p>
      <details>
        <summary>{{ t('editors.trail.special') }}</summary>
        <ol class="spaces">
          <li v-for="n in content.spaces - 1" :key="n">
            <v-select
              :model-value="content.specials[n] ?? ''"
              :items="kinds"
              density="compact"
              hide-details
              :label="t('editors.trail.space', { n })"
              @update:model-value="setSpecial(n, $event)"
            />
          </li>
        </ol>
      </details>
      <section class="pages">
        <h3>{{ t('editors.trail.pages') }}</h3>
        <p class="muted">{{ t('editors.trail.pagesHint') }}</p>
        <article v-for="(page, i) in content.pages" :key="page.id">
          <div class="row">
            <v-text-field
              v-model="page.title"
              maxlength="80"
              hide-details
              :label="t('editors.trail.pageTitle', { n: i + 1 })"
            />
            <v-btn
              variant="text"
              size="small"
              :icon="mdiClose"
              :aria-label="t('editors.trail.dropPage', { n: i + 1 })"
              :title="t('editors.trail.dropPage', { n: i + 1 })"
              @click="dropPage(page.id)"
            />
          </div>
          <v-textarea
            v-model="page.text"
            rows="4"
            auto-grow
            maxlength="1200"
            counter
            :label="t('editors.trail.pageText')"
            :hint="t('form.promptHint')"
            persistent-hint
          />
          <MediaSlot
            :model-value="page.picture"
            kind="picture"
            :label="t('editors.trail.pagePicture', { n: i + 1 })"
            @update:model-value="page.picture = $event as Picture | null"
          />
        </article>
        <v-btn
          v-if="content.pages.length < MOST_PAGES"
          variant="outlined"
          size="small"
          :prepend-icon="mdiPlus"
          @click="addPage"
          >{{ t('editors.trail.addPage') }}</v-btn
        >
      </section>
    </template>
  </ListEditor>
</template>

<style scoped>
summary {
  padding: 8px 0;
  font-weight: 700;
  cursor: pointer;
}
.spaces {
  list-style: none;
  margin: 0;
  padding: 6px 0 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}
.pages,
article {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
article {
  padding: 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
}
p {
  margin: 0;
}
</style>
