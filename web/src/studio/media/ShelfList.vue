<script setup lang="ts">
import { foldText } from '@distaff/core/text';
import { mdiMagnify } from '@mdi/js';
import { computed, onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { pictureUrl } from '../../design/media/mediaUrl.ts';
import { loadShelf, type ShelfDrawing } from './shelf.ts';

/** The drawings that ship with the application. */
const emit = defineEmits<{ choose: [drawing: ShelfDrawing] }>();
const { t } = useI18n();
const all = ref<ShelfDrawing[] | null>(null);
const q = ref('');
onMounted(async () => (all.value = await loadShelf()));
const groups = computed(() => {
  const words = foldText(q.value ?? '')
    .split(' ')
    .filter(Boolean);
  const found = (all.value ?? []).filter((one) => {
    const own = foldText(`${one.words} ${one.group} ${one.alt}`);
    return words.every((word) => own.includes(word));
  });
  return [...new Set(found.map((one) => one.group))].map((group) => ({
    group,
    drawings: found.filter((one) => one.group === group),
  }));
});
</script>

<template>
  <v-text-field
    v-model="q"
    class="find"
    type="search"
    density="compact"
    hide-details
    clearable
    :prepend-inner-icon="mdiMagnify"
    :label="t('media.findDrawing')"
  />
  <p v-if="all === null" role="status">{{ t('common.loading') }}</p>
  <p v-else-if="groups.length === 0" class="muted">{{ t('media.noneFound') }}</p>
  <section v-for="{ group, drawings } in groups" :key="group">
    <h3>{{ group }}</h3>
    <ul>
      <li v-for="one in drawings" :key="one.name">
        <button type="button" :title="one.words" @click="emit('choose', one)">
          <img :src="pictureUrl(`shelf.${one.name}`, 'small')" :alt="one.alt" loading="lazy" />
          <span class="clip">{{ one.words }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.find {
  margin: 8px 0 12px;
}
h3 {
  margin: 12px 0 6px;
  font-size: 15px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
  gap: 8px;
}
button {
  width: 100%;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  padding: 8px 4px;
  border: 1px solid var(--line);
  border-radius: 6px;
  cursor: pointer;
}
button:hover {
  border-color: var(--moss);
}
img {
  width: 100%;
  height: 64px;
  object-fit: contain;
}
.clip {
  max-width: 100%;
  font-size: 13px;
}
</style>
