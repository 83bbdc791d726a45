<script setup lang="ts">
import {
  defaultLevel,
  loops,
  ownOnly,
  soundNames,
  soundView,
  type SoundName,
  type Sounds,
} from '@distaff/core/show';
import type { Picture, Sound, Video } from '@distaff/core/media';
import { mdiPlay, mdiRestore, mdiStop } from '@mdi/js';
import { computed, onUnmounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { SoundPlayer } from '../../design/sound/soundPlayer.ts';
import { useEditor } from '../editor.ts';
import MediaSlot from '../media/MediaSlot.vue';

/** What is heard on the stage: its sounds, each to be heard here, set in loudness, replaced by an own one. */
const { t } = useI18n();
const editor = useEditor();
const sounds = computed<Sounds>(() => editor.show!.sounds ?? {});
const playing = ref<SoundName | null>(null);
const player = new SoundPlayer((name) => (playing.value = name));
onUnmounted(() => player.close());

const change = (by: Partial<Sounds>) => (editor.show!.sounds = { ...sounds.value, ...by });
const one = (name: SoundName) => sounds.value.each?.[name] ?? {};
const changeOne = (name: SoundName, by: { level?: number; own?: Sound | null }) =>
  change({ each: { ...sounds.value.each, [name]: { ...one(name), ...by } } });

function hear(name: SoundName): void {
  if (playing.value === name) player.stop();
  else void player.play(name, soundView(sounds.value, name), loops.has(name));
}
/** What is heard just now gets louder or softer under the hand. */
function setLevel(name: SoundName | null, level: number): void {
  if (name === null) change({ level });
  else changeOne(name, { level });
  if (playing.value) player.setLevel(soundView(sounds.value, playing.value).level);
}
function replace(name: SoundName, chosen: Picture | Sound | Video | null): void {
  player.stop();
  changeOne(name, { own: chosen as Sound | null });
}
</script>

<template>
  <section class="sounds">
    <div class="row">
      <h2 class="grow">{{ t('look.sounds.title') }}</h2>
      <v-switch
        :model-value="!sounds.off"
        :label="t('look.sounds.on')"
        color="primary"
        hide-details
        @update:model-value="change({ off: !$event })"
      />
    </div>
    <p class="muted">{{ t('look.sounds.intro') }}</p>
    <template v-if="!sounds.off">
      <v-slider
        class="all"
        :model-value="sounds.level ?? defaultLevel"
        :label="t('look.sounds.all')"
        :aria-label="t('look.sounds.all')"
        min="0"
        max="100"
        step="5"
        thumb-label
        hide-details
        @update:model-value="setLevel(null, $event)"
      />
      <ul>
        <li v-for="name in soundNames" :key="name">
          <v-btn
            size="small"
            variant="outlined"
            :icon="playing === name ? mdiStop : mdiPlay"
            :aria-label="
              t(playing === name ? 'look.sounds.stop' : 'look.sounds.play', {
                what: t(`look.sounds.${name}.name`),
              })
            "
            :disabled="ownOnly.has(name) && !one(name).own"
            @click="hear(name)"
          />
          <span class="what">
            <b>{{ t(`look.sounds.${name}.name`) }}</b>
            <span class="muted">{{ t(`look.sounds.${name}.when`) }}</span>
          </span>
          <v-slider
            :model-value="one(name).level ?? 100"
            :aria-label="t('look.sounds.levelOf', { what: t(`look.sounds.${name}.name`) })"
            min="0"
            max="100"
            step="5"
            thumb-label
            hide-details
            @update:model-value="setLevel(name, $event)"
          />
          <span class="row own">
            <MediaSlot
              :model-value="one(name).own ?? null"
              kind="sound"
              :label="t('look.sounds.own')"
              @update:model-value="replace(name, $event)"
            />
            <v-btn
              v-if="one(name).own"
              size="small"
              variant="text"
              :icon="mdiRestore"
              :title="t(ownOnly.has(name) ? 'common.remove' : 'look.sounds.ours')"
              :aria-label="t(ownOnly.has(name) ? 'common.remove' : 'look.sounds.ours')"
              @click="replace(name, null)"
            />
          </span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.sounds {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding-top: 12px;
  border-top: 1px solid var(--line);
}
p,
ul {
  margin: 0;
  padding: 0;
}
.all {
  max-width: 420px;
}
li {
  display: grid;
  grid-template-columns: 40px minmax(150px, 1fr) minmax(90px, 150px) minmax(150px, auto);
  gap: 10px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.what {
  display: flex;
  flex-direction: column;
}
.own {
  justify-content: flex-end;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 40px 1fr;
  }
  li > :nth-child(n + 3) {
    grid-column: 2;
  }
  .own {
    justify-content: flex-start;
  }
}
</style>
