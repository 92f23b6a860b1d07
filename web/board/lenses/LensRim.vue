<!-- Lenses round the face and over it: minute numbers, the count of the trail, the line from the hour hand to the rim. -->
<script setup lang="ts">
import { computed } from 'vue';
import {
  MINUTE_NUMBERS,
  lineToRim,
  minuteNumberPlaces,
  minuteTrail,
  outlineRadius,
  pointAt,
  type Lens,
} from '../../../core/face/index.ts';
import { useFace } from '../../clock/useFace.ts';

const { lenses, hourAt, minuteAt, since, count } = defineProps<{
  lenses: readonly Lens[];
  /** Where the hour hand is, and where the minute hand is: unwrapped minutes. */
  hourAt: number;
  minuteAt: number;
  since?: number | undefined;
  /** What is counted aloud; the marks of the trail unless given. */
  count?: number | undefined;
}>();
const face = useFace();
const has = (lens: Lens): boolean => lenses.includes(lens);
/** Size of the minute numbers on a board: taller than in print, for they are read from the back of the room. */
const SIZE = 11.5;

const numbers = computed(() => minuteNumberPlaces(face.value.outline));
const trail = computed(() => minuteTrail(minuteAt, since));
/** Fives that were counted stand beside the trail as it grows. */
const fives = computed(() =>
  numbers.value.filter(({ minutes }) => minutes > 0 && minutes <= trail.value.count && minutes !== trail.value.count),
);
const shownCount = computed(() => count ?? trail.value.count);
const bubble = computed(() => {
  const angle = count === undefined ? trail.value.to : (count % 60) * 6;
  return pointAt(angle, (MINUTE_NUMBERS.radius / 100) * outlineRadius(face.value.outline, angle));
});
const line = computed(() => lineToRim(hourAt, face.value.outline));
</script>

<template>
  <g class="lens-rim">
    <g v-if="has('minute-numbers')" class="minute-numbers">
      <text v-for="{ minutes, x, y } in numbers" :key="minutes" :x="x" :y="y" :font-size="SIZE">{{ minutes }}</text>
    </g>
    <template v-if="has('minute-trail') || count !== undefined">
      <g v-if="!has('minute-numbers') && has('minute-trail')" class="counted">
        <text v-for="{ minutes, x, y } in fives" :key="minutes" :x="x" :y="y" font-size="9">{{ minutes }}</text>
      </g>
      <g v-if="shownCount > 0" class="bubble" :transform="`translate(${bubble.x} ${bubble.y})`">
        <circle r="10.5" />
        <text font-size="12.5" class="count">{{ shownCount }}</text>
      </g>
    </template>
    <line
      v-if="has('straight-line')"
      :x1="line.from.x"
      :y1="line.from.y"
      :x2="line.to.x"
      :y2="line.to.y"
      class="straight"
    />
  </g>
</template>

<style scoped>
text {
  font-family: 'Andika', sans-serif;
  font-weight: 700;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--minute-text);
  user-select: none;
  pointer-events: none;
}
.bubble circle {
  fill: var(--minute-hand);
}
.bubble text {
  fill: #fff;
}
.straight {
  stroke: var(--hour-hand);
  stroke-width: 1.6;
  stroke-dasharray: 4 2.4;
  stroke-linecap: round;
}
@media (forced-colors: active) {
  text {
    fill: CanvasText;
  }
  .bubble text {
    fill: #fff;
  }
}
</style>
