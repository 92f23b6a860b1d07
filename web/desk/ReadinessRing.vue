<!-- One tick a child round a ring, from 12 clockwise: secure first, not seen last. Says how many, not who. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Level } from '../../core/diagnosis/index.ts';
import { ringBrickPath } from '../../core/face/index.ts';

const { levels, count, caption, label } = defineProps<{
  levels: readonly Level[];
  /** The number in the middle and what it is out of. */
  count: number;
  caption: string;
  label: string;
}>();
const ORDER: readonly Level[] = ['secure', 'getting-there', 'beginning', 'not-seen'];
const ticks = computed(() => {
  const sorted = ORDER.flatMap((level) => levels.filter((one) => one === level));
  const each = 360 / sorted.length;
  return sorted.map((level, i) => ({ level, path: ringBrickPath(i * each, (i + 1) * each, 66, 97, 3) }));
});
</script>

<template>
  <svg width="132" height="132" viewBox="-102 -102 204 204" role="img" :aria-label="label" class="ring">
    <path v-for="(tick, i) in ticks" :key="i" :d="tick.path" :class="tick.level" />
    <text y="-12" class="count">{{ count }}</text>
    <text y="28" class="caption">{{ caption }}</text>
  </svg>
</template>

<style scoped>
.ring {
  flex: none;
}
path {
  stroke-width: 2;
  stroke-linejoin: round;
}
.secure {
  fill: var(--moss-7);
}
.getting-there {
  fill: var(--moss-5);
}
.beginning {
  fill: var(--moss-3);
}
.not-seen {
  fill: none;
  stroke: var(--pebble);
  stroke-dasharray: 5 4;
}
.count {
  font:
    700 50px 'Andika',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--drawn);
}
.caption {
  font:
    400 22px 'Atkinson Hyperlegible Next',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--drawn-quiet);
}
</style>
