<!-- Labels in the corners round a clock, each with a line to its part; a question mark until it is named. In face units. -->
<script setup lang="ts">
import { computed } from 'vue';
import { labelPlaces } from '../../../core/activities/index.ts';
import type { ClockPart } from '../../../core/items/index.ts';

const { minutes, named, lit, nameOf } = defineProps<{
  minutes: number;
  named: ReadonlySet<ClockPart>;
  /** The part that was named last. */
  lit: ClockPart | undefined;
  nameOf: (part: ClockPart) => string;
}>();
/** Where a label stands in its corner, and how far a letter is wide at the labels' size, in face units. */
const AT = { x: 100, y: 92 };
const LETTER = 6.1;
const labels = computed(() =>
  labelPlaces(minutes).map(({ part, anchor, corner }) => {
    const text = named.has(part) ? nameOf(part) : '?';
    const width = text.length * LETTER + 8;
    const x = corner.x * AT.x;
    const y = corner.y * AT.y;
    return { part, text, anchor, width, left: corner.x < 0 ? x : x - width, y, lineX: x - (corner.x * width) / 2 };
  }),
);
</script>

<template>
  <g class="part-labels">
    <g v-for="label in labels" :key="label.part" :class="{ lit: label.part === lit }" :data-part="label.part">
      <line :x1="label.lineX" :y1="label.y" :x2="label.anchor.x" :y2="label.anchor.y" />
      <circle :cx="label.anchor.x" :cy="label.anchor.y" r="2.4" />
      <rect :x="label.left" :y="label.y - 8" :width="label.width" height="16" rx="8" />
      <text :x="label.left + label.width / 2" :y="label.y">{{ label.text }}</text>
    </g>
  </g>
</template>

<style scoped>
.part-labels {
  pointer-events: none;
}
line {
  stroke: var(--plum);
  stroke-width: 1;
}
circle {
  fill: var(--plum);
  stroke: #fff;
  stroke-width: 0.6;
}
rect {
  fill: var(--raised);
  stroke: var(--plum);
  stroke-width: 1;
}
.lit rect {
  fill: var(--plum);
}
text {
  font-family: 'Andika', sans-serif;
  font-weight: 700;
  font-size: 11px;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--plum-deep);
}
.lit text {
  fill: #fff;
}
</style>
