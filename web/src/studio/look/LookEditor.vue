<script setup lang="ts">
import {
  coloursOf,
  contrastsOf,
  defaultLook,
  faces,
  mendedLook,
  themeColours,
  themes,
  type Colours,
  type Look,
} from '@distaff/core/show';
import type { Picture } from '@distaff/core/media';
import { mdiAlertOutline, mdiCheck } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useEditor } from '../editor.ts';
import MediaSlot from '../media/MediaSlot.vue';
import SoundEditor from './SoundEditor.vue';

/** The look of a show: a theme or own colours, a typeface, a picture, a logo; how well it can be read is said. */
const { t } = useI18n();
const editor = useEditor();
const look = computed<Look>(() => editor.show!.look ?? defaultLook);
const colours = computed(() => coloursOf(look.value));
const contrasts = computed(() => contrastsOf(look.value));
const poor = computed(() => contrasts.value.some((one) => !one.enough));
const parts = ['ground', 'panel', 'text', 'accent'] as const;

function change(by: Partial<Look>): void {
  editor.show!.look = { ...look.value, ...by };
}
/** Own colours begin with those that were seen last. */
function choose(theme: Look['theme']): void {
  change(theme === 'own' ? { theme, own: look.value.own ?? colours.value } : { theme });
}
const wellFormed = (colour: string) => /^#[0-9a-f]{6}$/.test(colour);
function paint(part: keyof Colours, colour: string): void {
  const typed = colour.trim().toLowerCase();
  if (wellFormed(typed)) change({ theme: 'own', own: { ...colours.value, [part]: typed } });
}
const mend = () => editor.remove('look.mendedText', () => (editor.show!.look = mendedLook(look.value)));
const picture = (place: 'picture' | 'logo') =>
  computed({
    get: () => look.value[place] ?? null,
    set: (chosen) => change({ [place]: chosen as Picture | null }),
  });
const ground = picture('picture');
const logo = picture('logo');
const swatch = (theme: Look['theme']) =>
  theme === 'own' ? (look.value.own ?? colours.value) : themeColours[theme];
</script>

<template>
  <section class="look">
    <h1>{{ t('look.title') }}</h1>
    <p class="muted">{{ t('look.intro') }}</p>
    <div class="themes" role="radiogroup" :aria-label="t('look.theme')">
      <button
        v-for="theme in themes"
        :key="theme"
        type="button"
        role="radio"
        class="theme"
        :class="{ on: look.theme === theme }"
        :aria-checked="look.theme === theme"
        @click="choose(theme)"
      >
        <span class="sample" :style="{ background: swatch(theme).ground, color: swatch(theme).text }">
          <b>Aa</b>
          <i :style="{ background: swatch(theme).panel }" />
          <i :style="{ background: swatch(theme).accent }" />
        </span>
        {{ t(`look.themes.${theme}`) }}
      </button>
    </div>
    <div class="colours">
      <label v-for="part in parts" :key="part" class="colour">
        <v-menu :close-on-content-click="false">
          <template #activator="{ props }">
            <button
              v-bind="props"
              type="button"
              class="patch"
              :style="{ background: colours[part] }"
              :aria-label="t(`look.colours.${part}`)"
            />
          </template>
          <v-color-picker
            mode="hex"
            :modes="['hex']"
            :model-value="colours[part]"
            @update:model-value="paint(part, String($event).slice(0, 7))"
          />
        </v-menu>
        <v-text-field
          :model-value="colours[part]"
          class="mono"
          maxlength="7"
          :label="t(`look.colours.${part}`)"
          :rules="[(typed: string) => wellFormed(typed.trim().toLowerCase()) || t('look.wrongColour')]"
          @update:model-value="paint(part, $event)"
        />
      </label>
    </div>
    <section class="contrast" :aria-label="t('look.contrast')">
      <h2>{{ t('look.contrast') }}</h2>
      <ul>
        <li v-for="one in contrasts" :key="one.what" :class="{ poor: !one.enough }">
          <v-icon :icon="one.enough ? mdiCheck : mdiAlertOutline" size="18" />
          <span>{{ t(`look.pairs.${one.what}`) }}</span>
          <b class="mono">{{ t('look.ratio', { ratio: (Math.floor(one.ratio * 10) / 10).toFixed(1) }) }}</b>
          <span class="muted">
            {{
              one.enough ? t('look.enough') : `${t('look.poor')}, ${t('look.needs', { least: one.least })}`
            }}
          </span>
        </li>
      </ul>
      <div v-if="poor" class="row">
        <v-btn color="primary" @click="mend">{{ t('look.mend') }}</v-btn>
        <span class="muted">{{ t('look.mendHint') }}</span>
      </div>
    </section>
    <v-select
      class="face"
      :model-value="look.face ?? 'bricolage'"
      :label="t('look.face')"
      :items="faces.map((value) => ({ value, title: t(`look.faces.${value}`) }))"
      @update:model-value="change({ face: $event })"
    />
    <div class="row pictures">
      <MediaSlot v-model="ground" kind="picture" :label="t('look.picture')" />
      <MediaSlot v-model="logo" kind="picture" :label="t('look.logo')" />
    </div>
    <SoundEditor />
  </section>
</template>

<style scoped>
.look {
  display: flex;
  flex-direction: column;
  gap: 18px;
}
.look > * {
  flex: none;
}
p {
  margin: 0;
}
.themes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 10px;
}
.theme {
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 6px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  cursor: pointer;
}
.theme.on {
  outline: 3px solid var(--moss);
  font-weight: 700;
}
.sample {
  height: 64px;
  padding: 8px 10px;
  border-radius: 4px;
  display: flex;
  align-items: flex-end;
  gap: 6px;
}
.sample b {
  flex: 1;
  text-align: left;
  font-size: 22px;
  font-family: var(--display);
}
.sample i {
  width: 18px;
  height: 18px;
  border-radius: 3px;
}
.colours {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px;
}
.colour {
  display: flex;
  align-items: center;
  gap: 8px;
}
.patch {
  flex: none;
  width: 40px;
  height: 40px;
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
}
ul {
  list-style: none;
  margin: 10px 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 20px 1fr auto minmax(120px, 1fr);
  gap: 10px;
  align-items: center;
  padding: 4px 8px;
}
.poor {
  background: #fbf1d2;
}
.face {
  max-width: 420px;
}
.pictures {
  flex-wrap: wrap;
}
</style>
