<script setup lang="ts">
/** A few figures beside each other, each with what it is and something more. */
defineProps<{ figures: readonly { label: string; figure: string; more: string }[] }>();
</script>

<template>
  <dl class="strip">
    <div v-for="one in figures" :key="one.label">
      <dt>{{ one.label }}</dt>
      <dd>
        <b>{{ one.figure }}</b> <span v-if="one.more">{{ one.more }}</span>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.strip {
  margin: 0;
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.strip > div {
  padding: 12px 24px;
}
.strip > div + div {
  border-inline-start: 1px solid var(--line);
}
dt,
dd span {
  color: var(--stone);
  font-size: 14px;
}
dd {
  margin: 0;
}
dd b {
  font:
    700 28px/1.2 'Bricolage Grotesque',
    sans-serif;
}
@media (max-width: 700px) {
  .strip {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .strip > div:nth-child(odd) {
    border-inline-start: 0;
  }
  .strip > div {
    padding: 12px 16px;
  }
}
</style>
