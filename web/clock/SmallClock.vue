<!-- A still clock: small without numerals, or large with them. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { FaceSize } from '../../core/face/index.ts';
import ClockDial from './ClockDial.vue';
import ClockHands from './ClockHands.vue';
import { roomOf, useFace } from './useFace.ts';

const {
  time,
  label,
  px = 48,
  size = 'small',
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
}>();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2);
</script>

<template>
  <svg
    :width="px"
    :height="px"
    :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
    role="img"
    :aria-label="label"
    class="small-clock"
  >
    <ClockDial :size="size" />
    <ClockHands :minutes="time" :size="size" :only="only" />
  </svg>
</template>

<style scoped>
.small-clock {
  display: block;
  flex: none;
}
</style>
