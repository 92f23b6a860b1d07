<!-- Stepping stones joined by hops: passed ones mossy, the hare on the one of now. -->
<script setup lang="ts">
import { computed } from 'vue';
import HareFigure from './HareFigure.vue';

const {
  count,
  index,
  done = false,
  label,
} = defineProps<{
  count: number;
  /** The stone of now, from 0. */
  index: number;
  /** The stone of now is passed too: the hare rests on it. */
  done?: boolean;
  label: string;
}>();
const STEP = 60;
const stones = computed(() =>
  Array.from({ length: count }, (_, i) => ({
    x: STEP * (i + 0.5),
    state: i < index || (done && i === index) ? 'passed' : i === index ? 'now' : 'ahead',
    hare: i === index,
  })),
);
const hops = computed(() =>
  stones.value.slice(1).map(({ x }, i) => ({
    d: `M${x - STEP + 12} 62Q${x - STEP / 2} 22 ${x - 12} 62`,
    passed: i < index,
  })),
);
</script>

<template>
  <svg :viewBox="`0 0 ${STEP * count} 92`" class="stones" role="img" :aria-label="label">
    <path v-for="(hop, i) in hops" :key="i" :d="hop.d" class="hop" :class="{ passed: hop.passed }" />
    <g v-for="(stone, i) in stones" :key="i" :class="stone.state">
      <ellipse
        :cx="stone.x"
        cy="76"
        :rx="stone.state === 'now' ? 22 : 13"
        :ry="stone.state === 'now' ? 13 : 9.5"
        class="rock"
      />
      <path v-if="stone.state === 'passed'" :d="`M${stone.x - 5} 76l3.5 3.5 6.5-6.5`" class="tick" />
    </g>
    <g class="hare" :style="{ transform: `translateX(${STEP * (index + 0.5) - 25}px)` }">
      <svg y="20" width="50" height="50"><HareFigure :px="50" /></svg>
    </g>
  </svg>
</template>

<style scoped>
.stones {
  display: block;
  overflow: visible;
}
.hop {
  fill: none;
  stroke: var(--pebble);
  stroke-width: 2.2;
  stroke-dasharray: 0.1 5.5;
  stroke-linecap: round;
}
.hop.passed {
  stroke: var(--moss-7);
  stroke-dasharray: none;
  stroke-width: 2.6;
}
.rock {
  stroke-width: 2;
  fill: var(--raised);
  stroke: var(--pebble);
}
.passed .rock {
  fill: var(--moss-7);
  stroke: var(--moss-7);
}
.now .rock {
  fill: var(--sun);
  stroke: var(--sun);
}
.tick {
  fill: none;
  stroke: #fff;
  stroke-width: 2.4;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.hare {
  transition: transform 0.45s var(--ease-hop);
}
</style>
