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
const FIVE_INNER = 81;
/** Where the arrow of the half turn runs: inside the marks, clear of them. */
const ARROW = 87.5;

/** A line along the mark of each minute from 1 on, as part of a path. */
const MARKS = Array.from({ length: 60 }, (_, i) => {
  const isFive = (i + 1) % 5 === 0;
  const [from, to] = [pointAt((i + 1) * 6, BAND.outer), pointAt((i + 1) * 6, isFive ? FIVE_INNER : BAND.inner)];
  return { isFive, d: `M${from.x.toFixed(2)} ${from.y.toFixed(2)}L${to.x.toFixed(2)} ${to.y.toFixed(2)}` };
});
const marks = (from: number, to: number, fives: boolean): string =>
  MARKS.slice(from, to)
    .filter(({ isFive }) => isFive === fives)
    .map(({ d }) => d)
    .join('');

const has = (lens: Lens): boolean => lenses.includes(lens);
const room = computed(() => roomAt(hourAt));
const roomSplit = computed(() => room.value.from + (room.value.to - room.value.from) * room.value.passed);
const trail = computed(() => minuteTrail(minuteAt, since));
const trailBand = computed(() =>
  trail.value.to - trail.value.from > 0.5
    ? ringBrickPath(trail.value.from, Math.min(trail.value.to, trail.value.from + 359.9), BAND.inner, BAND.outer, 0)
    : '',
);
/**
 * Marks counted so far, the fives reaching further in so that they can be counted too. What is full stays as it is for five
 * minutes; only the few ones after it change as the hand turns.
 */
const full = computed(() => Math.floor(trail.value.count / 5) * 5);
const fives = computed(() => marks(0, full.value, true));
const onesBefore = computed(() => marks(0, full.value, false));
const onesNow = computed(() => marks(full.value, trail.value.count, false));
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
      <g :transform="`rotate(${trail.from})`">
        <path :d="onesBefore" class="ones" />
        <path :d="onesNow" class="ones" />
        <path :d="fives" class="fives" />
      </g>
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
.ones,
.fives {
  stroke: var(--minute-hand);
  stroke-width: 0.6;
}
.fives {
  stroke-width: 1.4;
}
</style>
