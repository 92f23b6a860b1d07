<!-- A clock whose hands turn by themselves, as no real clock's do: for clocks that cannot be. Each hand is a slider. -->
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { HANDS, handAt, normaliseAngle, type Hand, type HandAngles } from '../../core/clock/index.ts';
import { HAND_TIPS } from '../../core/face/index.ts';
import { handName } from '../../core/wording/index.ts';
import { type Conventions } from '../../core/conventions/index.ts';
import ClockDial from './ClockDial.vue';
import ClockHands from './ClockHands.vue';
import { stepOfKey } from './stepOfKey.ts';
import { roomOf, useFace } from './useFace.ts';
import { useHandDrag } from './useHandDrag.ts';

const {
  angles,
  conventions,
  label,
  around = 0,
  only,
  door,
  lit,
  disabled = false,
} = defineProps<{
  /** Degrees clockwise from 12. */
  angles: HandAngles;
  conventions: Conventions;
  label: string;
  around?: number;
  only?: Hand | undefined;
  door?: number | undefined;
  /** A numeral to light up. */
  lit?: number | undefined;
  disabled?: boolean;
}>();
const emit = defineEmits<{ turn: [hand: Hand, angle: number] }>();

const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 2 + around);
const svg = useTemplateRef('svg');
const turn = (hand: Hand, angle: number): void => emit('turn', hand, normaliseAngle(angle));
const { held, down, move, up } = useHandDrag({
  svg,
  disabled: () => disabled,
  fingers: () => (only === undefined ? 2 : 1),
  angles: () => angles,
  handAt: (point) => only ?? handAt(point, angles, HAND_TIPS.full),
  turn,
  onGrab: () => undefined,
  onLetGo: () => undefined,
});
/** Degrees one step of a key turns a hand by: a minute mark. */
const MARK = 6;
const key = (event: KeyboardEvent, hand: Hand): void => {
  const step = stepOfKey(event);
  if (step === undefined || disabled) return;
  event.preventDefault();
  turn(hand, angles[hand] + step * MARK);
};
</script>

<template>
  <div class="stand" role="group" :aria-label="label">
    <span
      v-for="hand in only === undefined ? HANDS : [only]"
      :key="hand"
      class="handle"
      role="slider"
      tabindex="0"
      :aria-label="handName(hand, conventions)"
      :aria-valuenow="Math.round(angles[hand])"
      aria-valuemin="0"
      aria-valuemax="359"
      :aria-disabled="disabled"
      :data-hand="hand"
      @keydown="key($event, hand)"
    />
    <svg
      ref="svg"
      :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
      class="unhooked"
      :class="{ held: held.length > 0 }"
      aria-hidden="true"
      @pointerdown="down($event)"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
    >
      <ClockDial :door="door" :lit="lit"><slot name="dial" /></ClockDial>
      <ClockHands :minutes="0" :free="angles" :only="only" />
      <slot name="over" />
    </svg>
  </div>
</template>

<style scoped>
.stand {
  position: relative;
  width: 100%;
  height: 100%;
}
/* The ring of the one that has the keys goes round the whole clock. */
.handle {
  position: absolute;
  inset: 0;
  border-radius: 50%;
}
.unhooked {
  position: relative;
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
  cursor: grab;
}
.unhooked.held {
  cursor: grabbing;
}
</style>
