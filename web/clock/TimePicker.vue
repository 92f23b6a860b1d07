<!-- The time wheel to pick from: a ring for each kind of time, a brick where the hour hand points. Bricks that keep the rules are filled. -->
<script setup lang="ts">
import { computed } from 'vue';
import { handAngles, hourOf, type DialTime } from '../../core/clock/index.ts';
import { pointAt, ringBrickPath } from '../../core/face/index.ts';
import { groupOfTime, TIME_GROUPS } from '../../core/sets/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../stores/useClockWords.ts';

interface Pickable {
  readonly time: DialTime;
  readonly breaks: readonly unknown[];
}
const { suggestions, current, label } = defineProps<{
  suggestions: readonly Pickable[];
  /** The time that stands there now. */
  current: DialTime;
  label: string;
}>();
const picked = defineModel<DialTime | undefined>();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

/** Groups that have a ring: twelve bricks each. Five-minute times are too many for a wheel and stand in a list. */
const RINGED = new Set(['oclock', 'half-past', 'quarter-past', 'quarter-to']);
const OUTER = 100;
const DEPTH = 23;
const GAP = 3;
const groups = computed(() =>
  TIME_GROUPS.filter((group) => RINGED.has(group) && suggestions.some(({ time }) => groupOfTime(time) === group)),
);
const bricks = computed(() =>
  groups.value.flatMap((group, ring) => {
    const outer = OUTER - ring * (DEPTH + GAP);
    return [...suggestions, { time: current, breaks: [] }]
      .filter(({ time }) => groupOfTime(time) === group)
      .map(({ time, breaks }) => {
        const angle = handAngles(time).hour;
        return {
          time,
          breaks: breaks.length > 0,
          isCurrent: time === current,
          path: ringBrickPath(angle - 15, angle + 15, outer - DEPTH, outer, GAP),
          at: pointAt(angle, outer - DEPTH / 2),
          text: time % 60 === 0 ? String(hourOf(time)) : clock.written(time),
        };
      });
  }),
);
/** The time that stands there cannot be swapped for itself. */
const pick = (brick: { readonly time: DialTime; readonly isCurrent: boolean }): void => {
  if (!brick.isCurrent) picked.value = brick.time;
};
const listed = computed(() => suggestions.filter(({ time }) => !RINGED.has(groupOfTime(time))).slice(0, 24));
</script>

<template>
  <div class="picker">
    <svg v-if="bricks.length > 0" viewBox="-102 -102 204 204" role="group" :aria-label="label">
      <g
        v-for="brick in bricks"
        :key="brick.time"
        role="button"
        tabindex="0"
        :aria-label="clock.said(brick.time)"
        :aria-pressed="brick.time === picked"
        class="brick"
        :class="{ breaks: brick.breaks, picked: brick.time === picked, current: brick.isCurrent }"
        :aria-disabled="brick.isCurrent"
        @click="pick(brick)"
        @keydown.enter.prevent="pick(brick)"
        @keydown.space.prevent="pick(brick)"
      >
        <path :d="brick.path" />
        <text :x="brick.at.x" :y="brick.at.y" :class="{ small: brick.text.length > 2 }">{{ brick.text }}</text>
      </g>
      <text y="0" class="centre">{{ clock.written(current) }}</text>
    </svg>
    <div v-if="listed.length > 0" class="list">
      <button
        v-for="{ time, breaks } in listed"
        :key="time"
        type="button"
        class="time-type chip"
        :class="{ breaks: breaks.length > 0, picked: time === picked }"
        :aria-pressed="time === picked"
        @click="picked = time"
      >
        {{ clock.written(time) }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.picker {
  width: 320px;
}
svg {
  display: block;
  width: 320px;
  height: 320px;
}
.brick {
  cursor: pointer;
}
.brick path {
  fill: var(--plum-chosen);
}
.brick.breaks path {
  fill: var(--raised);
  stroke: var(--pebble);
  stroke-width: 0.8;
  stroke-dasharray: 2.5 2;
}
.brick:hover path,
.brick:focus-visible path {
  stroke: var(--plum);
  stroke-width: 2.4;
  stroke-dasharray: none;
}
.brick:focus {
  outline: none;
}
.brick.current {
  cursor: default;
}
.brick.current path {
  fill: var(--sand);
  stroke: none;
}
.brick.current text {
  fill: var(--quiet);
}
.brick.picked path {
  fill: var(--plum);
}
.brick.picked text {
  fill: #fff;
}
text {
  font:
    700 14px 'Andika',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--ink);
  pointer-events: none;
}
text.small {
  font-size: 9.5px;
}
.centre {
  font-size: 17px;
}
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.chip {
  min-height: 40px;
  padding: 0 12px;
  border-radius: 999px;
  background: var(--plum-chosen);
}
.chip.breaks {
  background: var(--raised);
  box-shadow: inset 0 0 0 1px var(--pebble);
}
.chip.picked {
  background: var(--plum);
  color: #fff;
}
</style>
