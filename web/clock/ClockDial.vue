<!-- A face without hands, in face units, shaped and numbered as the class's real clock. Draws; decides nothing. -->
<script setup lang="ts">
import { computed } from 'vue';
import { RIM_RADIUS, RIM_WIDTH, outlinePath, type FaceSize } from '../../core/face/index.ts';
import DialMarks from './DialMarks.vue';
import { useFace } from './useFace.ts';

const {
  size = 'full',
  lit,
  door,
  written,
} = defineProps<{
  size?: FaceSize;
  /** A numeral to light up, 1..12. */
  lit?: number | undefined;
  /** A numeral that stands on its room like the number on a door, 1..12. */
  door?: number | undefined;
  /** What stands at the twelve places instead, from 12 on, clockwise; 0 for nothing. */
  written?: readonly number[] | undefined;
}>();
const face = useFace();
const rim = computed(() => outlinePath(face.value.outline, 1 - RIM_WIDTH[size] / 2 / RIM_RADIUS));
</script>

<template>
  <g class="dial">
    <path :d="rim" :stroke-width="RIM_WIDTH[size]" class="rim" :class="size" />
    <!-- What lies on the face and under its marks and numerals. -->
    <slot />
    <DialMarks :size="size" :lit="lit" :door="door" :written="written" />
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
</style>
