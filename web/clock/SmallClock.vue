<!-- A still clock: small without numerals, or large with them. -->
<script setup lang="ts">
import type { FaceSize, NumeralStyle } from '../../core/face/index.ts';
import ClockDial from './ClockDial.vue';
import ClockHands from './ClockHands.vue';

const {
  time,
  label,
  px = 48,
  size = 'small',
  numerals = 'all',
  only,
} = defineProps<{
  /** Minutes after twelve. */
  time: number;
  /** What a screen reader hears. */
  label: string;
  /** Width and height on the screen. */
  px?: number;
  size?: FaceSize;
  only?: 'hour' | undefined;
  /** What stands on a full face. */
  numerals?: NumeralStyle;
}>();
</script>

<template>
  <svg :width="px" :height="px" viewBox="-102 -102 204 204" role="img" :aria-label="label" class="small-clock">
    <ClockDial :size="size" :numerals="numerals" />
    <ClockHands :minutes="time" :size="size" :only="only" />
  </svg>
</template>

<style scoped>
.small-clock {
  display: block;
  flex: none;
}
</style>
