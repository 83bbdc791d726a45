<script setup lang="ts">
import type { PracticePerson } from '@distaff/core/wire';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { HOUSE } from '../../design/weave/house.ts';
import { weaveBackground } from '../../design/weave/tile.ts';

/** Everybody as one cloth: whoever has finished at full height, whoever is on the way at half, the others bare threads. */
const { people } = defineProps<{ people: readonly PracticePerson[] }>();
const { t } = useI18n();
const states = ['finished', 'onTheWay', 'notBegun'] as const;
const counts = computed(() =>
  states
    .map((state) => ({ state, n: people.filter((one) => one.state === state).length }))
    .filter(({ n }) => n > 0),
);
</script>

<template>
  <ul class="cloth">
    <li v-for="{ state, n } in counts" :key="state" :style="{ flexGrow: n }">
      <div class="loom"><i :class="state" :style="state === 'notBegun' ? {} : weaveBackground(HOUSE)" /></div>
      <p>
        <b>{{ n }}</b> {{ t(`practices.${state}`) }}
      </p>
    </li>
  </ul>
</template>

<style scoped>
.cloth {
  display: flex;
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  flex-basis: 0;
  min-width: max-content;
}
.loom {
  display: flex;
  align-items: flex-end;
  height: 40px;
}
i {
  flex: 1;
  height: 100%;
}
i.onTheWay {
  height: 50%;
}
i.notBegun {
  background: repeating-linear-gradient(to right, var(--line) 0 1px, transparent 1px 6px);
}
p {
  margin: 6px 12px 0 0;
}
p b {
  font-family: var(--display);
  font-size: 22px;
}
</style>
