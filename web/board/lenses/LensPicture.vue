<!-- A lens in small: half past four seen through it. -->
<script setup lang="ts">
import { mdiWeatherSunsetUp } from '@mdi/js';
import { computed } from 'vue';
import { timeOf } from '../../../core/clock/index.ts';
import { minuteNumberPlaces, tipWindow, type Lens } from '../../../core/face/index.ts';
import ClockDial from '../../clock/ClockDial.vue';
import ClockHands from '../../clock/ClockHands.vue';
import LensDial from './LensDial.vue';
import LensRim from './LensRim.vue';

const { lens } = defineProps<{ lens: Lens }>();
const SHOWN = timeOf(4, 30);
const only = computed(() =>
  lens === 'hour-hand-alone' ? ('hour' as const) : lens === 'minute-hand-alone' ? ('minute' as const) : undefined,
);
const box = computed(() => {
  if (lens === 'magnifier') {
    const { x, y } = tipWindow(SHOWN);
    return `${x - 38} ${y - 38} 76 76`;
  }
  if (lens === 'two-clocks') return '-104 -104 424 208';
  return lens === 'minute-numbers' ? '-136 -136 272 272' : '-104 -104 208 208';
});
const numbers = minuteNumberPlaces('round', 118).filter(({ minutes }) => minutes % 15 === 0);
</script>

<template>
  <span class="picture" :class="lens" aria-hidden="true">
    <v-icon v-if="lens === 'day-strip'" :icon="mdiWeatherSunsetUp" />
    <svg v-else :viewBox="box">
      <ClockDial size="small">
        <LensDial v-if="lens !== 'two-clocks'" :lenses="[lens]" :hour-at="SHOWN" :minute-at="SHOWN" />
      </ClockDial>
      <ClockHands v-if="lens !== 'other-face'" :minutes="SHOWN" size="small" :only="only" />
      <text v-else class="question">?</text>
      <LensRim v-if="lens === 'straight-line'" :lenses="[lens]" :hour-at="SHOWN" :minute-at="SHOWN" />
      <template v-if="lens === 'minute-numbers'">
        <text v-for="{ minutes, x, y } in numbers" :key="minutes" :x="x" :y="y" class="number">{{ minutes }}</text>
      </template>
      <g v-if="lens === 'two-clocks'" transform="translate(216 0)">
        <ClockDial size="small" />
        <ClockHands :minutes="timeOf(4)" size="small" />
      </g>
    </svg>
  </span>
</template>

<style scoped>
.picture {
  display: grid;
  place-items: center;
  width: 100%;
  height: calc(var(--u) * 52);
}
svg {
  height: 100%;
}
.v-icon {
  font-size: calc(var(--u) * 46);
}
.magnifier svg {
  border: 3px solid var(--plum);
  border-radius: 50%;
}
.straight-line :deep(.straight) {
  stroke-width: 9;
  stroke-dasharray: none;
}
.two-clocks svg {
  height: 78%;
}
.no-colours {
  --hour-hand: var(--ink);
  --minute-hand: var(--ink);
}
text {
  font-family: 'Andika', sans-serif;
  font-weight: 700;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--ink);
}
.number {
  font-size: 34px;
  fill: var(--minute-text);
}
.question {
  font-size: 110px;
}
</style>
