<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { weaveBackground } from '../../design/weave/tile.ts';
import type { Group } from './useGroups.ts';

/** The groups one under the other, each with what matters about it now: nobody has to search for diagonals. */
const { groups, onTurn, states, decided } = defineProps<{
  groups: readonly Group[];
  onTurn: number | null;
  /** What is said of a group in place of its squares, by its number. */
  states: ReadonlyMap<number, string>;
  decided: boolean;
}>();
const { t } = useI18n();
const isShort = (group: Group) => group.completing.length > 0 && !decided;
const stateOf = (group: Group) =>
  states.get(group.at) ??
  (isShort(group)
    ? t('formats.claim.needsOne')
    : t('formats.claim.squares', group.squares, { named: { n: group.squares } }));
</script>

<template>
  <ul class="groups" :class="{ many: groups.length > 4 }">
    <li v-for="group in groups" :key="group.at" :class="{ on: group.at === onTurn, short: isShort(group) }">
      <i :style="group.weave ? weaveBackground(group.weave) : {}" />
      <b class="clip" dir="auto">{{ group.name }}</b>
      <small v-if="group.names">{{ group.names }}</small>
      <span>{{ stateOf(group) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.groups {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: calc(1.4 * var(--u));
}
li {
  display: flex;
  flex-direction: column;
  font-size: calc(2.9 * var(--u));
  line-height: 1.25;
}
i {
  height: calc(3.4 * var(--u));
  margin-bottom: calc(0.6 * var(--u));
}
.on i {
  height: calc(5.6 * var(--u));
}
b {
  font-size: calc(3.4 * var(--u));
}
span,
small {
  color: var(--dim);
}
small {
  font-size: calc(2.6 * var(--u));
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
/* Of many, what matters stands beside the name. */
.many li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  column-gap: 0.5em;
  align-items: baseline;
}
.many i,
.many small {
  grid-column: 1 / -1;
}
.many i {
  height: calc(2.2 * var(--u));
}
.many .on i {
  height: calc(3.6 * var(--u));
}
.many small {
  order: 1;
  -webkit-line-clamp: 1;
}
.short span {
  color: var(--light);
  font-weight: 700;
}
</style>
