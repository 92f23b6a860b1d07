<!-- A face without hands: a tap or a drag puts the chosen hand on; by the drawing steps it is a dot on the rim and a line back. -->
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { HANDS, angleOfPoint, type Hand } from '../../../core/clock/index.ts';
import type { Light } from '../../../core/asking/index.ts';
import { CAP_RADIUS, HAND_PATHS, KEYLINE, pointAt } from '../../../core/face/index.ts';
import ClockDial from '../../clock/ClockDial.vue';
import HelpLight from '../../clock/HelpLight.vue';
import { roomOf, useFace } from '../../clock/useFace.ts';
import { useTouchToItself } from '../../clock/useTouchToItself.ts';

const { hands, chosen, dot, steps, light } = defineProps<{
  /** Degrees clockwise from 12 of each hand that is on. */
  hands: Partial<Record<Hand, number>>;
  chosen: Hand;
  /** Degrees at which a dot waits for its line. */
  dot: number | undefined;
  /** By the drawing steps? */
  steps: boolean;
  light: Light;
}>();
const emit = defineEmits<{ put: [angle: number]; dot: [angle: number]; line: []; 'let-go': [] }>();
const { t } = useI18n();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2);
const svg = useTemplateRef('svg');
useTouchToItself(svg);

/** Face units: within them a finger is at the middle, and rules the line back; where the dot is made. */
const MIDDLE = 34;
const DOT_AT = 88;
let isDown = false;
const pointOf = ({ clientX, clientY }: PointerEvent): DOMPoint =>
  new DOMPoint(clientX, clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse());
const follow = (event: PointerEvent): void => {
  const { x, y } = pointOf(event);
  const isMiddle = Math.hypot(x, y) < MIDDLE;
  if (steps) {
    if (isMiddle && dot !== undefined) emit('line');
    else if (!isMiddle) emit('dot', angleOfPoint(x, y));
  } else if (Math.hypot(x, y) > 4) emit('put', angleOfPoint(x, y));
};
const down = (event: PointerEvent): void => {
  if (event.button !== 0) return;
  isDown = true;
  svg.value?.setPointerCapture(event.pointerId);
  follow(event);
};
const move = (event: PointerEvent): void => {
  if (isDown) follow(event);
};
const up = (): void => {
  if (!isDown) return;
  isDown = false;
  emit('let-go');
};
/** The hour hand lies above the minute hand. */
const drawn = computed(() =>
  [...HANDS].reverse().flatMap((hand) => {
    const angle = hands[hand];
    return angle === undefined ? [] : [{ hand, angle }];
  }),
);
const mark = computed(() => (dot === undefined ? undefined : pointAt(dot, DOT_AT)));
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
    class="empty-clock"
    role="img"
    :aria-label="t('emptyClock.face')"
    :data-hour="hands.hour"
    :data-minute="hands.minute"
    :data-chosen="chosen"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointercancel="up"
  >
    <ClockDial :lit="light.numeral"><HelpLight :light="light" /></ClockDial>
    <g v-for="{ hand, angle } in drawn" :key="hand" class="hand" :class="hand" :transform="`rotate(${angle})`">
      <path :d="HAND_PATHS.full[hand]" class="keyline" :stroke-width="KEYLINE[hand] * 2" />
      <path :d="HAND_PATHS.full[hand]" class="shape" />
    </g>
    <circle v-if="mark" :cx="mark.x" :cy="mark.y" r="4" class="dot" :class="chosen" />
    <circle :r="CAP_RADIUS.full" class="cap" />
    <circle :r="CAP_RADIUS.full * 0.3" class="pin" />
  </svg>
</template>

<style scoped>
.empty-clock {
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
  cursor: crosshair;
}
.keyline {
  fill: none;
  stroke: var(--raised);
  stroke-linejoin: round;
}
.hour .shape,
.dot.hour {
  fill: var(--hour-hand);
}
.minute .shape,
.dot.minute {
  fill: var(--minute-hand);
}
.cap {
  fill: var(--ink);
}
.pin {
  fill: var(--raised);
}
</style>
