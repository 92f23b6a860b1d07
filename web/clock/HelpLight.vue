<!-- What lights up on a clock's face after a wrong answer: the hour's room, half a turn, the way round. In face units. -->
<script setup lang="ts">
import { HALF_TURN, arcPath, hoursRoom, slicePath } from '../../core/face/index.ts';
import type { Light } from '../../core/asking/index.ts';

const { light } = defineProps<{ light: Light }>();
const REACH = 97;
const ROOM_REACH = 90;
/** The arrow from 12 on: inside the marks, clear of the numerals. */
const WAY = { from: 5, to: 85, radius: 55 };
const room = (hour: number): string => {
  const { from, to } = hoursRoom(hour);
  return slicePath(from, to, ROOM_REACH);
};
</script>

<template>
  <g class="help">
    <path v-if="light.half" :d="slicePath(HALF_TURN.from, HALF_TURN.to, REACH)" class="half" />
    <path v-if="light.room !== undefined" :d="room(light.room)" class="room" />
    <circle v-if="light.region === 'numerals'" r="78" class="ring" />
    <circle v-if="light.region === 'hands'" r="58" class="disc" />
    <g v-if="light.way" class="way">
      <path :d="arcPath(WAY.from, WAY.to, WAY.radius)" />
      <path d="M0-6 11 0 0 6z" :transform="`rotate(${WAY.to}) translate(0 ${-WAY.radius})`" class="head" />
    </g>
  </g>
</template>

<style scoped>
.help > * {
  animation: glow 1.2s ease-in-out infinite alternate;
}
.half {
  fill: var(--half-turn);
}
.room,
.disc {
  fill: var(--sun);
  opacity: 0.55;
}
.ring {
  fill: none;
  stroke: var(--sun);
  stroke-width: 26;
  opacity: 0.55;
}
.way path {
  fill: none;
  stroke: var(--minute-hand);
  stroke-width: 5;
  stroke-linecap: round;
}
.way .head {
  fill: var(--minute-hand);
  stroke: none;
}
@keyframes glow {
  from {
    opacity: 0.25;
  }
}
</style>
