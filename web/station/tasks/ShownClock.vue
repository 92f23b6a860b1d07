<!-- A clock to be read: it stands still, and says to a screen reader where its hands are, not what they say. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Settings } from '../../../contract/index.ts';
import type { DialTime, Hand } from '../../../core/clock/index.ts';
import type { Light } from '../../../core/asking/index.ts';
import ClockDial from '../../clock/ClockDial.vue';
import ClockHands from '../../clock/ClockHands.vue';
import { handPlaces } from '../../clock/useClockSlider.ts';
import { roomOf, useFace } from '../../clock/useFace.ts';
import HelpLight from '../../clock/HelpLight.vue';

const {
  time,
  settings,
  only,
  light = {},
} = defineProps<{
  time: DialTime;
  settings: Settings;
  only?: Hand | undefined;
  light?: Light;
}>();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2);
const label = computed(() => handPlaces(time, settings, only));
</script>

<template>
  <svg :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`" role="img" :aria-label="label" class="shown-clock">
    <ClockDial :lit="light.numeral"><HelpLight :light="light" /></ClockDial>
    <ClockHands :minutes="time" :only="only" />
  </svg>
</template>

<style scoped>
.shown-clock {
  display: block;
  width: 100%;
  height: 100%;
  filter: drop-shadow(0 8px 14px rgba(74, 58, 30, 0.18));
}
</style>
