<!-- A clock as a child drew it: the lines of its finger on an empty face. -->
<script setup lang="ts">
import { computed } from 'vue';
import { strokePath, type Stroke } from '../../core/strokes/index.ts';
import ClockDial from './ClockDial.vue';
import { roomOf, useFace } from './useFace.ts';

const { strokes, label } = defineProps<{ strokes: readonly Stroke[]; label: string }>();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2);
</script>

<template>
  <svg :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`" role="img" :aria-label="label" class="drawn-clock">
    <ClockDial />
    <path v-for="(stroke, i) in strokes" :key="i" :d="strokePath(stroke)" class="line" />
  </svg>
</template>

<style scoped>
.drawn-clock {
  display: block;
  width: 100%;
  height: 100%;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4.2;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
