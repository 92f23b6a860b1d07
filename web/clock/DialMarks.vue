<!-- Marks and numerals of a face. A part of its own: while hands turn, none of it is looked at again. -->
<script setup lang="ts">
import { computed } from 'vue';
import { hasTicks, numeralMeasures, numeralPlaces, ticks, type FaceSize } from '../../core/face/index.ts';
import { useFace } from './useFace.ts';

const { size, lit, door, written } = defineProps<{
  size: FaceSize;
  /** A numeral to light up, 1..12. */
  lit?: number | undefined;
  /** A numeral that stands on its room like the number on a door, 1..12. */
  door?: number | undefined;
  /** What stands at the twelve places instead, from 12 on, clockwise; 0 for nothing. */
  written?: readonly number[] | undefined;
}>();
const face = useFace();
// A small clock has its twelve marks whatever the numerals: without them nothing could be read from it.
const marks = computed(() =>
  size === 'small' || hasTicks(face.value.numerals) ? ticks(size, face.value.outline) : [],
);
const style = computed(() => (written === undefined ? face.value.numerals : 'all'));
const measures = computed(() => numeralMeasures(style.value));
const places = computed(() => {
  const right = numeralPlaces(style.value, face.value.outline);
  return written === undefined
    ? right
    : right.map((place) => ({ ...place, text: String(written[place.numeral % 12] || '') }));
});
</script>

<template>
  <g>
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
    <Transition v-if="size === 'full'" name="numerals">
      <g :key="`${face.numerals} ${face.outline}`" class="numerals">
        <g v-for="{ numeral, text, x, y } in places" :key="numeral">
          <circle v-if="numeral === lit" :cx="x" :cy="y" r="14" class="light" />
          <circle v-if="numeral === door" :cx="x" :cy="y" r="14" class="door" />
          <text :x="x" :y="y" :font-size="measures.size" class="numeral" :class="{ signed: numeral === door }">
            {{ text }}
          </text>
        </g>
      </g>
    </Transition>
  </g>
</template>

<style scoped>
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
.door {
  fill: var(--hour-text);
}
.numeral.signed {
  fill: #fff;
}
.numerals-enter-active,
.numerals-leave-active {
  transition: opacity 0.4s;
}
.numerals-enter-from,
.numerals-leave-to {
  opacity: 0;
}
@keyframes glow {
  from {
    opacity: 0.45;
  }
}
</style>
