<script setup lang="ts">
/** A made-up picture that moves as the one of a stream would: a bay at dusk, waves, a light that turns. */
const waves = [0, 1, 2, 3];
</script>

<template>
  <svg class="picture" viewBox="0 0 1600 900" preserveAspectRatio="xMidYMid slice" aria-hidden="true">
    <defs>
      <linearGradient id="dusk" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stop-color="#2b4a6f" />
        <stop offset="0.6" stop-color="#e0a36b" />
        <stop offset="1" stop-color="#f4d3a2" />
      </linearGradient>
    </defs>
    <rect width="1600" height="900" fill="url(#dusk)" />
    <circle cx="1120" cy="430" r="80" fill="#f9e7bf" />
    <path d="M0 560 L260 420 L420 500 L560 430 L760 560 Z" fill="#38455a" />
    <g class="beam">
      <path d="M410 330 L1500 120 L1500 420 Z" fill="#fff6d8" opacity="0.35" />
    </g>
    <path d="M392 340 h36 l14 130 h-64 z M398 316 h24 v24 h-24 z" fill="#f2f5f1" />
    <path
      v-for="n in waves"
      :key="n"
      class="wave"
      :style="{ animationDelay: `${n * -1.7}s` }"
      :transform="`translate(${-200 + n * 30} ${560 + n * 80})`"
      d="M0 40 q50 -40 100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 t100 0 V400 H0 Z"
      :fill="['#3f7a92', '#35697f', '#2b586c', '#214759'][n]"
    />
  </svg>
</template>

<style scoped>
.picture {
  width: 100%;
  height: 100%;
  display: block;
}
.wave {
  animation: roll 6s ease-in-out infinite alternate;
}
.beam {
  transform-origin: 410px 330px;
  animation: turn 8s linear infinite alternate;
}
@keyframes roll {
  to {
    translate: 90px 0;
  }
}
@keyframes turn {
  from {
    rotate: -14deg;
  }
  to {
    rotate: 22deg;
  }
}
@media (prefers-reduced-motion: reduce) {
  .wave,
  .beam {
    animation: none;
  }
}
</style>
