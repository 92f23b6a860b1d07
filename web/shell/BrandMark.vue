<!-- A hare's head whose ears are hands at one o'clock. -->
<script setup lang="ts">
import { handAngles, timeOf } from '../../core/clock/index.ts';

const ears = handAngles(timeOf(1));
</script>

<template>
  <svg width="48" height="56" viewBox="-26 -44 52 60" aria-hidden="true">
    <g :transform="`rotate(${ears.minute}) translate(-5 0)`">
      <rect x="-3" y="-42" width="6" height="32" rx="3" fill="var(--pine)" />
    </g>
    <g :transform="`translate(3 0) rotate(${ears.hour})`">
      <rect x="-4.5" y="-36" width="9" height="26" rx="4.5" fill="var(--carrot)" />
    </g>
    <circle r="13" fill="var(--raised)" stroke="var(--ink)" stroke-width="3" />
    <circle cx="-4.5" cy="-2" r="1.8" fill="var(--ink)" />
    <circle cx="4.5" cy="-2" r="1.8" fill="var(--ink)" />
    <path d="M-3 4q3 2.5 6 0" fill="none" stroke="var(--ink)" stroke-width="1.8" stroke-linecap="round" />
  </svg>
</template>
