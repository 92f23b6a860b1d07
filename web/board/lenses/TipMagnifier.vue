<!-- The tip of the hour hand and its two numerals, large; it creeps as the clock is turned. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { HandAngles } from '../../../core/clock/index.ts';
import { tipWindow, type Lens } from '../../../core/face/index.ts';
import ClockDial from '../../clock/ClockDial.vue';
import ClockHands from '../../clock/ClockHands.vue';
import LensDial from './LensDial.vue';

const { minutes, free, lenses } = defineProps<{
  minutes: number;
  free?: HandAngles | undefined;
  lenses: readonly Lens[];
}>();
const { t } = useI18n();
/** Wide enough for both numerals of the room to be in the picture, in face units. */
const RADIUS = 36;
const hourAt = computed(() => (free === undefined ? minutes : free.hour * 2));
const look = computed(() => tipWindow(hourAt.value, RADIUS));
const box = computed(() => `${look.value.x - RADIUS} ${look.value.y - RADIUS} ${2 * RADIUS} ${2 * RADIUS}`);
const below = computed(() => lenses.filter((lens) => lens === 'hours-room' || lens === 'half-turn'));
</script>

<template>
  <div class="magnifier" role="img" :aria-label="t('lens.magnifier')">
    <svg :viewBox="box">
      <ClockDial><LensDial :lenses="below" :hour-at="hourAt" :minute-at="minutes" /></ClockDial>
      <ClockHands :minutes="minutes" :free="free" only="hour" />
    </svg>
  </div>
</template>

<style scoped>
.magnifier {
  align-self: center;
  flex: 0 1 calc(var(--u) * 290);
  min-height: 0;
  aspect-ratio: 1;
  border-radius: 50%;
  border: calc(var(--u) * 7) solid var(--plum);
  background: var(--raised);
  overflow: hidden;
}
svg {
  display: block;
  width: 100%;
  height: 100%;
}
</style>
