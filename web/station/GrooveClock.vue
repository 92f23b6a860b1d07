<!-- A clock to set: a groove round the face holds the knob of the minute hand, so the finger never hides the hands. -->
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { gearedAngles } from '../../core/clock/index.ts';
import { arcPath, pointAt } from '../../core/face/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import GearedClock from '../clock/GearedClock.vue';

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
const clock = useTemplateRef('clock');

/** Middle line of the groove and its width, the white line round it, and the room the knob needs, in face units. */
const GROOVE = 112;
const GROOVE_WIDTH = 20;
const EDGE_WIDTH = 0.8;
const ROOM = 130;
const angle = computed(() => gearedAngles(minutes.value).minute);
const knob = computed(() => pointAt(angle.value, GROOVE));
const filled = computed(() => (angle.value > 0.5 ? arcPath(0, angle.value, GROOVE) : ''));
defineExpose({ turnTo: (target: number, ms: number) => clock.value?.turnTo(target, ms) });
</script>

<template>
  <!-- A child's clock settles on whole minutes: near misses are kept as they are, they tell something. A plain arrow key
       goes from number to number. -->
  <GearedClock
    ref="clock"
    v-model="minutes"
    class="groove-clock"
    :label="t('station.clock')"
    :conventions="conventions"
    :disabled="disabled"
    :lit="lit"
    :groove="{
      inner: GROOVE - GROOVE_WIDTH / 2 - EDGE_WIDTH,
      outer: GROOVE + GROOVE_WIDTH / 2 + EDGE_WIDTH,
      room: ROOM,
    }"
    :plain-step="5"
  >
    <template #dial><slot name="dial" /></template>
    <template #under>
      <circle :r="GROOVE" :stroke-width="GROOVE_WIDTH + 2 * EDGE_WIDTH" class="edge" />
      <circle :r="GROOVE" :stroke-width="GROOVE_WIDTH" class="groove" />
      <path :d="filled" :stroke-width="GROOVE_WIDTH" class="filled" />
      <circle :cx="0" :cy="-GROOVE" r="3.6" class="start" />
    </template>
    <template #over="{ take }">
      <g
        v-if="!disabled"
        :transform="`translate(${knob.x} ${knob.y}) rotate(${angle})`"
        @pointerdown.stop="take($event, 'minute')"
      >
        <circle r="20" class="knob-room" />
        <circle r="15.5" class="knob-edge" />
        <circle r="13.8" class="knob-disc" />
        <path d="M-7.5 0H7.5M-4-3.8-7.8 0-4 3.8M4-3.8 7.8 0 4 3.8" class="arrows" />
      </g>
    </template>
  </GearedClock>
</template>

<style scoped>
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
  fill: var(--minute-hand);
}
.knob-room {
  /* Room for a finger: 72 px and more on the smallest tablet, larger than the knob that is seen. */
  fill: transparent;
}
.knob-edge {
  fill: var(--raised);
}
.knob-disc {
  fill: var(--minute-hand);
}
.arrows {
  fill: none;
  stroke: #fff;
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
