<script setup lang="ts">
import type { BoostLine, PublicView, SeatView } from '@distaff/core/sitting';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';

/** Boosts that one has, can buy, or has on: a line each; what it does is told before it is used. */
const { view, seat } = defineProps<{ view: PublicView; seat: SeatView }>();
const emit = defineEmits<{ use: [boost: string, on: string | null]; buy: [boost: string] }>();
const { t } = useI18n();
const { points } = useFormat();
const open = ref(false);
const chosen = ref<BoostLine | null>(null);
const held = computed(() => seat.boosts.reduce((sum, one) => sum + one.held, 0));
const balance = computed(() => seat.standing?.score ?? 0);
const others = computed(() => view.teams.filter(({ id }) => id !== seat.team));
const what = ({ boost, amount }: BoostLine) =>
  t(`extras.boosts.what.${boost}`, amount, { named: { n: amount } });
function use(on: string | null): void {
  if (chosen.value) emit('use', chosen.value.boost, on);
  chosen.value = null;
  open.value = false;
}
</script>

<template>
  <section class="boosts">
    <button type="button" class="head" :aria-expanded="open" @click="open = !open">
      <b>{{ t('extras.boosts.title') }}</b>
      <span v-if="held > 0">{{ t('extras.boosts.held', held, { named: { n: held } }) }}</span>
      <span v-for="one in seat.boosts.filter(({ left }) => left > 0)" :key="one.boost" class="on">
        {{ t(`extras.boosts.name.${one.boost}`) }}:
        {{ t('extras.boosts.left', one.left, { named: { n: one.left } }) }}
      </span>
    </button>
    <div v-if="open && chosen" class="slip">
      <b>{{ t(`extras.boosts.name.${chosen.boost}`) }}</b>
      <p>{{ what(chosen) }}</p>
      <template v-if="chosen.hinders">
        <p>{{ t('extras.boosts.against') }}</p>
        <v-btn v-for="one in others" :key="one.id" variant="outlined" block @click="use(one.id)">{{
          one.name
        }}</v-btn>
      </template>
      <v-btn v-else color="primary" block @click="use(null)">{{ t('extras.boosts.use') }}</v-btn>
      <v-btn variant="text" block @click="chosen = null">{{ t('extras.boosts.keep') }}</v-btn>
    </div>
    <ul v-else-if="open">
      <li v-for="one in seat.boosts" :key="one.boost">
        <div>
          <b>{{ t(`extras.boosts.name.${one.boost}`) }}</b>
          <p>{{ what(one) }}</p>
          <small v-if="one.held > 0">{{
            t('extras.boosts.held', one.held, { named: { n: one.held } })
          }}</small>
        </div>
        <v-btn v-if="one.held > 0 && one.left === 0" color="primary" @click="chosen = one">{{
          t('extras.boosts.use')
        }}</v-btn>
        <v-btn
          v-else-if="one.price !== null"
          variant="outlined"
          :disabled="one.price > balance"
          @click="emit('buy', one.boost)"
          >{{
            t(one.price > balance ? 'extras.boosts.tooDear' : 'extras.boosts.buy', {
              points: points(one.price),
            })
          }}</v-btn
        >
      </li>
    </ul>
    <small v-if="open && seat.asked">{{ t('extras.boosts.runs') }}</small>
  </section>
</template>

<style scoped>
.boosts {
  flex: none;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  min-height: 44px;
  align-items: center;
  padding: 8px 14px;
  background: var(--flax, #ede6d4);
  color: #14211d;
  outline: 1px dashed #14211d;
  outline-offset: -4px;
  font: inherit;
  text-align: start;
  cursor: pointer;
}
.slip,
li {
  padding: 12px 14px;
  background: var(--panel);
}
.slip {
  display: flex;
  flex-direction: column;
  gap: 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}
p {
  margin: 0;
}
li p,
small {
  color: var(--dim);
}
</style>
