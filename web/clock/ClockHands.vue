<!-- Both hands on their axle, turned to where a geared clock stands. -->
<script setup lang="ts">
import { computed } from 'vue';
import { gearedAngles } from '../../core/clock/index.ts';
import { CAP_RADIUS, HAND_PATHS, KEYLINE, type FaceSize } from '../../core/face/index.ts';

const {
  minutes,
  size = 'full',
  only,
} = defineProps<{
  /** Minutes after twelve, unwrapped, whole or not. */
  minutes: number;
  size?: FaceSize;
  /** Shows this hand alone. */
  only?: 'hour' | undefined;
}>();
const angles = computed(() => gearedAngles(minutes));
</script>

<template>
  <g>
    <g v-if="only !== 'hour'" class="hand minute" :transform="`rotate(${angles.minute})`">
      <path :d="HAND_PATHS[size].minute" class="keyline" :stroke-width="KEYLINE.minute * 2" />
      <path :d="HAND_PATHS[size].minute" class="shape" />
    </g>
    <g class="hand hour" :transform="`rotate(${angles.hour})`">
      <path :d="HAND_PATHS[size].hour" class="keyline" :stroke-width="KEYLINE.hour * 2" />
      <path :d="HAND_PATHS[size].hour" class="shape" />
    </g>
    <circle :r="CAP_RADIUS[size]" class="cap" />
    <circle v-if="size === 'full'" :r="CAP_RADIUS[size] * 0.3" class="pin" />
  </g>
</template>

<style scoped>
.keyline {
  fill: none;
  stroke: var(--raised);
  stroke-linejoin: round;
}
.hour .shape {
  fill: var(--hour-hand);
}
.minute .shape {
  fill: var(--minute-hand);
}
.cap {
  fill: var(--ink);
}
.pin {
  fill: var(--raised);
}
</style>
