<!-- A face without hands, in face units. Draws; decides nothing. -->
<script setup lang="ts">
import { computed } from 'vue';
import {
  RIM_RADIUS,
  RIM_WIDTH,
  hasTicks,
  numeralMeasures,
  numeralPlaces,
  ticks,
  type FaceSize,
  type NumeralStyle,
} from '../../core/face/index.ts';

const {
  size = 'full',
  numerals = 'all',
  lit,
} = defineProps<{
  size?: FaceSize;
  /** What stands on a full face. */
  numerals?: NumeralStyle;
  /** A numeral to light up, 1..12. */
  lit?: number | undefined;
}>();
const marks = computed(() => (hasTicks(numerals) ? ticks(size) : []));
const measures = computed(() => numeralMeasures(numerals));
const places = computed(() => numeralPlaces(numerals));
</script>

<template>
  <g class="dial">
    <circle :r="RIM_RADIUS - RIM_WIDTH[size] / 2" :stroke-width="RIM_WIDTH[size]" class="rim" :class="size" />
    <line
      v-for="mark in marks"
      :key="mark.angle"
      :x1="mark.from.x"
      :y1="mark.from.y"
      :x2="mark.to.x"
      :y2="mark.to.y"
      class="tick"
      :class="[size, { hour: mark.atHour }]"
    />
    <template v-if="size === 'full'">
      <g v-for="{ numeral, text, x, y } in places" :key="numeral">
        <circle v-if="numeral === lit" :cx="x" :cy="y" r="14" class="light" />
        <text :x="x" :y="y" :font-size="measures.size" class="numeral" :class="{ lit: numeral === lit }">
          {{ text }}
        </text>
      </g>
    </template>
  </g>
</template>

<style scoped>
.rim {
  fill: var(--raised);
  stroke: var(--ink);
}
.rim.small {
  stroke: var(--pebble);
}
.tick {
  stroke: var(--ink);
  stroke-width: 0.7;
  stroke-linecap: round;
}
.tick.hour {
  stroke-width: 1.7;
}
.tick.small {
  stroke: var(--pebble);
  stroke-width: 3;
}
.numeral {
  font-family: 'Andika', sans-serif;
  font-weight: 700;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--ink);
  user-select: none;
  pointer-events: none;
}
.light {
  fill: var(--sun);
  animation: glow 1.2s ease-in-out infinite alternate;
}
@keyframes glow {
  from {
    opacity: 0.45;
  }
}
</style>
