<!-- How long a second, a minute and an hour are on a clock: one tick, once round with the thin hand, once round with the long one. -->
<script setup lang="ts">
import { SECOND_HAND_PATH, HAND_PATHS, slicePath } from '../../../core/face/index.ts';
import type { Unit } from '../../../core/items/index.ts';

const { unit } = defineProps<{ unit: Unit }>();
/** Degrees the hand sweeps: a second is one mark, the others go round. */
const SWEEP: Readonly<Record<Unit, number>> = { second: 6, minute: 359.9, hour: 359.9 };
const SIZE: Readonly<Record<Unit, number>> = { second: 70, minute: 84, hour: 108 };
</script>

<template>
  <svg :width="SIZE[unit]" :height="SIZE[unit]" viewBox="-102 -102 204 204" aria-hidden="true">
    <circle r="98" class="face" />
    <path :d="slicePath(0, SWEEP[unit], 96)" class="sweep" :class="unit" />
    <path :d="unit === 'hour' ? HAND_PATHS.full.minute : SECOND_HAND_PATH" class="hand" :class="unit" />
    <circle r="6" class="cap" />
  </svg>
</template>

<style scoped>
svg {
  max-width: 22cqmin;
  height: auto;
}
.face {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 5;
}
.sweep {
  fill: var(--half-turn);
}
.sweep.second {
  fill: var(--plum);
}
.hand,
.cap {
  fill: var(--ink);
}
.hand.hour {
  fill: var(--minute-hand);
}
</style>
