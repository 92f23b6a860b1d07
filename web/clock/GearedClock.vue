<!-- A geared clock: take either hand, the other follows 12:1. A slider to keyboard and screen reader. -->
<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue';
import type { Hand, SnapMinutes } from '../../core/clock/index.ts';
import { RIM_RADIUS } from '../../core/face/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import ClockDial from './ClockDial.vue';
import ClockHands from './ClockHands.vue';
import { useClockSlider } from './useClockSlider.ts';
import { reachOf, roomOf, useFace } from './useFace.ts';
import { useGearDrag } from './useGearDrag.ts';

const {
  snap = 1,
  handsOn = true,
  disabled = false,
  label,
  conventions,
  lit,
  groove,
  plainStep = 1,
  around = 0,
  only,
  seconds,
  door,
  fingers = 1,
} = defineProps<{
  snap?: SnapMinutes;
  /** Off: the face alone. */
  handsOn?: boolean;
  disabled?: boolean;
  label: string;
  conventions: Conventions;
  /** A numeral to light up. */
  lit?: number | undefined;
  /** A ring drawn round the face: its inner and outer radius and the room around it, in face units. */
  groove?: { readonly inner: number; readonly outer: number; readonly room: number };
  /** Minutes a plain arrow key steps. */
  plainStep?: number;
  /** Room left free round the face, in face units. */
  around?: number;
  /** Shows this hand alone. */
  only?: Hand | undefined;
  /** Seconds past the minute: with them there is a second hand. */
  seconds?: number | undefined;
  /** The numeral at the door of its room. */
  door?: number | undefined;
  /** Fingers that may hold hands at once. */
  fingers?: 1 | 2;
}>();
/** Unwrapped minutes after twelve. */
const minutes = defineModel<number>({ required: true });

const face = useFace();
const room = computed(() => groove?.room ?? roomOf(face.value.outline) + 2 + around);
/** Inside a ring a face with corners is drawn smaller. */
const scale = computed(() => (groove === undefined ? 1 : Math.min(1, groove.inner / reachOf(face.value.outline))));
const edge = computed(() => groove?.outer ?? RIM_RADIUS);
const hasShade = computed(() => groove !== undefined || face.value.outline === 'round');

const svg = useTemplateRef('svg');
const drag = useGearDrag({
  svg,
  minutes,
  snap: () => snap,
  disabled: () => disabled || !handsOn,
  fingers: () => fingers,
});
// While a finger holds a hand nobody asks where it is: the words for it are made when it is let go.
const told = ref(minutes.value);
watch([minutes, drag.held], () => {
  if (drag.held.value.length === 0) told.value = minutes.value;
});
const { now, places, key } = useClockSlider({
  minutes: told,
  conventions: () => conventions,
  stepBy: drag.stepBy,
  plainStep,
});
defineExpose({ stepBy: drag.stepBy, turnTo: drag.turnTo });
</script>

<template>
  <div class="stand">
    <span v-if="hasShade" class="shade" :style="{ inset: `${(50 * (room - edge)) / room}%` }" />
    <svg
      ref="svg"
      :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
      class="geared"
      :class="{ held: drag.held.value.length > 0, disabled }"
      role="slider"
      tabindex="0"
      :aria-label="label"
      :aria-valuenow="now"
      aria-valuemin="0"
      aria-valuemax="719"
      :aria-valuetext="handsOn ? places : ''"
      :aria-disabled="disabled"
      @pointerdown="drag.down($event)"
      @pointermove="drag.move"
      @pointerup="drag.up"
      @pointercancel="drag.up"
      @keydown="key"
    >
      <slot name="under" />
      <g :transform="`scale(${scale})`">
        <ClockDial :lit="lit" :door="door"><slot name="dial" /></ClockDial>
        <ClockHands v-if="handsOn" :minutes="minutes" :only="only" :seconds="seconds" />
      </g>
      <slot name="over" :take="drag.down" />
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
  overflow: visible;
}
.geared.held {
  cursor: grabbing;
}
.geared.disabled {
  cursor: default;
}
/* Under a mouse or a finger the clock, and on it marks and numerals, are painted on layers of their own: they stand still
   while hands and tints move under and over them. At rest layers would only soften the edges. */
.geared:is(:hover, .held),
.geared:is(:hover, .held) :deep(.dial > g),
.geared:is(:hover, .held) :deep(.lens-rim) {
  will-change: opacity;
}
/* The ring of the keyboard goes round the whole clock; on the drawing itself a round one would cut corners off. */
.geared:focus {
  outline: none;
}
.stand:has(.geared:focus-visible) {
  border-radius: 50%;
  outline: 3px solid var(--plum);
}
</style>
