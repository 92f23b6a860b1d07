<!-- A clock to set: a groove round the face holds the knob of the minute hand, so the finger never hides the hands. -->
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { gearedAngles } from '../../core/clock/index.ts';
import { arcPath, pointAt } from '../../core/face/index.ts';
import type { Conventions } from '../../core/wording/index.ts';
import ClockDial from '../clock/ClockDial.vue';
import ClockHands from '../clock/ClockHands.vue';
import { useClockSlider } from '../clock/useClockSlider.ts';
import { useGearDrag } from '../clock/useGearDrag.ts';

const {
  conventions,
  disabled = false,
  lit,
} = defineProps<{
  conventions: Conventions;
  disabled?: boolean;
  /** A numeral to light up. */
  lit?: number | undefined;
}>();
const minutes = defineModel<number>({ required: true });
const { t } = useI18n();
const svg = useTemplateRef('svg');
// A child's clock settles on whole minutes: near misses are kept as they are, they tell something.
const drag = useGearDrag({ svg, minutes, snap: () => 1, disabled: () => disabled });

/** Middle line of the groove and half its width, in face units. */
const GROOVE = 112;
const GROOVE_WIDTH = 20;
const angle = computed(() => gearedAngles(minutes.value).minute);
const knob = computed(() => pointAt(angle.value, GROOVE));
const filled = computed(() => (angle.value > 0.5 ? arcPath(0, angle.value, GROOVE) : ''));
const { now, places, key } = useClockSlider({
  minutes,
  conventions: () => conventions,
  stepBy: drag.stepBy,
  // A child's plain arrow goes from number to number; with Shift the core's steps hold.
  plainStep: 5,
});
defineExpose({ turnTo: drag.turnTo });
</script>

<template>
  <div class="stand">
    <span class="shade" />
    <svg
      ref="svg"
      viewBox="-130 -130 260 260"
      class="groove-clock"
      :class="{ disabled, held: drag.held.value }"
      role="slider"
      tabindex="0"
      :aria-label="t('station.clock')"
      :aria-valuenow="now"
      aria-valuemin="0"
      aria-valuemax="719"
      :aria-valuetext="places"
      :aria-disabled="disabled"
      @pointerdown="drag.down($event)"
      @pointermove="drag.move"
      @pointerup="drag.up"
      @pointercancel="drag.up"
      @keydown="key"
    >
      <circle :r="GROOVE" :stroke-width="GROOVE_WIDTH + 1.6" class="edge" />
      <circle :r="GROOVE" :stroke-width="GROOVE_WIDTH" class="groove" />
      <path :d="filled" :stroke-width="GROOVE_WIDTH" class="filled" />
      <circle :cx="0" :cy="-GROOVE" r="3.6" class="start" />
      <ClockDial :lit="lit" />
      <ClockHands :minutes="minutes" />
      <g
        v-if="!disabled"
        class="knob"
        :transform="`translate(${knob.x} ${knob.y}) rotate(${angle})`"
        @pointerdown.stop="drag.down($event, 'minute')"
      >
        <circle r="20" class="knob-room" />
        <circle r="15.5" class="knob-edge" />
        <circle r="13.8" class="knob-disc" />
        <path d="M-7.5 0H7.5M-4-3.8-7.8 0-4 3.8M4-3.8 7.8 0 4 3.8" class="arrows" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.stand {
  position: relative;
  width: 100%;
  height: 100%;
}
/* The shadow lies under the clock as a thing of its own: as a filter it would paint the whole face anew in every frame
   of a drag. */
.shade {
  position: absolute;
  inset: 2.8%;
  border-radius: 50%;
  box-shadow: 0 14px 34px -8px rgba(74, 58, 30, 0.24);
}
.groove-clock {
  position: relative;
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
  cursor: grab;
  border-radius: 50%;
}
.groove-clock.held {
  cursor: grabbing;
}
.groove-clock.disabled {
  cursor: default;
}
.edge,
.groove,
.filled {
  fill: none;
}
.edge {
  stroke: var(--raised);
}
.groove {
  stroke: #efe6d4;
}
.filled {
  stroke: var(--half-turn);
}
.start {
  fill: var(--pine);
}
.knob-room {
  /* Room for a finger: 72 px and more on the smallest tablet, larger than the knob that is seen. */
  fill: transparent;
}
.knob-edge {
  fill: var(--raised);
}
.knob-disc {
  fill: var(--pine);
}
.arrows {
  fill: none;
  stroke: #fff;
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
