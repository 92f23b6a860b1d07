<!-- A clock as a task shows it, its hands wherever they are: real clocks cannot stand so, wrong answers can. -->
<script setup lang="ts">
import { CAP_RADIUS, HAND_PATHS } from '../../core/face/index.ts';
import type { ClockPicture } from '../../core/items/index.ts';
import ClockDial from './ClockDial.vue';
import { roomOf, useFace } from './useFace.ts';
import { computed } from 'vue';

const { picture, px, label } = defineProps<{ picture: ClockPicture; px: number; label: string }>();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2);
</script>

<template>
  <svg :width="px" :height="px" :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`" role="img" :aria-label="label">
    <ClockDial size="small" />
    <path :d="HAND_PATHS.small.minute" :transform="`rotate(${picture.hands.minute})`" class="minute" />
    <path :d="HAND_PATHS.small.hour" :transform="`rotate(${picture.hands.hour})`" class="hour" />
    <circle :r="CAP_RADIUS.small" class="cap" />
  </svg>
</template>

<style scoped>
.hour {
  fill: var(--hour-hand);
}
.minute {
  fill: var(--minute-hand);
}
.cap {
  fill: var(--ink);
}
</style>
