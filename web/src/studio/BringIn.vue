<script setup lang="ts">
import { onBeforeUnmount, onMounted } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useBring } from './bring/bring.ts';
import ImportList from './bring/ImportList.vue';
import RowsStep from './bring/RowsStep.vue';
import SourceStep from './bring/SourceStep.vue';
import { useBank } from './questions/bank.ts';
import StudioBar from './StudioBar.vue';

/** Bringing questions in from a file or a paste: the source, the rows, what became of them. */
const { t, te } = useI18n();
const route = useRoute();
const bring = useBring();
const bank = useBank();

onMounted(async () => {
  document.title = `${t('common.appName')} – ${t('bring.title')}`;
  bring.reset();
  bank.query.set = typeof route.query.set === 'string' ? route.query.set : '';
  await bank.loadSets();
});
onBeforeUnmount(() => bring.stop());
</script>

<template>
  <div class="page">
    <StudioBar />
    <main :class="{ wide: bring.step === 'rows' }">
      <h1>{{ t('bring.title') }}</h1>
      <p v-if="bring.problem" class="complaint" role="alert">
        {{
          te(`bring.itemTrouble.${bring.problem.code}`)
            ? t(`bring.itemTrouble.${bring.problem.code}`, { file: bring.problem.text || bring.name })
            : bring.problem.text || t(`bring.trouble.${bring.problem.code}`)
        }}
      </p>
      <div v-if="bring.done !== null" class="reading" role="status">
        <v-progress-linear
          :model-value="(bring.done / Math.max(1, bring.look?.rows ?? 1)) * 100"
          color="primary"
          height="8"
        />
        {{ t('bring.reading', { n: bring.done }) }}
        <v-btn size="small" variant="text" @click="bring.reset()">{{ t('common.cancel') }}</v-btn>
      </div>
      <div v-if="bring.sent" class="reading" role="status">
        <v-progress-linear
          :model-value="(bring.sent.n / bring.sent.of) * 100"
          color="primary"
          height="8"
          :aria-label="t('bring.sendingFiles', bring.sent)"
        />
        {{ t('bring.sendingFiles', bring.sent) }}
        <v-btn size="small" variant="text" @click="bring.breakOff()">{{ t('common.cancel') }}</v-btn>
      </div>
      <div v-if="bring.stored" class="reading" role="status">
        <v-progress-linear
          :model-value="(bring.stored.n / bring.stored.of) * 100"
          color="primary"
          height="8"
          :aria-label="t('bring.storing', bring.stored)"
        />
        {{ t('bring.storing', bring.stored) }}
        <v-btn size="small" variant="text" @click="bring.breakOff()">{{ t('common.cancel') }}</v-btn>
      </div>
      <template v-if="bring.step === 'source'">
        <SourceStep />
        <ImportList />
      </template>
      <RowsStep v-else-if="bring.step === 'rows'" />
      <section v-else-if="bring.result" class="done">
        <h2 role="status">
          {{
            bring.result.takenBack
              ? t('bring.takenBack')
              : t('bring.broughtIn', bring.result.count, { named: { n: bring.result.count } })
          }}
        </h2>
        <p v-if="bring.refused.length && !bring.result.takenBack" role="status">
          {{ t('bring.refused', bring.refused.length, { named: { n: bring.refused.length } }) }}
        </p>
        <div class="row">
          <v-btn color="primary" :to="`/studio/questions?set=${bring.result.set}`">{{
            t('bring.toSet')
          }}</v-btn>
          <v-btn v-if="!bring.result.takenBack" variant="outlined" @click="bring.takeBack()">{{
            t('bring.takeBack')
          }}</v-btn>
          <v-btn variant="text" @click="bring.reset()">{{ t('bring.again') }}</v-btn>
        </div>
      </section>
    </main>
  </div>
</template>

<style scoped>
.page {
  height: 100dvh;
  display: flex;
  flex-direction: column;
}
main {
  flex: 1;
  min-height: 0;
  width: 100%;
  max-width: 1160px;
  margin: 0 auto;
  padding: 20px;
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.wide {
  max-width: none;
}
.done {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
</style>
