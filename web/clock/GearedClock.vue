<!-- A geared clock: take either hand, the other follows 12:1. A slider to keyboard and screen reader. -->
<script setup lang="ts">
import { useTemplateRef } from 'vue';
import type { SnapMinutes } from '../../core/clock/index.ts';
import type { Conventions } from '../../core/wording/index.ts';
import ClockDial from './ClockDial.vue';
import ClockHands from './ClockHands.vue';
import { useClockSlider } from './useClockSlider.ts';
import { useGearDrag } from './useGearDrag.ts';

const {
  snap = 1,
  handsOn = true,
  disabled = false,
  label,
  conventions,
  lit,
} = defineProps<{
  snap?: SnapMinutes;
  /** Off: the face alone. */
  handsOn?: boolean;
  disabled?: boolean;
  label: string;
  conventions: Conventions;
  lit?: number | undefined;
}>();
/** Unwrapped minutes after twelve. */
const minutes = defineModel<number>({ required: true });
const emit = defineEmits<{ grab: []; settled: [] }>();

const svg = useTemplateRef('svg');
const drag = useGearDrag({
  svg,
  minutes,
  snap: () => snap,
  disabled: () => disabled || !handsOn,
  onGrab: () => emit('grab'),
  onSettled: () => emit('settled'),
});

const { now, places, key } = useClockSlider({ minutes, conventions: () => conventions, stepBy: drag.stepBy });
defineExpose({ stepBy: drag.stepBy, turnTo: drag.turnTo });
</script>

<template>
  <div class="stand">
    <span class="shade" />
    <svg
      ref="svg"
      viewBox="-102 -102 204 204"
      class="geared"
      :class="{ held: drag.held.value, disabled }"
      role="slider"
      tabindex="0"
      :aria-label="label"
      :aria-valuenow="now"
      aria-valuemin="0"
      aria-valuemax="719"
      :aria-valuetext="handsOn ? places : ''"
      :aria-disabled="disabled"
      @pointerdown="drag.down"
      @pointermove="drag.move"
      @pointerup="drag.up"
      @pointercancel="drag.up"
      @keydown="key"
    >
      <ClockDial :lit="lit" />
      <slot />
      <ClockHands v-if="handsOn" :minutes="minutes" />
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
  inset: 0.98%;
  border-radius: 50%;
  box-shadow: 0 14px 34px -8px rgba(74, 58, 30, 0.24);
}
.geared {
  position: relative;
  display: block;
  width: 100%;
  height: 100%;
  /* On the root element: browsers pass over it on the shapes inside. */
  touch-action: none;
  cursor: grab;
  border-radius: 50%;
}
.geared.held {
  cursor: grabbing;
}
.geared.disabled {
  cursor: default;
}
.geared:focus-visible {
  outline-offset: 0;
  border-radius: 50%;
}
</style>
