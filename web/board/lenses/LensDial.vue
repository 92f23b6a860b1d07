<!-- Lenses that lie on the face, under its numerals: half turn, the hour's room, minute trail, quarters. In face units. -->
<script setup lang="ts">
import { computed } from 'vue';
import {
  HALF_TURN,
  QUARTERS,
  arcPath,
  minuteTrail,
  pointAt,
  ringBrickPath,
  roomAt,
  slicePath,
  type Lens,
} from '../../../core/face/index.ts';

const {
  lenses,
  hourAt,
  minuteAt,
  fold = 1,
  since,
} = defineProps<{
  lenses: readonly Lens[];
  /** Where the hour hand is, and where the minute hand is: unwrapped minutes, the same on a geared clock. */
  hourAt: number;
  minuteAt: number;
  /** How far the half turn is folded over, 0..1. */
  fold?: number | undefined;
  /** Where the trail began, unwrapped minutes; the hour of now unless given. */
  since?: number | undefined;
}>();

/** The minute track as a band, and how far tints reach below it, in face units. */
const BAND = { inner: 84, outer: 97 };
const TINT = 97;
/** Where the arrow of the half turn runs: inside the marks, clear of them. */
const ARROW = 87.5;

const has = (lens: Lens): boolean => lenses.includes(lens);
const room = computed(() => roomAt(hourAt));
const roomSplit = computed(() => room.value.from + (room.value.to - room.value.from) * room.value.passed);
const trail = computed(() => minuteTrail(minuteAt, since));
const trailBand = computed(() =>
  trail.value.to - trail.value.from > 0.5
    ? ringBrickPath(trail.value.from, Math.min(trail.value.to, trail.value.from + 359.9), BAND.inner, BAND.outer, 0)
    : '',
);
/** Marks counted so far: the fives reach further in, so that they can be counted by fives too. */
const counted = computed(() =>
  Array.from({ length: trail.value.count }, (_, i) => {
    const angle = trail.value.from + (i + 1) * 6;
    const isFive = (i + 1) % 5 === 0;
    return { angle, isFive, from: pointAt(angle, BAND.outer), to: pointAt(angle, isFive ? 81 : BAND.inner) };
  }),
);
const arrowHead = `M${ARROW - 4} 0l4 8 4-8z`;
</script>

<template>
  <g class="lens-dial">
    <g v-if="has('quarters')" class="quarters">
      <path
        v-for="(quarter, i) in QUARTERS"
        :key="quarter.from"
        :d="slicePath(quarter.from, quarter.to, TINT)"
        :class="i % 2 === 0 ? 'odd' : 'even'"
      />
      <path d="M0-97V97M-97 0H97" class="cross" />
    </g>
    <g v-if="has('half-turn')" class="half-turn">
      <!-- Folded over along the line: the left half turns about it onto the right one. -->
      <path :d="slicePath(HALF_TURN.from, HALF_TURN.to, TINT)" :transform="`scale(${2 * fold - 1} 1)`" class="half" />
      <template v-if="fold === 1">
        <path :d="arcPath(HALF_TURN.from, HALF_TURN.to - 4, ARROW)" class="arrow" />
        <path :d="arrowHead" :transform="`rotate(${HALF_TURN.to - 94})`" class="head" />
        <circle :cx="0" :cy="-ARROW" r="2.6" class="head" />
      </template>
      <path d="M0-97V97" class="fold" />
    </g>
    <g v-if="has('hours-room')" class="room" :data-hour="room.hour">
      <path :d="slicePath(room.from, room.to, 90)" class="beyond" />
      <path :d="slicePath(room.from, roomSplit, 90)" class="inside" />
    </g>
    <g v-if="has('minute-trail')" class="trail" :data-count="trail.count">
      <path :d="trailBand" class="band" />
      <line
        v-for="mark in counted"
        :key="mark.angle"
        :x1="mark.from.x"
        :y1="mark.from.y"
        :x2="mark.to.x"
        :y2="mark.to.y"
        :class="{ five: mark.isFive }"
      />
    </g>
  </g>
</template>

<style scoped>
.odd {
  fill: var(--plum-tint);
}
.even {
  fill: var(--raised);
}
.cross {
  stroke: var(--plum);
  stroke-width: 1.1;
}
.half {
  fill: var(--half-turn);
}
.arrow {
  fill: none;
  stroke: var(--minute-hand);
  stroke-width: 2.2;
}
.head {
  fill: var(--minute-hand);
}
.fold {
  stroke: var(--minute-hand);
  stroke-width: 0.9;
  stroke-dasharray: 3.4 2.6;
}
.beyond {
  fill: var(--room-beyond);
}
.inside {
  fill: var(--room-inside);
}
.band {
  fill: var(--half-turn);
}
.trail line {
  stroke: var(--minute-hand);
  stroke-width: 0.6;
}
.trail line.five {
  stroke-width: 1.4;
}
</style>
