<script setup lang="ts">
import type { OwnEvening } from '@distaff/core/report';
import { mdiLinkVariant } from '@mdi/js';
import { onMounted, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { answerOf } from '../api/client.ts';
import { copyText } from '../design/copyText.ts';
import { lookStyle } from '../design/lookStyle.ts';
import { useFormat } from '../design/useFormat.ts';
import { weaveBackground } from '../design/weave/tile.ts';
import RunAnswers from '../practice/RunAnswers.vue';

/** What a player keeps of a game: where they stood, own answers, what was right and why. */
const { token } = defineProps<{ token: string }>();
const { t } = useI18n();
const { points, place } = useFormat();
const evening = ref<OwnEvening | null>(null);
const problem = ref('');
const copied = ref('');
onMounted(async () => {
  try {
    evening.value = await answerOf<OwnEvening>(
      await fetch('/api/mine', { headers: { authorization: `Bearer ${token}` } }),
    );
    document.title = t('practice.mine.title', { title: evening.value.title });
  } catch (error) {
    problem.value = error instanceof TypeError ? t('common.noConnection') : (error as Error).message;
  }
});
async function copy(): Promise<void> {
  copied.value = (await copyText(location.href))
    ? t('practice.mine.copied')
    : t('practice.mine.notCopied', { link: location.href });
}
</script>

<template>
  <v-app>
    <v-main>
      <main class="mine" :style="evening ? lookStyle(evening.look, false) : {}">
        <p v-if="problem" class="centre" role="alert">{{ problem }}</p>
        <p v-else-if="!evening" class="centre" role="status">{{ t('common.loading') }}</p>
        <template v-else>
          <header :style="weaveBackground(evening.weave, 2)">
            <div class="label">
              <h1 dir="auto">{{ evening.title }}</h1>
              <p>
                <bdi>{{ evening.name }}</bdi>
                <template v-if="evening.team !== evening.name">
                  · <bdi>{{ evening.team }}</bdi></template
                >
              </p>
              <p>
                <b>{{
                  t('practice.mine.stood', { place: place(evening.place), points: points(evening.score) })
                }}</b>
              </p>
            </div>
          </header>
          <section class="keep">
            <p>{{ t('practice.mine.keep') }}</p>
            <v-btn variant="outlined" :prepend-icon="mdiLinkVariant" @click="copy">{{
              t('practice.mine.copy')
            }}</v-btn>
            <p v-if="copied" role="status">{{ copied }}</p>
          </section>
          <p v-if="evening.answers.length === 0" class="keep">{{ t('practice.mine.none') }}</p>
          <RunAnswers v-else :answered="evening.answers" />
        </template>
      </main>
    </v-main>
  </v-app>
</template>

<style scoped>
.mine {
  --focus: var(--light);
  --ground: #101a17;
  --light: #f2f5f1;
  min-height: 100dvh;
  max-width: 560px;
  margin: 0 auto;
  background: var(--ground);
  color: var(--light);
  font-size: 17px;
  overflow-wrap: anywhere;
}
header {
  padding: 40px 16px;
  display: grid;
  justify-items: center;
}
.label {
  background: #f4efe2;
  color: #14211d;
  padding: 14px 20px;
  outline: 1px dashed #14211d;
  outline-offset: -5px;
  text-align: center;
}
h1 {
  font-size: 24px;
}
p {
  margin: 0;
}
.keep {
  padding: 16px 16px 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
.centre {
  padding: 30vh 24px 0;
  text-align: center;
}
</style>
