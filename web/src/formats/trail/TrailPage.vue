<script setup lang="ts">
import type { Page } from '@distaff/core/formats';
import PictureFrame from '../../design/media/PictureFrame.vue';
import RichText from '../../design/rich/RichText.vue';

/** A page to learn from: words, formulas and a picture. */
const { page } = defineProps<{ page: Page }>();
</script>

<template>
  <article class="page" dir="auto">
    <h2 v-if="page.title">{{ page.title }}</h2>
    <div class="both" :class="{ pictured: page.picture }">
      <PictureFrame v-if="page.picture" class="picture" :picture="page.picture" />
      <RichText v-if="page.text" class="text" :text="page.text" />
    </div>
  </article>
</template>

<style scoped>
.page {
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 0.8em;
}
.both {
  min-height: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 1.2em;
}
.text {
  flex: 1 1 12em;
  overflow-wrap: anywhere;
}
.picture {
  flex: 0 1 auto;
  max-height: 46vh;
  width: auto;
}
</style>
