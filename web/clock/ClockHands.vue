<!-- Both hands on their axle, turned to where a geared clock stands. -->
<script setup lang="ts">
import { computed } from 'vue';
import { gearedAngles, type Hand, type HandAngles } from '../../core/clock/index.ts';
import {
  CAP_RADIUS,
  HAND_PATHS,
  KEYLINE,
  SECOND_HAND_PATH,
  secondAngle,
  type FaceSize,
} from '../../core/face/index.ts';

const {
  minutes,
  free,
  size = 'full',
  only,
  seconds,
} = defineProps<{
  /** Minutes after twelve, unwrapped, whole or not. */
  minutes: number;
  /** Where hands stand that are not geared to each other; those of the minutes unless given. */
  free?: HandAngles | undefined;
  size?: FaceSize;
  /** Shows this hand alone. */
  only?: Hand | undefined;
  /** Seconds past the minute, 0 to less than 60: with them there is a second hand. */
  seconds?: number | undefined;
}>();
const angles = computed(() => free ?? gearedAngles(minutes));
</script>

<template>
  <g>
    <g v-if="only !== 'hour'" class="hand minute" :transform="`rotate(${angles.minute})`">
      <path :d="HAND_PATHS[size].minute" class="keyline" :stroke-width="KEYLINE.minute * 2" />
      <path :d="HAND_PATHS[size].minute" class="shape" />
    </g>
    <g v-if="only !== 'minute'" class="hand hour" :transform="`rotate(${angles.hour})`">
      <path :d="HAND_PATHS[size].hour" class="keyline" :stroke-width="KEYLINE.hour * 2" />
      <path :d="HAND_PATHS[size].hour" class="shape" />
    </g>
    <path
      v-if="seconds !== undefined"
      :d="SECOND_HAND_PATH"
      :transform="`rotate(${secondAngle(seconds)})`"
      class="second"
    />
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
.second {
  fill: var(--ink);
}
.cap {
  fill: var(--ink);
}
.pin {
  fill: var(--raised);
}
</style>
